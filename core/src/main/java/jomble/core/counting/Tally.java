package jomble.core.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.table.Figures;
import jomble.core.outfit.Structure;

/**
 * Adds up combinations: in all, per option and per pair of options.
 *
 * <p>Bodies are added one by one; of what is put on over them only how often each node was met is kept, and pushed down the diagram
 * once at the end.
 */
final class Tally implements Collector {
    private static final int WORKS = 0;
    private static final int DARING = 1;

    private final CountQuestion question;
    private final List<SlotPair> crossings;
    private final Figures perOption;
    private final List<Map<Option, Map<Option, Figures>>> crossed = new ArrayList<>();
    private final Map<Structure, Counts.OfStructure> perStructure = new EnumMap<>(Structure.class);
    /** Works and daring. */
    private final Figures sums = new Figures(2);

    Tally(CountQuestion question, Options options, List<SlotPair> crossings) {
        this.question = question;
        this.crossings = crossings;
        this.perOption = new Figures(options.all().size());
        crossings.forEach(pair -> crossed.add(new LinkedHashMap<>()));
    }

    BigInteger works() {
        return sums.get(WORKS);
    }

    BigInteger daring() {
        return sums.get(DARING);
    }

    /** All that counts. */
    BigInteger total() {
        return question.includeDaring() ? works().add(daring()) : works();
    }

    /** Works and daring by structure, of those that have any. */
    Map<Structure, Counts.OfStructure> perStructure() {
        return perStructure;
    }

    BigInteger of(Option option) {
        return perOption.get(option.index());
    }

    /** For each crossing asked for, how often two options met. */
    List<Map<Option, Map<Option, Figures>>> crossed() {
        return crossed;
    }

    Map<SlotPair, List<Crossing>> perPair() {
        Map<SlotPair, List<Crossing>> perPair = new LinkedHashMap<>();
        for (int i = 0; i < crossings.size(); i++) {
            List<Crossing> cells = new ArrayList<>();
            crossed.get(i)
                    .forEach((a, row) -> row.forEach((b, n) -> cells.add(new Crossing(
                            a.pieces().get(0).id(), b.pieces().get(0).id(), n.get(0)))));
            perPair.put(crossings.get(i), cells);
        }
        return perPair;
    }

    /** Adds one combination to the figures of its pieces. */
    private void addOne(Option[] combination) {
        for (Option option : combination) {
            if (option != null) {
                perOption.add(option.index(), 1);
            }
        }
        for (int i = 0; i < crossings.size(); i++) {
            Option a = combination[crossings.get(i).first().ordinal()];
            Option b = combination[crossings.get(i).second().ordinal()];
            if (a != null && b != null) {
                crossing(i, a, b).add(0, 1);
            }
        }
    }

    private Figures crossing(int crossing, Option a, Option b) {
        return crossed.get(crossing)
                .computeIfAbsent(a, o -> new LinkedHashMap<>())
                .computeIfAbsent(b, o -> new Figures(1));
    }

    @Override
    public Bodies of(Field.Search search) {
        return new OfStructure(search);
    }

    private final class OfStructure implements Bodies {
        private final Diagram diagram;
        private final Tail tail;
        private final Hits hits = new Hits();
        /** For each crossing of a body slot with one put on over it, the nodes met by option of the body. */
        private final List<Map<Option, Hits>> hitsBy = new ArrayList<>();

        private final boolean[] reachesTail;
        private final Structure structure;
        private final Figures own = new Figures(2);

        OfStructure(Field.Search search) {
            this.structure = search.structure();
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

        @Override
        public void add(Option[] body, int node) {
            own.add(WORKS, diagram.works(), node);
            own.add(DARING, diagram.daring(), node);
            if (!diagram.counts(node, question.includeDaring())) {
                return;
            }
            for (Option option : body) {
                if (option != null) {
                    addCounted(perOption, option.index(), node);
                }
            }
            hits.add(node, 1);
            for (int i = 0; i < crossings.size(); i++) {
                Option a = body[crossings.get(i).first().ordinal()];
                Option b = body[crossings.get(i).second().ordinal()];
                if (a != null && b != null) {
                    addCounted(crossing(i, a, b), 0, node);
                } else if ((a != null || b != null) && reachesTail[i]) {
                    hitsBy.get(i)
                            .computeIfAbsent(a == null ? b : a, o -> new Hits())
                            .add(node, 1);
                }
            }
        }

        private void addCounted(Figures to, int at, int node) {
            to.add(at, diagram.works(), node);
            if (question.includeDaring()) {
                to.add(at, diagram.daring(), node);
            }
        }

        @Override
        public void addApproved(Option[] combination, int verdict) {
            if (verdict != Diagram.WORKS) {
                boolean wasDaring = verdict == Diagram.DARING;
                own.add(WORKS, 1);
                if (wasDaring) {
                    own.decrement(DARING);
                }
                if (!wasDaring || !question.includeDaring()) {
                    addOne(combination);
                }
            }
        }

        /** Pushes what was met down the diagram. */
        @Override
        public void finish() {
            sums.add(WORKS, own, WORKS);
            sums.add(DARING, own, DARING);
            Counts.OfStructure more = new Counts.OfStructure(own.get(WORKS), own.get(DARING));
            if (more.works().signum() > 0 || more.daring().signum() > 0) {
                perStructure.merge(structure, more, Counts.OfStructure::plus);
            }
            Figures[] counts = pushDown(hits, -1, 0);
            for (int level = 0; level < counts.length; level++) {
                List<Option> choices = tail.levels().get(level).options();
                for (int c = 0; c < choices.size(); c++) {
                    perOption.add(choices.get(c).index(), counts[level], c + 1);
                }
            }
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
                Figures counts = pushDown(met, -1, 0)[level];
                List<Option> others = tail.levels().get(level).options();
                for (int c = 0; c < others.size(); c++) {
                    if (!counts.isZero(c + 1)) {
                        Option other = others.get(c);
                        crossing(crossing, bodyFirst ? option : other, bodyFirst ? other : option)
                                .add(0, counts, c + 1);
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
                Figures counts = pushDown(hits, first, c + 1)[second];
                for (int d = 0; d < others.size(); d++) {
                    if (!counts.isZero(d + 1)) {
                        crossing(crossing, ones.get(c), others.get(d)).add(0, counts, d + 1);
                    }
                }
            }
        }

        /**
         * Combinations by level and choice.
         *
         * @param only a level of which only one choice is followed, or −1
         */
        private Figures[] pushDown(Hits met, int only, int choice) {
            Figures[] counts = new Figures[tail.counted()];
            for (int level = 0; level < counts.length; level++) {
                counts[level] = new Figures(tail.levels().get(level).options().size() + 1);
            }
            if (counts.length == 0) {
                return counts;
            }
            Figures paths = met.paths(diagram.size());
            for (int node = diagram.size() - 1; node > Diagram.WORKS; node--) {
                if (!paths.isZero(node)) {
                    int level = diagram.level(node);
                    for (int c = 0; c < diagram.choices(node); c++) {
                        int child = diagram.child(node, c);
                        if (child != Diagram.NO && (level != only || c == choice)) {
                            paths.add(child, paths, node);
                        }
                    }
                }
            }
            Figures values = only < 0 ? values() : valuesAlong(only, choice);
            for (int node = diagram.size() - 1; node > Diagram.WORKS; node--) {
                for (int c = 0; !paths.isZero(node) && c < diagram.choices(node); c++) {
                    int level = diagram.level(node);
                    if (level != only || c == choice) {
                        counts[level].addProduct(c, paths, node, values, diagram.child(node, c));
                    }
                }
            }
            return counts;
        }

        /** What each node counts. */
        private Figures values() {
            if (!question.includeDaring()) {
                return diagram.works();
            }
            Figures values = new Figures(diagram.size());
            for (int node = 0; node < values.size(); node++) {
                addCounted(values, node, node);
            }
            return values;
        }

        /** What each node counts when one level is held to one choice. */
        private Figures valuesAlong(int only, int choice) {
            Figures values = new Figures(diagram.size());
            values.add(Diagram.WORKS, 1);
            values.add(Diagram.DARING, question.includeDaring() ? 1 : 0);
            for (int node = Diagram.WORKS + 1; node < values.size(); node++) {
                for (int c = 0; c < diagram.choices(node); c++) {
                    if (diagram.level(node) != only || c == choice) {
                        values.add(node, values, diagram.child(node, c));
                    }
                }
            }
            return values;
        }
    }
}
