package jomble.drawing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jomble.core.colour.Colour;
import jomble.core.document.InventoryTable;
import jomble.core.piece.Attribute;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;

/**
 * All that a drawing shows of a piece, spelled out: its shipped kind and the attributes that are drawn, each in the plain
 * text of the inventory table. Pieces that look the same have equal looks, and a look is enough to draw from.
 */
public final class Look {
    private static final List<Attribute<?>> DRAWN = List.of(
            Attribute.COLOURS,
            Attribute.PATTERN,
            Attribute.PATTERN_SCALE,
            Attribute.CLOTH,
            Attribute.CLOTH_WEIGHT,
            Attribute.SHEERNESS,
            Attribute.SHEEN,
            Attribute.TEXTURE,
            Attribute.FIT,
            Attribute.SHAPE,
            Attribute.HEM,
            Attribute.RISE,
            Attribute.NECKLINE,
            Attribute.SLEEVE,
            Attribute.SLEEVE_VOLUME,
            Attribute.OPENING,
            Attribute.CONSTRUCTION,
            Attribute.METAL,
            Attribute.SHOW,
            Attribute.HEEL_CM,
            Attribute.HEEL_TYPE,
            Attribute.TOE,
            Attribute.SHAFT,
            Attribute.SHAFT_FIT,
            Attribute.DENIER,
            Attribute.DETAILS);

    /** What a pattern is tried out in, and what a piece is drawn in as long as nobody has said its colour. */
    private static final ColourShare CALICO = new ColourShare(Colour.of("#e9e6df"), 1);

    private Look() {}

    /** The look by column of the inventory table: {@code kind=shirt, colours=#ffffff}; what is usual for the kind is left out. */
    public static Map<String, String> of(Piece piece) {
        Map<Attribute<?>, Object> set = new LinkedHashMap<>(piece.kind().changes());
        set.putAll(piece.set());
        set.keySet().retainAll(DRAWN);
        if (piece.isColourOpen()) {
            set.put(Attribute.COLOURS, List.of(CALICO));
        }
        Piece bare = Piece.of(piece.id(), piece.kind().origin(), set);
        List<String> cells = InventoryTable.write(bare);
        Map<String, String> look = new LinkedHashMap<>();
        for (int i = 1; i < cells.size(); i++) {
            if (!cells.get(i).isEmpty()) {
                look.put(InventoryTable.columns().get(i), cells.get(i));
            }
        }
        return look;
    }

    /**
     * A piece of that look.
     *
     * @throws jomble.core.tree.InvalidInputException naming the columns that cannot be accepted
     */
    public static Piece piece(Map<String, String> look) {
        Map<String, String> known = look.entrySet().stream()
                .filter(cell -> InventoryTable.columns().contains(cell.getKey()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        return InventoryTable.read(known, "p", Kinds.shipped());
    }
}
