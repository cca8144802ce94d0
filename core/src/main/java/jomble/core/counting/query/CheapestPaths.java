package jomble.core.counting.query;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.query.SolutionSet.Layer;
import jomble.core.counting.query.SolutionSet.Part;
import jomble.core.counting.table.Figures;
import jomble.core.judgement.Verdict;
import jomble.core.piece.Slot;

/**
 * Finds the cheapest combinations of a set; a combination costs the sum of its slots. One bottom-up and one top-down
 * pass over the graph serve every option at once, in time and memory linear in the graph. Not thread-safe.
 */
public final class CheapestPaths {
    private static final Slot[] SLOTS = Slot.values();

    private final SolutionSet set;
    private final List<OfPart> parts = new ArrayList<>();

    public CheapestPaths(SolutionSet set, SlotCost cost) {
        this.set = set;
        set.parts().forEach(part -> parts.add(new OfPart(part, cost)));
    }

    /** The lowest cost of any combination; {@link SlotCost#NEVER} when there is none. */
    public int least() {
        return parts.stream().mapToInt(OfPart::least).min().orElse(SlotCost.NEVER);
    }

    /**
     * By option index, the lowest cost of a combination that contains it; {@link SlotCost#NEVER} when there is none.
     */
    public int[] leastWith() {
        int[] least = new int[set.options().all().size()];
        Arrays.fill(least, SlotCost.NEVER);
        parts.forEach(part -> part.lower(least));
        return least;
    }

    /** Number of combinations with exactly this cost. */
    public BigInteger count(int cost) {
        BigInteger sum = BigInteger.ZERO;
        for (OfPart part : parts) {
            sum = sum.add(part.count(cost));
        }
        return sum;
    }

    /** The combinations with exactly this cost, in the stable order of each structure. */
    public List<Found> list(int cost, long offset, int limit) {
        Page page = new Page(offset, limit);
        parts.forEach(part -> part.list(cost, page));
        return page.found;
    }

    /** The combinations listed, and how many come before them. */
    private static final class Page {
        private final List<Found> found = new ArrayList<>();
        private final int limit;
        private long passing;

        Page(long offset, int limit) {
            this.passing = offset;
            this.limit = limit;
        }

        boolean isFull() {
            return found.size() == limit;
        }

        /** Skips the next combinations if all of them come before the page. */
        boolean passes(BigInteger many) {
            boolean allBefore = many.compareTo(BigInteger.valueOf(passing)) <= 0;
            if (allBefore) {
                passing -= many.longValueExact();
            }
            return allBefore;
        }
    }

    /** The costs in one part of the set. */
    private final class OfPart {
        private final Part part;
        /** By body, its own cost plus that of slots its structure does not have. */
        private final int[] bodies;
        /** Cost by layer and choice. */
        private final int[][] choices;
        /** By node, the lowest cost below it. */
        private final int[] after;
        /** By remaining cost, the number of combinations below each node; computed on demand. */
        private final Map<Integer, Figures> counts = new HashMap<>();

        OfPart(Part part, SlotCost cost) {
            this.part = part;
            this.choices = new int[part.layers().size()][];
            boolean[] isLayer = new boolean[SLOTS.length];
            for (int level = 0; level < choices.length; level++) {
                Layer layer = part.layers().get(level);
                isLayer[layer.slot().ordinal()] = true;
                choices[level] = new int[layer.options().size() + 1];
                choices[level][0] = cost.of(layer.slot(), null);
                for (int c = 1; c < choices[level].length; c++) {
                    choices[level][c] = cost.of(layer.slot(), layer.options().get(c - 1));
                }
            }
            this.bodies = new int[part.bodies().length];
            for (int i = 0; i < bodies.length; i++) {
                for (Slot slot : set.question().counted().slots()) {
                    if (!isLayer[slot.ordinal()]) {
                        bodies[i] = sum(bodies[i], cost.of(slot, part.bodies()[i][slot.ordinal()]));
                    }
                }
            }
            this.after = after();
        }

        private int[] after() {
            SolutionGraph graph = part.graph();
            int[] least = new int[graph.size()];
            for (int node = 0; node < least.length; node++) {
                least[node] = set.counts(node) ? 0 : SlotCost.NEVER;
                for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
                    int cost = sum(choices[graph.level(node)][graph.choice(edge)], least[graph.child(edge)]);
                    least[node] = Math.min(least[node], cost);
                }
            }
            return least;
        }

        int least() {
            int least = SlotCost.NEVER;
            for (int i = 0; i < bodies.length; i++) {
                least = Math.min(least, sum(bodies[i], after[part.roots()[i]]));
            }
            return least;
        }

        void lower(int[] leastWith) {
            SolutionGraph graph = part.graph();
            int[] before = new int[graph.size()];
            Arrays.fill(before, SlotCost.NEVER);
            for (int i = 0; i < bodies.length; i++) {
                int root = part.roots()[i];
                before[root] = Math.min(before[root], bodies[i]);
                int whole = sum(bodies[i], after[root]);
                for (Option option : part.bodies()[i]) {
                    if (option != null) {
                        leastWith[option.index()] = Math.min(leastWith[option.index()], whole);
                    }
                }
            }
            for (int node = graph.size() - 1; node > SolutionSet.WORKS; node--) {
                for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
                    int level = graph.level(node);
                    int choice = graph.choice(edge);
                    int child = graph.child(edge);
                    int cost = sum(before[node], choices[level][choice]);
                    before[child] = Math.min(before[child], cost);
                    if (choice > 0) {
                        int index = part.layers()
                                .get(level)
                                .options()
                                .get(choice - 1)
                                .index();
                        leastWith[index] = Math.min(leastWith[index], sum(cost, after[child]));
                    }
                }
            }
        }

        BigInteger count(int cost) {
            Figures sum = new Figures(1);
            for (int i = 0; i < bodies.length; i++) {
                int root = part.roots()[i];
                if (sum(bodies[i], after[root]) <= cost) {
                    sum.add(0, counts(cost - bodies[i]), root);
                }
            }
            return sum.get(0);
        }

        /** By node, the number of combinations below it with exactly this remaining cost. */
        private Figures counts(int cost) {
            Figures known = counts.get(cost);
            if (known != null) {
                return known;
            }
            SolutionGraph graph = part.graph();
            Figures figures = new Figures(graph.size());
            counts.put(cost, figures);
            for (int terminal = 0; terminal <= SolutionSet.WORKS; terminal++) {
                if (cost == 0 && set.counts(terminal)) {
                    figures.add(terminal, 1);
                }
            }
            for (int node = SolutionSet.WORKS + 1; node < graph.size(); node++) {
                for (int edge = graph.begin(node); after[node] <= cost && edge < graph.end(node); edge++) {
                    int left = cost - choices[graph.level(node)][graph.choice(edge)];
                    if (after[graph.child(edge)] <= left) {
                        figures.add(node, counts(left), graph.child(edge));
                    }
                }
            }
            return figures;
        }

        void list(int cost, Page page) {
            for (int i = 0; i < bodies.length && !page.isFull(); i++) {
                int root = part.roots()[i];
                if (sum(bodies[i], after[root]) <= cost) {
                    descend(part.bodies()[i].clone(), root, cost - bodies[i], page);
                }
            }
        }

        private void descend(Option[] combination, int node, int left, Page page) {
            if (page.isFull() || after[node] > left || page.passes(counts(left).get(node))) {
                return;
            }
            SolutionGraph graph = part.graph();
            if (node <= SolutionSet.WORKS) {
                page.found.add(new Found(
                        part.structure(),
                        combination.clone(),
                        node == SolutionSet.WORKS ? Verdict.WORKS : Verdict.DARING));
                return;
            }
            int level = graph.level(node);
            Layer layer = part.layers().get(level);
            for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
                int choice = graph.choice(edge);
                combination[layer.slot().ordinal()] =
                        choice == 0 ? null : layer.options().get(choice - 1);
                descend(combination, graph.child(edge), left - choices[level][choice], page);
            }
            combination[layer.slot().ordinal()] = null;
        }
    }

    private static int sum(int one, int other) {
        return Math.min(SlotCost.NEVER, one + other);
    }
}
