package jomble.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import jdk.jfr.Recording;
import jdk.jfr.consumer.RecordedEvent;
import jdk.jfr.consumer.RecordedFrame;
import jdk.jfr.consumer.RecordingFile;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.judgement.rule.Catalogue;

/** Samples where a count spends its time and draws it as a flame graph; a method that calls itself is drawn once. */
public final class CountingProfile {
    private static final int PIECES = 400;
    private static final int WARM_RUNS = 6;
    private static final int RUNS = 8;
    private static final Duration BETWEEN_SAMPLES = Duration.ofMillis(10);
    private static final int WIDTH = 1200;
    private static final int ROW = 17;
    private static final int LETTER = 6;
    private static final double LEAST_SHARE = 0.004;
    private static final List<String> SHADES = List.of("#e8dcc8", "#dfc9ad", "#ecd3b8", "#e3d2bb");

    private CountingProfile() {}

    /** A method, how often it was met on the way there, and what it calls. */
    private static final class Frame {
        private final String name;
        private final Map<String, Frame> calls = new TreeMap<>();
        private int samples;

        Frame(String name) {
            this.name = name;
        }

        void add(List<String> stack) {
            samples++;
            if (!stack.isEmpty()) {
                calls.computeIfAbsent(stack.get(0), Frame::new).add(stack.subList(1, stack.size()));
            }
        }

        int depth() {
            return 1 + calls.values().stream().mapToInt(Frame::depth).max().orElse(0);
        }
    }

    /**
     * Counts, each time anew, and writes the picture.
     *
     * @param arguments the file to write, and the number of pieces if other than 400
     */
    public static void main(String[] arguments) throws IOException {
        int pieces = arguments.length > 1 ? Integer.parseInt(arguments[1]) : PIECES;
        CountQuestion question = SampleQuestions.of(pieces, Map.of());
        for (int i = 0; i < WARM_RUNS; i++) {
            CountingGrowth.count(new DiagramCounter(Catalogue.standard()), question);
        }
        Path recorded = Files.createTempFile("count", ".jfr");
        try (Recording recording = new Recording()) {
            recording.enable("jdk.ExecutionSample").withPeriod(BETWEEN_SAMPLES);
            recording.start();
            for (int i = 0; i < RUNS; i++) {
                CountingGrowth.count(new DiagramCounter(Catalogue.standard()), question);
            }
            recording.stop();
            recording.dump(recorded);
        }
        Frame all = new Frame("a count of %d pieces".formatted(pieces));
        for (RecordedEvent event : RecordingFile.readAllEvents(recorded)) {
            List<String> stack = stack(event);
            if (!stack.isEmpty()) {
                all.add(stack);
            }
        }
        Files.delete(recorded);
        Files.writeString(Path.of(arguments[0]), picture(all));
        System.out.printf("%d samples, %s%n", all.samples, arguments[0]);
    }

    /** The methods of the core from the outermost on, each once. */
    private static List<String> stack(RecordedEvent event) {
        if (event.getStackTrace() == null) {
            return List.of();
        }
        List<RecordedFrame> frames = new ArrayList<>(event.getStackTrace().getFrames());
        Collections.reverse(frames);
        Set<String> names = new LinkedHashSet<>();
        for (RecordedFrame frame : frames) {
            String type = frame.getMethod().getType().getName();
            String method = frame.getMethod().getName();
            if (type.startsWith("jomble.core.") && !type.contains("Lambda") && !method.contains("lambda")) {
                names.add(type.substring(type.lastIndexOf('.') + 1).replace('$', '.')
                        + (method.equals("<init>") ? " made" : "." + method));
            }
        }
        return List.copyOf(names);
    }

    private static String picture(Frame all) {
        int height = (all.depth() + 1) * ROW;
        StringBuilder svg = new StringBuilder()
                .append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" ".formatted(WIDTH, height))
                .append("font-family=\"monospace\" font-size=\"10\">\n")
                .append("<rect width=\"%d\" height=\"%d\" fill=\"#fbf8f3\"/>\n".formatted(WIDTH, height));
        draw(all, 0, WIDTH, height - ROW, all.samples, svg);
        return svg.append("</svg>\n").toString();
    }

    private static void draw(Frame frame, double x, double width, int y, int all, StringBuilder svg) {
        double share = (double) frame.samples / all;
        String shade = SHADES.get(Math.floorMod(frame.name.hashCode(), SHADES.size()));
        svg.append("<g><title>%s %.1f %%</title>".formatted(frame.name, 100 * share))
                .append("<rect x=\"%.1f\" y=\"%d\" width=\"%.1f\" height=\"%d\" fill=\"%s\" stroke=\"#fbf8f3\"/>"
                        .formatted(x, y, width, ROW - 1, shade));
        String label = "%s %.0f %%".formatted(frame.name, 100 * share);
        int room = (int) (width - LETTER) / LETTER;
        if (room > 4) {
            String shown = label.length() <= room ? label : label.substring(0, room - 1) + "…";
            svg.append("<text x=\"%.1f\" y=\"%d\" fill=\"#2b2622\">%s</text>".formatted(x + 3, y + ROW - 5, shown));
        }
        svg.append("</g>\n");
        double at = x;
        for (Frame called : frame.calls.values()) {
            double its = width * called.samples / frame.samples;
            if ((double) called.samples / all >= LEAST_SHARE) {
                draw(called, at, its, y - ROW, all, svg);
            }
            at += its;
        }
    }
}
