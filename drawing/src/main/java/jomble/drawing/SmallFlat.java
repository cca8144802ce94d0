package jomble.drawing;

import static jomble.drawing.UpperFlat.path;

import jomble.core.piece.Metal;
import jomble.core.piece.Piece;

/** Legwear and accessories. */
final class SmallFlat {
    private static final String STEEL = "#b9bcc2";
    private static final String GILT = "#c9a24a";

    private final Piece piece;
    private final Fabric fabric;

    SmallFlat(Piece piece) {
        this.piece = piece;
        this.fabric = new Fabric(piece);
    }

    void draw(Svg svg) {
        String fill = fabric.fill(svg);
        String out = fabric.outline();
        String line = fabric.line();
        switch (piece.kind().origin().id()) {
            case "socks" -> {
                svg.shape("M30 16L52 16L52 74Q54 84 72 92Q78 102 66 106Q46 106 34 92Q30 86 30 74Z", fill, out);
                svg.seam("M30 26L52 26M34 90Q44 84 50 80", line, false);
            }
            case "sheer-tights", "opaque-tights", "wool-tights" -> {
                svg.shape("M32 10L64 10L66 40L62 108L52 112L49 46L47 46L44 112L34 108L30 40Z", fill, out);
                svg.seam("M32 16L64 16", line, false);
            }
            case "belt" -> belt(svg, fill, out);
            case "tote-bag" -> {
                svg.seam("M32 50Q32 20 48 20Q64 20 64 50", out, false);
                svg.shape("M20 46L76 46L80 108L16 108Z", fill, out);
                svg.seam("M20 52L76 52", line, true);
            }
            case "cross-body-bag", "shoulder-bag", "belt-bag" -> {
                svg.seam("M24 60Q20 10 48 10Q76 10 72 60", out, false);
                svg.shape("M20 58L76 58L76 102Q76 106 72 106L24 106Q20 106 20 102Z", fill, out);
                svg.shape("M20 58L76 58L74 80Q48 90 22 80Z", fill, out);
                svg.raw("<rect x=\"44\" y=\"80\" width=\"8\" height=\"7\" fill=\"%s\"/>".formatted(metal()));
            }
            case "clutch-bag" -> {
                svg.shape("M14 48L82 48L82 92L14 92Z", fill, out);
                svg.seam("M14 48L48 74L82 48", line, false);
            }
            case "rucksack" -> {
                svg.shape("M26 40Q26 22 48 22Q70 22 70 40L74 108L22 108Z", fill, out);
                svg.seam("M32 74L64 74L64 98L32 98ZM26 46L70 46", line, true);
            }
            case "felt-hat", "straw-hat" -> {
                svg.shape("M8 78Q48 94 88 78Q84 92 48 94Q12 92 8 78Z", fill, out);
                svg.shape("M28 80Q26 42 48 42Q70 42 68 80Q48 88 28 80Z", fill, out);
                svg.seam("M28 74Q48 82 68 74", line, false);
            }
            case "beret" -> svg.shape("M16 66Q20 40 54 42Q86 46 80 64Q76 74 48 74Q18 76 16 66Z", fill, out);
            case "knitted-hat" -> {
                svg.shape("M24 78Q22 36 48 34Q74 36 72 78Z", fill, out);
                svg.shape("M22 78L74 78L74 92L22 92Z", fill, out);
                svg.seam("M32 78L32 92M42 78L42 92M52 78L52 92M62 78L62 92", line, false);
            }
            case "scarf", "neckerchief", "stole", "shawl" -> {
                svg.shape("M26 18Q48 40 70 18L78 30Q60 54 58 56L62 110L44 112L42 58Q22 46 18 30Z", fill, out);
                svg.seam("M42 58Q50 54 58 56M44 106L62 104", line, false);
            }
            case "tie" -> svg.shape("M40 12L56 12L54 24L60 92L48 110L36 92L42 24Z", fill, out);
            case "bow-tie" -> svg.shape("M48 60L18 46L18 76ZM48 60L78 46L78 76Z", fill, out);
            case "watch" -> {
                svg.shape("M40 12L56 12L56 108L40 108Z", fabric.ground(), out);
                svg.raw(
                        "<circle cx=\"48\" cy=\"60\" r=\"17\" fill=\"%s\" stroke=\"%s\" stroke-width=\"1.6\"/><circle cx=\"48\" cy=\"60\" r=\"12\" fill=\"#fbfbfb\"/>"
                                .formatted(metal(), out));
                svg.seam("M48 60L48 51M48 60L54 63", "#17181a", false);
            }
            case "necklace" -> {
                svg.seam("M22 20Q26 74 48 80Q70 74 74 20", metal(), false);
                svg.raw("<circle cx=\"48\" cy=\"86\" r=\"6\" fill=\"%s\" stroke=\"%s\"/>".formatted(metal(), out));
            }
            case "earrings" ->
                svg.raw(
                        "<circle cx=\"34\" cy=\"60\" r=\"8\" fill=\"%1$s\" stroke=\"%2$s\"/><circle cx=\"62\" cy=\"60\" r=\"8\" fill=\"%1$s\" stroke=\"%2$s\"/>"
                                .formatted(metal(), out));
            case "bracelet", "ring" ->
                svg.raw(
                        "<ellipse cx=\"48\" cy=\"60\" rx=\"28\" ry=\"18\" fill=\"none\" stroke=\"%s\" stroke-width=\"6\"/>"
                                .formatted(metal()));
            case "short-gloves", "long-gloves" -> {
                svg.shape(
                        "M34 112L34 62L26 50L32 44L40 54L38 16L45 16L47 44L48 10L55 10L56 44L60 16L66 18L64 62L62 112Z",
                        fill,
                        out);
                svg.seam("M34 92L62 92", line, false);
            }
            case "pocket-square" -> svg.shape("M26 40L48 22L70 40L64 92L32 92Z", fill, out);
            case "sunglasses" -> {
                svg.shape("M12 56Q12 50 26 50Q42 50 42 58Q42 74 27 74Q12 74 12 56Z", fill, out);
                svg.shape("M54 58Q54 50 70 50Q84 50 84 56Q84 74 69 74Q54 74 54 58Z", fill, out);
                svg.seam("M42 57Q48 53 54 57", out, false);
            }
            default ->
                svg.shape(path("M%s 44Q48 %s %s 44Q72 76 48 92Q24 76 %s 44Z", 28.0, 30.0, 68.0, 28.0), metal(), out);
        }
    }

    private void belt(Svg svg, String fill, String out) {
        svg.shape("M14 40Q48 26 82 40L82 52Q48 38 14 52Z", fill, out);
        svg.shape("M14 40Q10 70 34 82L40 72Q24 66 24 48Z", fill, out);
        svg.shape("M82 40Q88 72 56 84L40 84L40 72L56 72Q74 66 72 48Z", fill, out);
        svg.raw("<rect x=\"30\" y=\"68\" width=\"14\" height=\"20\" fill=\"none\" stroke=\"%s\" stroke-width=\"3\"/>"
                .formatted(metal()));
    }

    private String metal() {
        Metal metal = piece.metal();
        return switch (metal) {
            case GOLD, BRASS, MIXED -> GILT;
            case ROSE_GOLD -> "#cf9a86";
            case GUNMETAL -> "#55585e";
            case SILVER, NONE -> STEEL;
        };
    }
}
