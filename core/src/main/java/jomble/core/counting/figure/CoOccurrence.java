package jomble.core.counting.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.compiled.PieceRows;
import jomble.core.counting.enumeration.Collector;
import jomble.core.counting.enumeration.Graph;
import jomble.core.counting.enumeration.PartitionSolutions;
import jomble.core.counting.remaining.CompletionSets;
import jomble.core.counting.remaining.Diagram;
import jomble.core.counting.remaining.RemainingSlots;
import jomble.core.counting.table.Figures;
import jomble.core.piece.PieceId;

/**
 * Co-occurrence: for each piece, the pieces it is ever worn with and the pieces it is never worn without.
 *
 * <p>Both are bit rows. They are computed once for each diagram node for everything below it, then propagated downwards
 * as the union or intersection over all paths to the node. Intersecting is sound because every path to a node combines
 * with every path from it.
 */
public final class CoOccurrence implements Collector {
    private final Options options;
    private final CountedSlots counted;
    private final boolean includeDaring;
    private final PieceRows rows;
    private final List<PieceId> ids;
    private final int words;
    /** By option, the pieces it is worn with, including itself, and those it is never worn without. */
    private final Sets together;

    /** The sets of a single combination without pieces. */
    private final Sets nothing;

    private final long[] nobody;
    private final long[] everybody;

    /** By number, the union and the intersection of the pieces of several combinations. */
    private static final class Sets {
        private final int words;
        private final long[] some;
        private final long[] all;
        /** Whether the intersection is empty, which no further combination can change. */
        private final boolean[] isDisjoint;

        private final boolean[] isKnown;

        Sets(int size, int words) {
            this.words = words;
            this.some = new long[size * words];
            this.all = new long[size * words];
            this.isDisjoint = new boolean[size];
            this.isKnown = new boolean[size];
            Arrays.fill(all, -1L);
        }

        /** Adds combinations, each made of two parts and further pieces. */
        void add(int number, Sets here, int one, Sets there, int other, long[] besides) {
            int to = number * words;
            int a = one * words;
            int b = other * words;
            for (int i = 0; i < words; i++) {
                some[to + i] |= here.some[a + i] | there.some[b + i] | besides[i];
            }
            if (!isDisjoint[number]) {
                long any = 0;
                for (int i = 0; i < words; i++) {
                    all[to + i] &= here.all[a + i] | there.all[b + i] | besides[i];
                    any |= all[to + i];
                }
                isDisjoint[number] = any == 0;
            }
            isKnown[number] = true;
        }
    }

    public CoOccurrence(CountQuestion question, Options options) {
        this.options = options;
        this.counted = question.counted();
        this.includeDaring = question.includeDaring();
        this.rows = new PieceRows(question.pieces(), options);
        this.ids = rows.ids();
        this.words = rows.words();
        this.together = new Sets(options.all().size(), words);
        this.nothing = new Sets(1, words);
        Arrays.fill(nothing.all, 0);
        this.nobody = new long[words];
        this.everybody = new long[words];
    }

    /** For each piece worn at all, the number of pieces it is worn with. */
    public Map<PieceId, Integer> reach() {
        Map<PieceId, Integer> reach = new TreeMap<>();
        for (int place = 0; place < ids.size(); place++) {
            Sets sets = ofPiece(place, CountedSlots.EVERY_SLOT);
            if (sets != null) {
                reach.put(ids.get(place), BitSet.valueOf(sets.some).cardinality() - 1);
            }
        }
        return reach;
    }

    /** Number of pieces that an uncounted piece is worn with when it completes combinations. */
    int worn(PieceId id) {
        int place = ids.indexOf(id);
        int others = 0;
        for (int other = 0; other < ids.size(); other++) {
            Sets sets = other == place ? null : ofPiece(other, counted);
            others += sets != null && PieceRows.has(sets.some, place) ? 1 : 0;
        }
        return others;
    }

    /** Number of other pieces worn at all. */
    int others(PieceId id) {
        BitSet all = BitSet.valueOf(everybody);
        all.clear(ids.indexOf(id));
        return all.cardinality();
    }

    /**
     * For each piece that others are never worn without, those others.
     *
     * @param counted the slots in which the others are considered
     */
    public Map<PieceId, List<PieceId>> keeps(CountedSlots counted) {
        Map<PieceId, List<PieceId>> keeps = new TreeMap<>();
        for (int place = 0; place < ids.size(); place++) {
            Sets sets = ofPiece(place, counted);
            PieceId kept = ids.get(place);
            if (sets != null && !PieceRows.has(sets.all, ids.size())) {
                BitSet.valueOf(sets.all).stream()
                        .mapToObj(ids::get)
                        .filter(keeper -> !keeper.equals(kept))
                        .forEach(keeper -> keeps.computeIfAbsent(keeper, id -> new ArrayList<>())
                                .add(kept));
            }
        }
        return keeps;
    }

    /** The sets of a piece in some slots; null when it is not worn there. */
    private Sets ofPiece(int place, CountedSlots there) {
        Sets sets = new Sets(1, words);
        for (Option option : options.all()) {
            boolean here = together.isKnown[option.index()] && there.has(option.slot());
            if (here && PieceRows.has(rows.of(option), place)) {
                sets.add(0, together, option.index(), nothing, 0, nobody);
            }
        }
        return sets.isKnown[0] ? sets : null;
    }

    @Override
    public void add(PartitionSolutions solutions) {
        OfPartition part = new OfPartition(solutions);
        part.lookAhead();
        part.addBodies();
        part.goDown();
        for (int i = 0; i < solutions.approved().length; i++) {
            part.addApproved(solutions.approved()[i], solutions.verdicts()[i]);
        }
    }

    private final class OfPartition {
        private final PartitionSolutions solutions;
        private final Graph graph;
        private final RemainingSlots remaining;
        /** Number of combinations, by node. */
        private final Figures values;

        private final long[] body = new long[words];
        /** By node, the union and intersection of the combinations below it. */
        private final Sets onwards;
        /** By node, the union and intersection of the paths to it. */
        private final Sets before;

        OfPartition(PartitionSolutions solutions) {
            this.solutions = solutions;
            this.graph = solutions.graph();
            this.remaining = solutions.remaining();
            this.values = graph.counted(includeDaring);
            this.onwards = new Sets(graph.size(), words);
            this.before = new Sets(graph.size(), words);
        }

        /** Computes the sets below each node, from the terminals up. */
        void lookAhead() {
            for (int node = Diagram.DARING; node < graph.size(); node++) {
                if (node <= Diagram.WORKS) {
                    onwards.add(node, nothing, 0, nothing, 0, nobody);
                } else if (graph.isEnding(node)) {
                    end(onwards, node, graph.completersOf(node), nobody);
                }
                for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
                    int child = graph.child(edge);
                    if (!values.isZero(child)) {
                        onwards.add(node, onwards, child, nothing, 0, chosen(node, edge));
                    }
                }
            }
        }

        /** Adds a completion set: pieces in some completion, and pieces in every completion. */
        private void end(Sets sets, int number, CompletionSets.Sets those, long[] worn) {
            Sets one = new Sets(1, words);
            PieceRows.addTo(one.some, those.some());
            System.arraycopy(those.all(), 0, one.all, 0, words);
            sets.add(number, one, 0, nothing, 0, worn);
        }

        void addBodies() {
            for (int i = 0; i < solutions.size(); i++) {
                int node = solutions.nodes()[i];
                if (!values.isZero(node)) {
                    Option[] worn = solutions.bodies()[i];
                    take(worn);
                    for (Option option : worn) {
                        if (option != null) {
                            together.add(option.index(), onwards, node, nothing, 0, body);
                        }
                    }
                    meet(onwards, node);
                    before.add(node, nothing, 0, nothing, 0, body);
                }
            }
        }

        /** Fills a row with the pieces worn. */
        private void take(Option[] worn) {
            Arrays.fill(body, 0);
            for (Option option : worn) {
                if (option != null) {
                    PieceRows.addTo(body, rows.of(option));
                }
            }
        }

        /** Adds the sets of some combinations to those of every option they wear. */
        private void meet(Sets then, int number) {
            for (int i = 0; i < words; i++) {
                everybody[i] |= body[i] | then.some[number * words + i];
            }
        }

        private long[] chosen(int node, int edge) {
            return graph.choice(edge) == 0 ? nobody : rows.of(option(node, edge));
        }

        private Option option(int node, int edge) {
            return remaining.levels().get(graph.level(node)).options().get(graph.choice(edge) - 1);
        }

        void goDown() {
            for (int node = graph.size() - 1; node > Diagram.WORKS; node--) {
                for (int edge = graph.begin(node); before.isKnown[node] && edge < graph.end(node); edge++) {
                    int child = graph.child(edge);
                    if (!values.isZero(child)) {
                        long[] chosen = chosen(node, edge);
                        if (graph.choice(edge) > 0) {
                            together.add(option(node, edge).index(), before, node, onwards, child, chosen);
                        }
                        before.add(child, before, node, nothing, 0, chosen);
                    }
                }
            }
        }

        void addApproved(Option[] combination, int verdict) {
            CompletionSets completionSets = graph.completionSets();
            if (completionSets == null && verdict == Diagram.WORKS) {
                return;
            }
            Option[] part = completionSets == null ? combination : Option.in(counted, combination);
            CompletionSets.Sets those = completionSets == null
                    ? new CompletionSets.Sets(nobody, nobody)
                    : completionSets.of(completionSets.ofApproved(combination, counted));
            Sets one = new Sets(1, words);
            end(one, 0, those, nobody);
            take(part);
            for (Option option : part) {
                if (option != null) {
                    together.add(option.index(), one, 0, nothing, 0, body);
                }
            }
            meet(one, 0);
        }
    }
}
