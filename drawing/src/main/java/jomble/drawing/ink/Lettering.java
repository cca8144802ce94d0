package jomble.drawing.ink;

/** A measured drawing: rules, boxes and numbers in the type of the page it stands on. */
public final class Lettering {
    private static final double HATCH = 4;

    private final double width;
    private final double height;
    private final StringBuilder body = new StringBuilder();

    public Lettering(double width, double height) {
        this.width = width;
        this.height = height;
    }

    /** @param dashes lengths of dash and gap, or null for a whole line */
    public void line(double x1, double y1, double x2, double y2, String ink, double weight, String dashes) {
        body.append("<path d=\"M")
                .append(point(x1, y1))
                .append('L')
                .append(point(x2, y2))
                .append("\" stroke=\"")
                .append(ink)
                .append("\" stroke-width=\"")
                .append(Numbers.tenths(weight))
                .append('"');
        if (dashes != null) {
            body.append(" stroke-dasharray=\"").append(dashes).append('"');
        }
        body.append("/>");
    }

    public void box(double x, double y, double boxWidth, double boxHeight, String ink) {
        if (boxWidth > 0) {
            body.append(Prints.rect(x, y, boxWidth, boxHeight, ink));
        }
    }

    /** A box of slanting lines. */
    public void hatched(double x, double y, double boxWidth, double boxHeight, String ink) {
        if (boxWidth <= 0) {
            return;
        }
        body.append("<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" fill=\"none\" stroke=\"%s\"/>"
                .formatted(
                        Numbers.tenths(x),
                        Numbers.tenths(y),
                        Numbers.tenths(boxWidth),
                        Numbers.tenths(boxHeight),
                        ink));
        for (double at = HATCH; at < boxWidth + boxHeight; at += HATCH) {
            double down = Math.min(at, boxHeight);
            double back = Math.max(0, at - boxWidth);
            line(x + at - down, y + down, x + at - back, y + back, ink, 0.8, null);
        }
    }

    /** @param anchor start, middle or end */
    public void text(double x, double y, String words, String anchor, String ink, double size, boolean strong) {
        body.append("<text x=\"")
                .append(Numbers.tenths(x))
                .append("\" y=\"")
                .append(Numbers.tenths(y))
                .append("\" text-anchor=\"")
                .append(anchor)
                .append("\" font-size=\"")
                .append(Numbers.tenths(size))
                .append("\" fill=\"")
                .append(ink)
                .append('"')
                .append(strong ? " font-weight=\"600\"" : "")
                .append('>')
                .append(Sheet.escape(words))
                .append("</text>");
    }

    private static String point(double x, double y) {
        return Numbers.tenths(x) + " " + Numbers.tenths(y);
    }

    /** A whole SVG document. */
    public String document(String title) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + Numbers.tenths(width) + " "
                + Numbers.tenths(height) + "\" role=\"img\" fill=\"none\"><title>" + Sheet.escape(title) + "</title>"
                + body
                + "</svg>";
    }
}
