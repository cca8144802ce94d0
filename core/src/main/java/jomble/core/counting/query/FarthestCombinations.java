package jomble.core.counting.query;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.query.SolutionSet.Layer;
import jomble.core.counting.query.SolutionSet.Part;
import jomble.core.judgement.Verdict;
import jomble.core.piece.Slot;

/**
 * Finds the combinations of a set whose smallest distance to a given few is largest. The distance of two combinations
 * is the number of counted slots in which they differ.
 *
 * <p>Exact: distances are tried in decreasing order, each by a search of the graph that remembers nodes from which the
 * remaining difference cannot be reached. Not thread-safe.
 */
final class FarthestCombinations {
    private static final int BITS_OF_A_DISTANCE = 5;
    /** Number of results with the same body, so that results are spread over the bodies. */
    private static final int MOST_OF_A_BODY = 2;

    private final SolutionSet set;
    private final List<Option[]> chosen;
    private final Slot[] slots;
    private final int limit;
    private final Progress progress;
    private final List<Found> found = new ArrayList<>();
    private Set<Failed> failed = new HashSet<>();
    private int ofBody;
    private int steps;
    /** Share of the bodies searched, 0..1. */
    private double done;

    /** A node below which no combination differs enough from each of the given ones. */
    private record Failed(int node, long first, long second) {}

    private FarthestCombinations(SolutionSet set, List<Option[]> chosen, int limit, Progress progress) {
        this.set = set;
        this.chosen = chosen;
        this.slots = set.question().counted().slots().toArray(Slot[]::new);
        this.limit = limit;
        this.progress = progress;
    }

    /**
     * @param most the largest distance to try
     * @param limit number of results at most
     * @return empty when every combination is among the given ones
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    static List<Found> of(SolutionSet set, List<Option[]> chosen, int most, int limit, Progress progress) {
        for (int distance = most; distance > 0; distance--) {
            FarthestCombinations search = new FarthestCombinations(set, chosen, limit, progress);
            search.find(distance);
            if (!search.found.isEmpty()) {
                return search.found;
            }
        }
        return List.of();
    }

    /** Number of slots in which two combinations differ. */
    static int distance(Option[] one, Option[] other, Set<Slot> counted) {
        int different = 0;
        for (Slot slot : counted) {
            if (one[slot.ordinal()] != other[slot.ordinal()]) {
                different++;
            }
        }
        return different;
    }

    private void find(int distance) {
        int bodies = set.parts().stream().mapToInt(part -> part.bodies().length).sum();
        int gone = 0;
        for (Part part : set.parts()) {
            failed = new HashSet<>();
            boolean[] isLayer = new boolean[Slot.values().length];
            part.layers().forEach(layer -> isLayer[layer.slot().ordinal()] = true);
            // Every third body first and then the others, so that a full list does not only hold the first tops.
            int count = part.bodies().length;
            for (int stride = 0; stride < 3; stride++) {
                for (int i = stride; i < count && found.size() < limit; i += 3) {
                    done = (double) gone++ / bodies;
                    if (!progress.goOn(done)) {
                        throw new CountingStoppedException();
                    }
                    search(part, i, isLayer, distance);
                }
            }
        }
    }

    private void search(Part part, int body, boolean[] isLayer, int distance) {
        Option[] combination = part.bodies()[body].clone();
        int[] needed = new int[chosen.size()];
        for (int c = 0; c < needed.length; c++) {
            needed[c] = distance;
            for (Slot slot : slots) {
                boolean differs =
                        !isLayer[slot.ordinal()] && combination[slot.ordinal()] != chosen.get(c)[slot.ordinal()];
                needed[c] -= differs ? 1 : 0;
            }
        }
        ofBody = 0;
        descend(part, combination, part.roots()[body], needed);
    }

    /** Returns whether a combination was found. */
    private boolean descend(Part part, Option[] combination, int node, int[] needed) {
        if (found.size() == limit || ofBody == MOST_OF_A_BODY) {
            return true;
        }
        if (node <= SolutionSet.WORKS) {
            return set.counts(node) && isFar(needed, 0) && add(part, combination, node);
        }
        int level = part.graph().level(node);
        if (!isFar(needed, part.layers().size() - level)) {
            return false;
        }
        Failed state = state(node, needed);
        if (failed.contains(state)) {
            return false;
        }
        if ((++steps & 0x3fff) == 0 && !progress.goOn(done)) {
            throw new CountingStoppedException();
        }
        Layer layer = part.layers().get(level);
        int ordinal = layer.slot().ordinal();
        boolean any = false;
        for (int edge = part.graph().begin(node); edge < part.graph().end(node); edge++) {
            int choice = part.graph().choice(edge);
            combination[ordinal] = choice == 0 ? null : layer.options().get(choice - 1);
            any |= descend(part, combination, part.graph().child(edge), less(needed, layer.slot(), combination));
        }
        combination[ordinal] = null;
        if (!any) {
            failed.add(state);
        }
        return any;
    }

    private boolean add(Part part, Option[] combination, int terminal) {
        found.add(new Found(
                part.structure(), combination.clone(), terminal == SolutionSet.WORKS ? Verdict.WORKS : Verdict.DARING));
        ofBody++;
        return true;
    }

    private int[] less(int[] needed, Slot slot, Option[] combination) {
        boolean counts = false;
        for (Slot one : slots) {
            counts |= one == slot;
        }
        if (!counts) {
            return needed;
        }
        int[] less = needed.clone();
        for (int c = 0; c < less.length; c++) {
            less[c] -= combination[slot.ordinal()] != chosen.get(c)[slot.ordinal()] ? 1 : 0;
        }
        return less;
    }

    /** Whether the remaining slots can supply the required differences. */
    private static boolean isFar(int[] needed, int slotsLeft) {
        for (int one : needed) {
            if (one > slotsLeft) {
                return false;
            }
        }
        return true;
    }

    /**
     * Packs the difference required from each given combination into five bits. With more than 24 of them the memory is
     * less precise but never wrong.
     */
    private static Failed state(int node, int[] needed) {
        long first = 0;
        long second = 0;
        for (int c = 0; c < needed.length; c++) {
            long bits = Math.max(0, needed[c]);
            if (c < 12) {
                first = first << BITS_OF_A_DISTANCE | bits;
            } else {
                second = second << BITS_OF_A_DISTANCE | bits;
            }
        }
        return new Failed(node, first, second);
    }
}
