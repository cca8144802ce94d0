package jomble.drawing;

import java.util.Locale;

/** Writes a small SVG document. Numbers have one decimal; the same calls give the same text. */
final class Svg {
    private final StringBuilder body = new StringBuilder();
    private final String open;

    Svg(double width, double height, String title) {
        open = String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %.0f %.0f\" role=\"img\"><title>%s</title>",
                width,
                height,
                escape(title));
    }

    static String escape(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    void raw(String element) {
        body.append(element);
    }

    /** @param path with {@code %} escapes already filled */
    void shape(String path, String fill, String line) {
        body.append("<path d=\"")
                .append(path)
                .append("\" fill=\"")
                .append(fill)
                .append("\" stroke=\"")
                .append(line)
                .append("\" stroke-width=\"1.4\" stroke-linejoin=\"round\"/>");
    }

    /** An inner line: a seam, or a row of stitching when dashed. */
    void seam(String path, String line, boolean dashed) {
        body.append("<path d=\"")
                .append(path)
                .append("\" fill=\"none\" stroke=\"")
                .append(line)
                .append("\" stroke-width=\"1\" stroke-linecap=\"round\"")
                .append(dashed ? " stroke-dasharray=\"2 2\"" : "")
                .append("/>");
    }

    @Override
    public String toString() {
        return open + body + "</svg>";
    }
}
