package jomble.core.counting;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.table.Figures;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * The picks of one piece for each mandatory slot, and how many of them some combination completes.
 *
 * <p>Of what can be put on over a body only the mandatory slots are kept: the other levels of the diagram are projected away, and
 * bodies with the same pick are united.
 */
final class DarkPicks implements Collector {
    private static final int BITS_OF_AN_OPTION = 12;

    private final Options options;
    private final boolean wantsShoes;
    private final boolean includeDaring;
    private final Figures works = new Figures(1);

    DarkPicks(Options options, boolean wantsShoes, boolean includeDaring) {
        this.options = options;
        this.wantsShoes = wantsShoes;
        this.includeDaring = includeDaring;
    }

    @Override
    public Bodies of(Field.Search search) {
        return new OfStructure(search);
    }

    private final class OfStructure implements Bodies {
        private final Diagram diagram;
        private final Tail tail;
        private final List<Slot> ofBody;
        private final boolean[] kept;
        private final Map<Long, Integer> picks = new HashMap<>();
        private final Map<Integer, Integer> projected = new HashMap<>();

        OfStructure(Field.Search search) {
            this.diagram = search.diagram();
            this.tail = search.tail();
            List<Slot> mandatory = search.structure().mandatory(wantsShoes);
            this.ofBody = mandatory.stream().filter(Tail.BODY::contains).toList();
            this.kept = new boolean[tail.counted()];
            for (int level = 0; level < kept.length; level++) {
                kept[level] = mandatory.contains(tail.levels().get(level).slot());
            }
        }

        @Override
        public void add(Option[] body, int node) {
            picks.merge(key(body), project(node, 0), diagram::better);
        }

        @Override
        public void addApproved(Option[] combination, int verdict) {
            picks.merge(key(combination), path(combination, 0), diagram::better);
        }

        private long key(Option[] body) {
            long key = 0;
            for (Slot slot : ofBody) {
                key = key << BITS_OF_AN_OPTION | body[slot.ordinal()].index();
            }
            return key;
        }

        /** The node without the levels that are not mandatory: the best over all ways to decide them. */
        private int project(int node, int level) {
            if (node == Diagram.NO || level == kept.length) {
                return node;
            }
            Integer known = projected.get(node);
            if (known != null) {
                return known;
            }
            int[] children = new int[diagram.choices(node)];
            int best = Diagram.NO;
            for (int c = 0; c < children.length; c++) {
                children[c] = project(diagram.child(node, c), level + 1);
                best = kept[level] ? best : diagram.better(best, children[c]);
            }
            int found = kept[level] ? diagram.node(level, children) : best;
            projected.put(node, found);
            return found;
        }

        private int path(Option[] combination, int level) {
            if (level == kept.length) {
                return Diagram.WORKS;
            }
            int rest = path(combination, level + 1);
            if (!kept[level]) {
                return rest;
            }
            Tail.Level here = tail.levels().get(level);
            int[] children = new int[here.options().size() + 1];
            children[here.options().indexOf(combination[here.slot().ordinal()]) + 1] = rest;
            return diagram.node(level, children);
        }

        @Override
        public void finish() {
            for (int node : picks.values()) {
                works.add(0, diagram.works(), node);
                if (includeDaring) {
                    works.add(0, diagram.daring(), node);
                }
            }
        }
    }

    DarkShare share() {
        long all = 0;
        for (Structure structure : Structure.values()) {
            all += picks(structure, structure.mandatory(wantsShoes), new Option[Slot.values().length], 0);
        }
        return new DarkShare(works.get(0).longValueExact(), all);
    }

    /** Picks that use no piece twice. */
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
