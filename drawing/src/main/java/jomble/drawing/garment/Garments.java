package jomble.drawing.garment;

import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** Which way each piece is drawn. */
public final class Garments {
    private Garments() {}

    public static Garment of(Piece piece) {
        return of(piece, piece.roles().isEmpty() ? Slot.EXTRA : piece.roles().get(0));
    }

    /** @param slot where it is worn: a scarf may be a belt */
    public static Garment of(Piece piece, Slot slot) {
        return switch (piece.kind().family()) {
            case BASE_LAYER, TOP, MID_LAYER, JACKET, COAT -> new UpperGarment(piece);
            case BOTTOM -> new LowerGarment(piece);
            case ONE_PIECE -> new OnePiece(piece);
            case DRAPE -> piece.kind().origin().id().equals("poncho") ? new UpperGarment(piece) : new Draped(piece);
            case SHOES -> new Shoe(piece);
            case LEGWEAR -> new Legwear(piece);
            case ACCESSORY -> accessory(piece, slot);
        };
    }

    private static Garment accessory(Piece piece, Slot slot) {
        return switch (piece.kind().origin().id()) {
            case "belt" -> new Belt(piece);
            case "braces" -> new Braces(piece);
            case "tote-bag", "shoulder-bag", "cross-body-bag", "clutch-bag", "rucksack", "belt-bag" -> new Bag(piece);
            case "felt-hat", "straw-hat", "beret", "knitted-hat" -> new Hat(piece);
            case "scarf", "neckerchief", "tie", "bow-tie" -> new Neckwear(piece, slot);
            case "short-gloves", "long-gloves" -> new Gloves(piece);
            default -> new Jewellery(piece);
        };
    }
}
