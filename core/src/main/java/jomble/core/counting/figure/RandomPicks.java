package jomble.core.counting.figure;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.RandomPickCoverage;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.enumeration.Collector;
import jomble.core.counting.enumeration.Graph;
import jomble.core.counting.enumeration.PartitionSolutions;
import jomble.core.counting.remaining.Diagram;
import jomble.core.counting.remaining.RemainingSlots;
import jomble.core.counting.table.Figures;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * Counts picks of one piece for each mandatory slot, and how many of them can be completed to a combination.
 *
 * <p>Only the mandatory slots of the diagram matter: its other levels are projected away, and bodies with the same pick
 * are merged.
 */
public final class RandomPicks implements Collector {
    private static final int BITS_OF_AN_OPTION = 12;

    private final Options options;
    private final boolean wantsShoes;
    private final boolean includeDaring;
    private final Map<Structure, OfStructure> byStructure = new EnumMap<>(Structure.class);

    public RandomPicks(Options options, boolean wantsShoes, boolean includeDaring) {
        this.options = options;
        this.wantsShoes = wantsShoes;
        this.includeDaring = includeDaring;
    }

    @Override
    public void add(PartitionSolutions solutions) {
        byStructure
                .computeIfAbsent(solutions.structure(), structure -> new OfStructure(solutions))
                .add(solutions);
    }

    private final class OfStructure {
        private final Diagram diagram = new Diagram();
        private final RemainingSlots remaining;
        private final List<Slot> ofBody;
        private final boolean[] kept;
        private final Map<Long, Integer> picks = new HashMap<>();

        OfStructure(PartitionSolutions like) {
            this.remaining = like.remaining();
            List<Slot> mandatory = like.structure().mandatory(wantsShoes);
            this.ofBody = mandatory.stream().filter(CountedSlots.BODY::contains).toList();
            this.kept = new boolean[remaining.counted()];
            for (int level = 0; level < kept.length; level++) {
                kept[level] = mandatory.contains(remaining.levels().get(level).slot());
            }
        }

        void add(PartitionSolutions solutions) {
            int[] projected = project(solutions.graph());
            for (int i = 0; i < solutions.size(); i++) {
                picks.merge(key(solutions.bodies()[i]), projected[solutions.nodes()[i]], diagram::better);
            }
            for (Option[] combination : solutions.approved()) {
                picks.merge(key(combination), path(combination, 0), diagram::better);
            }
        }

        private long key(Option[] body) {
            long key = 0;
            for (Slot slot : ofBody) {
                key = key << BITS_OF_AN_OPTION | body[slot.ordinal()].index();
            }
            return key;
        }

        /** Projects each node onto the mandatory levels, taking the best verdict over the choices of the others. */
        private int[] project(Graph graph) {
            int[] projected = new int[graph.size()];
            projected[Diagram.WORKS] = Diagram.WORKS;
            projected[Diagram.DARING] = Diagram.DARING;
            for (int node = Diagram.WORKS + 1; node < projected.length; node++) {
                int level = graph.level(node);
                int[] children = new int[remaining.levels().get(level).options().size() + 1];
                int best = Diagram.NO;
                for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
                    int child = projected[graph.child(edge)];
                    children[graph.choice(edge)] = child;
                    best = kept[level] ? best : diagram.better(best, child);
                }
                projected[node] = kept[level] ? diagram.node(level, children) : best;
            }
            return projected;
        }

        private int path(Option[] combination, int level) {
            if (level == kept.length) {
                return Diagram.WORKS;
            }
            int rest = path(combination, level + 1);
            if (!kept[level]) {
                return rest;
            }
            RemainingSlots.Level here = remaining.levels().get(level);
            int[] children = new int[here.options().size() + 1];
            children[here.options().indexOf(combination[here.slot().ordinal()]) + 1] = rest;
            return diagram.node(level, children);
        }

        void addTo(Figures sum) {
            for (int node : picks.values()) {
                sum.add(0, diagram.works(), node);
                if (includeDaring) {
                    sum.add(0, diagram.daring(), node);
                }
            }
        }
    }

    public RandomPickCoverage share() {
        Figures works = new Figures(1);
        byStructure.values().forEach(picks -> picks.addTo(works));
        long all = 0;
        for (Structure structure : Structure.values()) {
            all += picks(structure, structure.mandatory(wantsShoes), new Option[Slot.values().length], 0);
        }
        return new RandomPickCoverage(works.get(0).longValueExact(), all);
    }

    /** Number of picks that use no piece twice. */
    private long picks(Structure structure, List<Slot> slots, Option[] picked, int depth) {
        if (depth == slots.size()) {
            return 1;
        }
        Slot slot = slots.get(depth);
        long sum = 0;
        for (Option option : options.in(slot)) {
            boolean fits = structure.takes(slot, option.pieces().get(0));
            for (int i = 0; i < depth && fits; i++) {
                fits = !picked[i].overlaps(option);
            }
            if (fits) {
                picked[depth] = option;
                sum += picks(structure, slots, picked, depth + 1);
            }
        }
        return sum;
    }
}
