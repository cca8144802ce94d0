package jomble.drawing;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.zip.CRC32;

/**
 * Writes a small SVG document. Numbers have one decimal; the same calls give the same text. Ids are made from the content, so
 * that drawings can stand on one page: equal ids name equal things.
 */
final class Svg {
    /** Stands in the text for what all ids begin with, until the whole content is known. */
    private static final String ID = "\u0001";

    private final StringBuilder body = new StringBuilder();
    private final String open;
    private int patterns;

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

    /**
     * Defines a pattern that repeats every {@code size} units both ways.
     *
     * @return what to fill with
     */
    String pattern(double size, String content) {
        String id = ID + patterns++;
        body.append(String.format(
                Locale.ROOT,
                "<pattern id=\"%s\" width=\"%.1f\" height=\"%.1f\" patternUnits=\"userSpaceOnUse\">%s</pattern>",
                id,
                size,
                size,
                content));
        return "url(#" + id + ")";
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
        CRC32 sum = new CRC32();
        sum.update(body.toString().getBytes(StandardCharsets.UTF_8));
        String id = "d" + Long.toString(sum.getValue(), Character.MAX_RADIX) + "-";
        return open + body.toString().replace(ID, id) + "</svg>";
    }
}
