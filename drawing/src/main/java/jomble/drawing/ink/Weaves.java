package jomble.drawing.ink;

import java.util.Set;
import jomble.core.piece.Cloth;
import jomble.core.piece.Piece;

/** What a cloth's surface shows beside its colours: ribs, wales, twill, flecks, cables, and how it takes the light. */
final class Weaves {
    /** Kinds whose quilting is drawn as rows, seam by seam. */
    private static final Set<String> ROWED = Set.of("down-coat", "padded-sleeveless-jacket");

    private Weaves() {}

    /** The texture as half-transparent lines, always of the same size in the frame; null for a smooth cloth. */
    static Paint of(Piece piece, boolean dark) {
        String ink = dark ? "#fff" : "#000";
        String shine = dark ? "#000" : "#fff";
        return switch (piece.cloth()) {
            case RIB -> tile(2.6, 2.6, lines("M.6 0V2.6", ink, 0.5, 0.22));
            case FINE_KNIT -> tile(1.8, 1.8, lines("M.4 0V1.8", ink, 0.3, 0.13));
            case JERSEY -> tile(2.4, 2.4, lines("M.2 .6L.8 1.2M1.6 .6L1 1.2", ink, 0.3, 0.14));
            case CREPE ->
                tile(3.6, 3.6, lines("M0 .8Q.9 .2 1.8 .8T3.6 .8M0 2.6Q.9 3.2 1.8 2.6T3.6 2.6", ink, 0.3, 0.16));
            case WORSTED -> tile(1.8, 1.8, lines("M-.4 1.2L1.2 -.4M.6 2.2L2.2 .6", ink, 0.25, 0.14));
            case VELVET -> tile(4, 4, lines("M.6 .4V1.2M2.4 1.6V2.4M1.4 3V3.8", shine, 0.5, 0.2));
            case RUBBER -> tile(14, 14, lines("M2 0V14", shine, 1.2, 0.2));
            case LEATHER ->
                tile(6, 6, lines("M.6 1L1.2 1.6M3.6 .8L4.4 1.2M2 3.8L2.8 4.2M4.8 4.2L5.2 5", ink, 0.4, 0.24));
            case MOLESKIN -> tile(2.6, 2.6, lines("M.4 .4V1.3M1.7 1.7V2.6", ink, 0.5, 0.2));
            case CABLE_KNIT ->
                tile(
                        11,
                        9,
                        lines("M2 0Q9 2.2 5.5 4.5T9 9M9 0Q7.6 2.4 6.4 3.2M4.4 5.4Q2.4 7 2 9", ink, 0.8, 0.34)
                                + lines("M.4 0V9M10.6 0V9", ink, 0.5, 0.28));
            case CHUNKY_KNIT -> tile(4.4, 3.6, lines("M.3 .4L2.2 2.2M2.2 2.2L4.1 .4", ink, 0.55, 0.17));
            case CORDUROY -> tile(2, 2, lines("M.5 0V2", ink, 0.6, 0.26) + lines("M1.3 0V2", shine, 0.4, 0.12));
            case DENIM -> tile(2, 2, lines("M-.5 1.5L1.5 -.5M.5 2.5L2.5 .5", dark ? "#fff" : "#123", 0.45, 0.18));
            case TWILL -> tile(2.2, 2.2, lines("M-.5 1.5L1.5 -.5M.6 2.8L2.8 .6", ink, 0.3, 0.1));
            case CANVAS -> tile(2.2, 2.2, lines("M0 .5H2.2M.5 0V2.2", ink, 0.3, 0.12));
            case LINEN, SEERSUCKER ->
                piece.cloth() == Cloth.LINEN
                        ? tile(7, 5, lines("M0 1H4M3 3.5H7M1.5 0V3M5.5 2V5", ink, 0.4, 0.16))
                        : tile(3.2, 3.2, lines("M.8 0Q1.6 .8 .8 1.6T.8 3.2", ink, 0.6, 0.2));
            case TWEED ->
                tile(
                        6,
                        6,
                        lines(
                                        "M.6 1.2L1.6 .6M3.6 .8L4.4 1.6M1.4 3.4L2.4 4M4.8 3.2L5.6 2.6M2.8 5.4L3.8 4.8",
                                        ink,
                                        0.6,
                                        0.34)
                                + lines("M2.2 2.2L3 2.6M5 5L5.6 5.4M.6 4.6L1 5.4", shine, 0.6, 0.42));
            case FLANNEL -> tile(5, 5, lines("M.4 1H1.8M3 2.4H4.4M1.4 4H2.8", ink, 0.6, 0.2));
            case BOUCLE ->
                tile(
                        5,
                        5,
                        lines(
                                "M1 1.2A.7.7 0 1 1 1 1.3M3.4 3.4A.8.8 0 1 1 3.4 3.5M3.6 .8A.5.5 0 1 1 3.6 .9M1 4A.5.5 0 1 1 1 4.1",
                                ink,
                                0.45,
                                0.32));
            case FLEECE, SUEDE -> tile(3, 3, lines("M.4 .6L.8 .9M1.9 2L2.3 2.3", ink, 0.45, 0.18));
            case QUILTED ->
                ROWED.contains(piece.kind().origin().id())
                        ? null
                        : tile(9, 9, lines("M0 0L9 9M9 0L0 9", ink, 0.5, 0.3));
            case LACE ->
                tile(
                        8,
                        8,
                        lines(
                                "M2 2A1.4 1.4 0 1 1 2 2.1M6 6A1.4 1.4 0 1 1 6 6.1M3.4 2H8M2 3.4V8M0 6H4.6M6 0V4.6",
                                ink,
                                0.45,
                                0.42));
            case STRAW -> tile(4, 4, lines("M0 1H2M0 2H2M2 3H4M2 4H4M1 2V4M3 0V2", ink, 0.5, 0.26));
            default -> null;
        };
    }

    private static Paint tile(double width, double height, String content) {
        return Paint.of(new Tile(width, height, 0, 1, 0, content), 1);
    }

    private static String lines(String data, String ink, double width, double opacity) {
        return "<path d=\"" + data + "\" fill=\"none\" stroke=\"" + ink + "\" stroke-width=\""
                + Numbers.hundredths(width) + "\" stroke-opacity=\"" + Numbers.hundredths(opacity) + "\"/>";
    }

    /**
     * Bands of light across a shape, for lustre.
     *
     * @param sheen 0 matte to 3 metallic
     */
    static Paint light(Cloth cloth, int sheen, boolean dark) {
        if (sheen == 0 && cloth != Cloth.VELVET) {
            return null;
        }
        double most = (dark ? 0.2 : 0.34) + 0.08 * sheen;
        double shadow = dark ? 0.12 : 0.05 + 0.03 * sheen;
        String stops = sheen <= 1
                ? light(0, 0) + light(0.25, most * 0.55) + light(0.45, 0) + light(1, 0)
                : dark(0, shadow)
                        + light(0.18, most)
                        + dark(0.36, shadow)
                        + light(0.62, most * 0.8)
                        + dark(0.8, shadow)
                        + light(1, most * 0.3);
        return Paint.of(new Paint.Gradient(false, stops));
    }

    private static String light(double offset, double opacity) {
        return stop(offset, "#fff", opacity);
    }

    private static String dark(double offset, double opacity) {
        return stop(offset, "#000", opacity);
    }

    private static String stop(double offset, String colour, double opacity) {
        return "<stop offset=\"" + Numbers.hundredths(offset) + "\" stop-color=\"" + colour + "\" stop-opacity=\""
                + Numbers.hundredths(opacity) + "\"/>";
    }
}
