package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Adds up combinations: in all, per option and per pair of options.
 *
 * <p>Bodies are added one by one; of what is put on over them only how often each node was met is kept, and pushed down the diagram
 * once at the end.
 */
final class Tally {
    private final CountQuestion question;
    private final List<SlotPair> crossings;
    private final long[] perOption;
    private final List<Map<Option, Map<Option, long[]>>> crossed = new ArrayList<>();
    private long works;
    private long daring;

    Tally(CountQuestion question, Options options, List<SlotPair> crossings) {
        this.question = question;
        this.crossings = crossings;
        this.perOption = new long[options.all().size()];
        crossings.forEach(pair -> crossed.add(new LinkedHashMap<>()));
    }

    long works() {
        return works;
    }

    long daring() {
        return daring;
    }

    long of(Option option) {
        return perOption[option.index()];
    }

    /** For each crossing asked for, how often two options met. */
    List<Map<Option, Map<Option, long[]>>> crossed() {
        return crossed;
    }

    Map<SlotPair, List<Crossing>> perPair() {
        Map<SlotPair, List<Crossing>> perPair = new LinkedHashMap<>();
        for (int i = 0; i < crossings.size(); i++) {
            List<Crossing> cells = new ArrayList<>();
            crossed.get(i)
                    .forEach((a, row) -> row.forEach((b, n) -> cells.add(new Crossing(
                            a.pieces().get(0).id(), b.pieces().get(0).id(), n[0]))));
            perPair.put(crossings.get(i), cells);
        }
        return perPair;
    }

    /** Adds one combination that no rule would have let pass. */
    void addApproved(Option[] combination, boolean wasDaring) {
        works++;
        daring -= wasDaring ? 1 : 0;
        if (wasDaring && question.includeDaring()) {
            return;
        }
        for (Option option : combination) {
            if (option != null) {
                perOption[option.index()]++;
            }
        }
        for (int i = 0; i < crossings.size(); i++) {
            Option a = combination[crossings.get(i).first().ordinal()];
            Option b = combination[crossings.get(i).second().ordinal()];
            if (a != null && b != null) {
                cross(i, a, b, 1);
            }
        }
    }

    private void cross(int crossing, Option a, Option b, long n) {
        crossed.get(crossing).computeIfAbsent(a, o -> new LinkedHashMap<>()).computeIfAbsent(b, o -> new long[1])[0] +=
                n;
    }

    /** Starts with the bodies of a structure. */
    OfStructure of(Field.Search search) {
        return new OfStructure(search);
    }

    /** The bodies of one structure. */
    final class OfStructure {
        private final Diagram diagram;
        private final Tail tail;
        private final Hits hits = new Hits();
        /** For each crossing of a body slot with one put on over it, the nodes met by option of the body. */
        private final List<Map<Option, Hits>> hitsBy = new ArrayList<>();

        private final boolean[] reachesTail;

        OfStructure(Field.Search search) {
            this.diagram = search.diagram();
            this.tail = search.tail();
            this.reachesTail = new boolean[crossings.size()];
            for (int i = 0; i < reachesTail.length; i++) {
                hitsBy.add(new HashMap<>());
                boolean first = Tail.BODY.contains(crossings.get(i).first());
                boolean second = Tail.BODY.contains(crossings.get(i).second());
                reachesTail[i] = first != second;
            }
        }

        /** Adds a body with what can be put on over it. */
        void add(Option[] body, int node) {
            works = Math.addExact(works, diagram.works(node));
            daring = Math.addExact(daring, diagram.daring(node));
            long counted = counted(node);
            if (counted == 0) {
                return;
            }
            for (Option option : body) {
                if (option != null) {
                    perOption[option.index()] += counted;
                }
            }
            hits.add(node, 1);
            for (int i = 0; i < crossings.size(); i++) {
                Option a = body[crossings.get(i).first().ordinal()];
                Option b = body[crossings.get(i).second().ordinal()];
                if (a != null && b != null) {
                    cross(i, a, b, counted);
                } else if ((a != null || b != null) && reachesTail[i]) {
                    hitsBy.get(i)
                            .computeIfAbsent(a == null ? b : a, o -> new Hits())
                            .add(node, 1);
                }
            }
        }

        private long counted(int node) {
            return question.includeDaring() ? diagram.works(node) + diagram.daring(node) : diagram.works(node);
        }

        /** Pushes what was met down the diagram. */
        void finish() {
            long[][] counts = pushDown(hits, -1, 0);
            eachOption(counts, (option, n) -> perOption[option.index()] += n);
            for (int i = 0; i < crossings.size(); i++) {
                int first = tail.levelOf(crossings.get(i).first());
                int second = tail.levelOf(crossings.get(i).second());
                if (first >= 0 && second >= 0) {
                    crossWithin(i, first, second);
                } else if (first >= 0 || second >= 0) {
                    crossWithBody(i, Math.max(first, second), second >= 0);
                }
            }
        }

        private void crossWithBody(int crossing, int level, boolean bodyFirst) {
            if (level >= tail.counted()) {
                return;
            }
            hitsBy.get(crossing).forEach((option, met) -> {
                long[] counts = pushDown(met, -1, 0)[level];
                List<Option> others = tail.levels().get(level).options();
                for (int c = 0; c < others.size(); c++) {
                    if (counts[c + 1] > 0) {
                        Option other = others.get(c);
                        cross(crossing, bodyFirst ? option : other, bodyFirst ? other : option, counts[c + 1]);
                    }
                }
            });
        }

        private void crossWithin(int crossing, int first, int second) {
            if (first >= tail.counted() || second >= tail.counted()) {
                return;
            }
            List<Option> ones = tail.levels().get(first).options();
            List<Option> others = tail.levels().get(second).options();
            for (int c = 0; c < ones.size(); c++) {
                long[] counts = pushDown(hits, first, c + 1)[second];
                for (int d = 0; d < others.size(); d++) {
                    if (counts[d + 1] > 0) {
                        cross(crossing, ones.get(c), others.get(d), counts[d + 1]);
                    }
                }
            }
        }

        /**
         * Combinations by level and choice.
         *
         * @param only a level of which only one choice is followed, or −1
         */
        private long[][] pushDown(Hits met, int only, int choice) {
            long[][] counts = new long[tail.counted()][];
            for (int level = 0; level < counts.length; level++) {
                counts[level] = new long[tail.levels().get(level).options().size() + 1];
            }
            if (counts.length == 0) {
                return counts;
            }
            long[] paths = Arrays.copyOf(met.counts, diagram.size());
            for (int node = diagram.size() - 1; node > Diagram.WORKS; node--) {
                if (paths[node] != 0) {
                    int level = diagram.level(node);
                    for (int c = 0; c < diagram.choices(node); c++) {
                        int child = diagram.child(node, c);
                        if (child != Diagram.NO && (level != only || c == choice)) {
                            paths[child] += paths[node];
                        }
                    }
                }
            }
            long[] values = only < 0 ? null : valuesAlong(only, choice);
            for (int node = diagram.size() - 1; node > Diagram.WORKS; node--) {
                for (int c = 0; paths[node] != 0 && c < diagram.choices(node); c++) {
                    int child = diagram.child(node, c);
                    int level = diagram.level(node);
                    if (level != only || c == choice) {
                        counts[level][c] += paths[node] * (values == null ? counted(child) : values[child]);
                    }
                }
            }
            return counts;
        }

        /** What each node counts when one level is held to one choice. */
        private long[] valuesAlong(int only, int choice) {
            long[] values = new long[diagram.size()];
            values[Diagram.WORKS] = 1;
            values[Diagram.DARING] = question.includeDaring() ? 1 : 0;
            for (int node = Diagram.WORKS + 1; node < values.length; node++) {
                for (int c = 0; c < diagram.choices(node); c++) {
                    if (diagram.level(node) != only || c == choice) {
                        values[node] += values[diagram.child(node, c)];
                    }
                }
            }
            return values;
        }

        private void eachOption(long[][] counts, Counted told) {
            for (int level = 0; level < counts.length; level++) {
                List<Option> choices = tail.levels().get(level).options();
                for (int c = 0; c < choices.size(); c++) {
                    told.accept(choices.get(c), counts[level][c + 1]);
                }
            }
        }
    }

    /** Hears of an option how many combinations it is in. */
    private interface Counted {
        void accept(Option option, long n);
    }

    /** How often each node was met. */
    private static final class Hits {
        private long[] counts = new long[64];

        void add(int node, long times) {
            if (node >= counts.length) {
                counts = Arrays.copyOf(counts, Math.max(node + 1, counts.length * 2));
            }
            counts[node] += times;
        }
    }
}
