package jomble.drawing.ink;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.CRC32;

/**
 * A drawing before it is framed: shapes and lines in the order they lie on each other.
 *
 * <p>Framing decides the scale, and with it the width of the lines, which is the same in every frame of one size. The same
 * drawing gives the same text. Ids are made from the content, so that drawings can stand on one page: equal ids name equal things.
 */
public final class Sheet {
    /** Stands in the text for what all ids begin with, until the whole content is known. */
    private static final String ID = "\u0001";

    private record Mark(Outline outline, Paint fill, String stroke, Weight weight) {}

    private final List<Mark> marks = new ArrayList<>();

    /** A filled shape with its outline and whatever the cloth's surface shows. */
    public void shape(Outline outline, Fabric fabric) {
        cloth(outline, fabric, fabric.outline());
    }

    /** A part set on a garment, such as a pocket: outlined in the ink that shows on the cloth. */
    public void part(Outline outline, Fabric fabric) {
        cloth(outline, fabric, fabric.edge());
    }

    private void cloth(Outline outline, Fabric fabric, String stroke) {
        shape(outline, fabric.paint(), stroke);
        if (fabric.surface() != null) {
            fill(outline, fabric.surface());
        }
        if (fabric.light() != null) {
            fill(outline, fabric.light());
        }
    }

    /** A part and its mirror image. */
    public void parts(Outline outline, Fabric fabric) {
        part(outline, fabric);
        part(outline.mirrored(), fabric);
    }

    /** A shape and its mirror image. */
    public void pair(Outline outline, Fabric fabric) {
        shape(outline, fabric);
        shape(outline.mirrored(), fabric);
    }

    public void shape(Outline outline, Paint fill, String stroke) {
        marks.add(new Mark(outline, fill, stroke, Weight.OUTLINE));
    }

    public void fill(Outline outline, Paint fill) {
        marks.add(new Mark(outline, fill, null, Weight.NONE));
    }

    public void line(Outline outline, String stroke, Weight weight) {
        marks.add(new Mark(outline, Paint.NONE, stroke, weight));
    }

    /** A line and its mirror image. */
    public void lines(Outline outline, String stroke, Weight weight) {
        line(outline, stroke, weight);
        line(outline.mirrored(), stroke, weight);
    }

    /** Everything on another sheet, scaled and moved. */
    public void add(Sheet other, double scale, double dx, double dy) {
        for (Mark mark : other.marks) {
            marks.add(new Mark(mark.outline.mapped(scale, scale, dx, dy), mark.fill, mark.stroke, mark.weight));
        }
    }

    public boolean isEmpty() {
        return marks.isEmpty();
    }

    /** Left, top, right and bottom of all there is. */
    public double[] bounds() {
        double[] box = {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (Mark mark : marks) {
            double[] own = mark.outline.bounds();
            box[0] = Math.min(box[0], own[0]);
            box[1] = Math.min(box[1], own[1]);
            box[2] = Math.max(box[2], own[2]);
            box[3] = Math.max(box[3], own[3]);
        }
        return box;
    }

    /**
     * The drawing as large as it goes in the middle of a frame.
     *
     * @param margin left free on every side, in units of the frame
     * @param mostScale units of the frame to one of the figure, at most
     */
    public String fitted(
            double width, double height, double margin, double mostScale, String title, String description) {
        double[] box = bounds();
        double scale = Math.min(
                mostScale,
                Math.min((width - 2 * margin) / (box[2] - box[0]), (height - 2 * margin) / (box[3] - box[1])));
        double dx = width / 2 - scale * (box[0] + box[2]) / 2;
        double dy = height / 2 - scale * (box[1] + box[3]) / 2;
        return new Frame(width, height, scale, dx, dy, false).of(this, title, description);
    }

    /**
     * A frame.
     *
     * @param scale units of the frame to one of the drawing
     * @param dx where the drawing's x of 0 lies
     * @param dy where its y of 0 lies
     * @param stretches whether it fills whatever box it is shown in, proportions or not
     */
    public record Frame(double width, double height, double scale, double dx, double dy, boolean stretches) {
        /** The drawing in this frame, a whole SVG document. */
        public String of(Sheet sheet, String title, String description) {
            return sheet.framed(this, title, description);
        }
    }

    private String framed(Frame frame, String title, String description) {
        double scale = frame.scale;
        Map<Object, String> defined = new LinkedHashMap<>();
        StringBuilder definitions = new StringBuilder();
        StringBuilder body = new StringBuilder();
        for (Mark mark : marks) {
            write(body, mark, scale, reference(mark.fill, scale, defined, definitions));
        }
        String drawing = (definitions.length() == 0 ? "" : "<defs>" + definitions + "</defs>")
                + "<g transform=\"matrix(" + ratio(scale) + " 0 0 " + ratio(scale) + " " + Numbers.tenths(frame.dx)
                + " "
                + Numbers.tenths(frame.dy) + ")\" stroke-linejoin=\"round\" stroke-linecap=\"round\" fill=\"none\">"
                + body
                + "</g>";
        CRC32 sum = new CRC32();
        sum.update(drawing.getBytes(StandardCharsets.UTF_8));
        String id = "d" + Long.toString(sum.getValue(), Character.MAX_RADIX) + "-";
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + Numbers.tenths(frame.width) + " "
                + Numbers.tenths(frame.height) + (frame.stretches ? "\" preserveAspectRatio=\"none" : "")
                + "\" role=\"img\"><title>" + escape(title) + "</title><desc>"
                + escape(description) + "</desc>" + drawing.replace(ID, id) + "</svg>";
    }

    private static String ratio(double scale) {
        return String.valueOf(Math.round(scale * 1000) / 1000.0);
    }

    /** What the fill attribute says, with a definition made for it the first time. */
    private static String reference(Paint fill, double scale, Map<Object, String> defined, StringBuilder definitions) {
        Object pattern = fill.tile() != null ? fill.tile() : fill.gradient();
        if (pattern == null) {
            return fill.colour();
        }
        String known = defined.get(pattern);
        if (known == null) {
            String id = ID + Integer.toString(defined.size(), Character.MAX_RADIX);
            definitions.append(fill.tile() != null ? tile(id, fill.tile(), scale) : gradient(id, fill.gradient()));
            known = "url(#" + id + ")";
            defined.put(pattern, known);
        }
        return known;
    }

    private static String tile(String id, Tile tile, double scale) {
        String turn = tile.turnDegrees() == 0 ? "" : "rotate(" + Numbers.tenths(tile.turnDegrees()) + ")";
        return "<pattern id=\"" + id + "\" width=\"" + Numbers.tenths(tile.width()) + "\" height=\""
                + Numbers.tenths(tile.height()) + "\" patternUnits=\"userSpaceOnUse\" patternTransform=\"scale("
                + Numbers.hundredths(tile.scaleAt(scale)) + ")" + turn + "\">" + tile.content() + "</pattern>";
    }

    private static String gradient(String id, Paint.Gradient gradient) {
        return "<linearGradient id=\"" + id + "\"" + (gradient.down() ? " x2=\"0\" y2=\"1\"" : "") + ">"
                + gradient.stops() + "</linearGradient>";
    }

    private static void write(StringBuilder body, Mark mark, double scale, String fill) {
        body.append("<path d=\"").append(mark.outline.data()).append('"');
        if (!fill.equals("none")) {
            body.append(" fill=\"").append(fill).append('"');
            if (mark.fill.opacity() < 1) {
                body.append(" fill-opacity=\"")
                        .append(Numbers.hundredths(mark.fill.opacity()))
                        .append('"');
            }
        }
        if (mark.stroke != null && mark.weight != Weight.NONE) {
            body.append(" stroke=\"")
                    .append(mark.stroke)
                    .append("\" stroke-width=\"")
                    .append(Numbers.hundredths(mark.weight.width / scale))
                    .append('"');
            if (mark.weight == Weight.STITCH) {
                String dash = Numbers.hundredths(2.2 / scale);
                body.append(" stroke-dasharray=\"")
                        .append(dash)
                        .append(' ')
                        .append(dash)
                        .append('"');
            }
        }
        body.append("/>");
    }

    public static String escape(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
