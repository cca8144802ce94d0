package jomble.core.counting.figure;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counts;
import jomble.core.counting.Crossing;
import jomble.core.counting.SlotPair;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.enumeration.Collector;
import jomble.core.counting.enumeration.Graph;
import jomble.core.counting.enumeration.PartitionSolutions;
import jomble.core.counting.remaining.Diagram;
import jomble.core.counting.remaining.RemainingSlots;
import jomble.core.counting.table.Figures;
import jomble.core.outfit.Structure;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Counts combinations: in total, by option and by pair of options. */
public final class Tally implements Collector {
    private static final int WORKS = 0;
    private static final int DARING = 1;
    /** Used instead of a level for a slot of the body. */
    private static final int BODY = -1;

    private final CountQuestion question;
    private final List<SlotPair> crossings;
    private final Options options;
    private final Figures perOption;
    private final List<Map<Option, Map<Option, Figures>>> crossed = new ArrayList<>();
    private final Map<Structure, Counts.OfStructure> perStructure = new EnumMap<>(Structure.class);
    /** Combinations that work and daring ones. */
    private final Figures sums = new Figures(2);

    public Tally(CountQuestion question, Options options, List<SlotPair> crossings) {
        this.question = question;
        this.crossings = crossings;
        this.options = options;
        this.perOption = new Figures(options.all().size());
        crossings.forEach(pair -> crossed.add(new LinkedHashMap<>()));
    }

    BigInteger works() {
        return sums.get(WORKS);
    }

    public BigInteger daring() {
        return sums.get(DARING);
    }

    /** All combinations that count. */
    public BigInteger total() {
        return question.includeDaring() ? works().add(daring()) : works();
    }

    /** Combinations that work and daring ones, for structures that have any. */
    public Map<Structure, Counts.OfStructure> perStructure() {
        return perStructure;
    }

    public BigInteger of(Option option) {
        return perOption.get(option.index());
    }

    /** For each piece that can be counted, or that fits no slot at all. */
    public Map<PieceId, BigInteger> perPiece() {
        Map<PieceId, BigInteger> perPiece = new TreeMap<>();
        for (Piece piece : question.pieces()) {
            boolean counted = piece.roles().stream().anyMatch(question.counted()::has);
            if (counted || piece.roles().isEmpty()) {
                perPiece.put(piece.id(), BigInteger.ZERO);
            }
        }
        for (Option option : options.all()) {
            option.ids().forEach(id -> perPiece.computeIfPresent(id, (i, n) -> n.add(of(option))));
        }
        return perPiece;
    }

    /** For each crossing, the number of combinations in which two options occur together. */
    public List<Map<Option, Map<Option, Figures>>> crossed() {
        return crossed;
    }

    public Map<SlotPair, List<Crossing>> perPair() {
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

    private Figures crossing(int crossing, Option a, Option b) {
        return crossed.get(crossing)
                .computeIfAbsent(a, o -> new LinkedHashMap<>())
                .computeIfAbsent(b, o -> new Figures(1));
    }

    @Override
    public void add(PartitionSolutions solutions) {
        OfPartition part = new OfPartition(solutions);
        part.addBodies();
        part.addTails();
        for (int i = 0; i < crossings.size(); i++) {
            part.cross(i);
        }
        for (int i = 0; i < solutions.approved().length; i++) {
            addApproved(solutions.approved()[i], solutions.verdicts()[i], part.own);
        }
        sums.add(WORKS, part.own, WORKS);
        sums.add(DARING, part.own, DARING);
        Counts.OfStructure more = new Counts.OfStructure(part.own.get(WORKS), part.own.get(DARING));
        if (more.works().signum() > 0 || more.daring().signum() > 0) {
            perStructure.merge(solutions.structure(), more, Counts.OfStructure::plus);
        }
    }

    private void addApproved(Option[] combination, int verdict, Figures own) {
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

    /** Adds one combination to the counts of its pieces. */
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

    /** The combinations of a partition that are approved and also pass the rules. */
    private final class OfPartition {
        private final PartitionSolutions solutions;
        private final Graph graph;
        private final RemainingSlots remaining;
        /** Number of combinations, by node. */
        private final Figures values;
        /** Number of paths to each node. */
        private final Figures paths;

        private final Figures own = new Figures(2);

        OfPartition(PartitionSolutions solutions) {
            this.solutions = solutions;
            this.graph = solutions.graph();
            this.remaining = solutions.remaining();
            this.values = graph.counted(question.includeDaring());
            this.paths = new Figures(graph.size());
        }

        void addBodies() {
            for (int i = 0; i < solutions.size(); i++) {
                int node = solutions.nodes()[i];
                own.add(WORKS, graph.works(), node);
                own.add(DARING, graph.daring(), node);
                paths.add(node, 1);
                if (!values.isZero(node)) {
                    for (Option option : solutions.bodies()[i]) {
                        if (option != null) {
                            perOption.add(option.index(), values, node);
                        }
                    }
                }
            }
        }

        /** Adds, top-down, the number of paths to each edge times the combinations below it. */
        void addTails() {
            Figures[] counts = new Figures[remaining.counted()];
            for (int level = 0; level < counts.length; level++) {
                counts[level] =
                        new Figures(remaining.levels().get(level).options().size() + 1);
            }
            for (int node = graph.size() - 1; node > Diagram.WORKS; node--) {
                if (!paths.isZero(node) && !graph.isEnding(node)) {
                    Figures here = counts[graph.level(node)];
                    for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
                        int child = graph.child(edge);
                        here.addProduct(graph.choice(edge), paths, node, values, child);
                        paths.add(child, paths, node);
                    }
                }
            }
            for (int level = 0; level < counts.length; level++) {
                List<Option> choices = remaining.levels().get(level).options();
                for (int c = 0; c < choices.size(); c++) {
                    perOption.add(choices.get(c).index(), counts[level], c + 1);
                }
            }
        }

        void cross(int crossing) {
            SlotPair pair = crossings.get(crossing);
            int first = remaining.levelOf(pair.first());
            int second = remaining.levelOf(pair.second());
            boolean isCounted = isCounted(pair.first(), first) && isCounted(pair.second(), second);
            if (isCounted && first == BODY && second == BODY) {
                crossBodies(crossing, pair);
            } else if (isCounted) {
                crossWith(crossing, Math.max(first, second), Math.min(first, second));
            }
        }

        private boolean isCounted(Slot slot, int level) {
            return level == BODY ? CountedSlots.BODY.contains(slot) : level < remaining.counted();
        }

        private void crossBodies(int crossing, SlotPair pair) {
            for (int i = 0; i < solutions.size(); i++) {
                Option a = solutions.bodies()[i][pair.first().ordinal()];
                Option b = solutions.bodies()[i][pair.second().ordinal()];
                if (a != null && b != null && !values.isZero(solutions.nodes()[i])) {
                    crossing(crossing, a, b).add(0, values, solutions.nodes()[i]);
                }
            }
        }

        /** Crosses a level with an earlier one or with a slot of the body, for each choice of the earlier one. */
        private void crossWith(int crossing, int level, int before) {
            List<Option> options = remaining.levels().get(level).options();
            for (int c = 0; c < options.size(); c++) {
                Figures along = graph.along(level, c + 1, values);
                if (before == BODY) {
                    crossWithBodies(crossing, options.get(c), along);
                } else {
                    crossWithLevel(crossing, options.get(c), before, along);
                }
            }
        }

        private void crossWithBodies(int crossing, Option option, Figures along) {
            SlotPair pair = crossings.get(crossing);
            Slot slot = CountedSlots.BODY.contains(pair.first()) ? pair.first() : pair.second();
            for (int i = 0; i < solutions.size(); i++) {
                Option other = solutions.bodies()[i][slot.ordinal()];
                int node = solutions.nodes()[i];
                if (other != null && !along.isZero(node)) {
                    inOrder(crossing, option, other).add(0, along, node);
                }
            }
        }

        private void crossWithLevel(int crossing, Option option, int level, Figures along) {
            List<Option> others = remaining.levels().get(level).options();
            Figures counts = new Figures(others.size() + 1);
            for (int node = graph.size() - 1; node > Diagram.WORKS; node--) {
                if (graph.level(node) == level && !paths.isZero(node)) {
                    for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
                        counts.addProduct(graph.choice(edge), paths, node, along, graph.child(edge));
                    }
                }
            }
            for (int c = 0; c < others.size(); c++) {
                if (!counts.isZero(c + 1)) {
                    inOrder(crossing, option, others.get(c)).add(0, counts, c + 1);
                }
            }
        }

        private Figures inOrder(int crossing, Option one, Option other) {
            boolean isFirst = crossings.get(crossing).first() == one.slot();
            return crossing(crossing, isFirst ? one : other, isFirst ? other : one);
        }
    }
}
