package jomble.core.counting.query;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.query.SolutionSet.Layer;
import jomble.core.counting.query.SolutionSet.Part;
import jomble.core.judgement.Verdict;
import jomble.core.piece.Slot;

/**
 * Finds the combination of a set to show next to some looks: it overuses partners least, then its smallest distance to
 * them is largest, then the sum of its distances.
 *
 * <p>Sets of up to {@value #LISTED} combinations are gone through, which is exact. In larger ones slot after slot is
 * decided, keeping the {@value #WIDTH} best beginnings (beam search): its time grows with the slots, not with the
 * combinations, of which there may be billions.
 */
final class FarthestLooks {
    private static final int LISTED = 4000;
    private static final int WIDTH = 96;

    private final SolutionSet set;
    private final LookDistance distance;
    private final PartnerUse use;
    /** The whole set where it is small, else null. */
    private final List<Found> all;

    private final Map<Part, boolean[]> ends = new LinkedHashMap<>();

    FarthestLooks(SolutionSet set, LookDistance distance, PartnerUse use) {
        this.set = set;
        this.distance = distance;
        this.use = use;
        List<Found> listed = new CheapestPaths(set, (slot, option) -> 0).list(0, 0, LISTED + 1);
        this.all = listed.size() > LISTED ? null : listed;
        set.parts().forEach(part -> ends.put(part, reachesAnEnd(part)));
    }

    /** By node, whether some combination that counts goes through it. */
    private boolean[] reachesAnEnd(Part part) {
        SolutionGraph graph = part.graph();
        boolean[] reaches = new boolean[graph.size()];
        for (int node = 0; node < reaches.length; node++) {
            reaches[node] = set.counts(node);
            for (int edge = graph.begin(node); edge < graph.end(node) && !reaches[node]; edge++) {
                reaches[node] = reaches[graph.child(edge)];
            }
        }
        return reaches;
    }

    /** How good a look is beside the others: the smaller the better. */
    record Standing(int excess, int smallest, int sum) implements Comparable<Standing> {
        @Override
        public int compareTo(Standing other) {
            int order = Integer.compare(excess, other.excess);
            order = order != 0 ? order : Integer.compare(other.smallest, smallest);
            return order != 0 ? order : Integer.compare(other.sum, sum);
        }

        static Standing of(int excess, int[] distances) {
            int smallest = Integer.MAX_VALUE;
            int sum = 0;
            for (int one : distances) {
                smallest = Math.min(smallest, one);
                sum += one;
            }
            return new Standing(excess, smallest, sum);
        }
    }

    /**
     * The best looks to show beside others that are equally good.
     *
     * @return at most {@code limit}; empty when every combination is among the others
     */
    List<Found> besides(List<Found> others, int limit) {
        int[] uses = use.uses(others);
        List<Found> best = new ArrayList<>();
        Standing standing = null;
        int[] distances = new int[others.size()];
        for (Found one : all == null ? beam(others, uses) : all) {
            int excess = use.excess(one.options(), uses);
            if (standing != null && excess > standing.excess || others.contains(one)) {
                continue;
            }
            for (int i = 0; i < distances.length; i++) {
                distances[i] = distance.between(one.options(), others.get(i).options());
            }
            Standing mine = Standing.of(excess, distances);
            int order = standing == null ? -1 : mine.compareTo(standing);
            if (order < 0) {
                best.clear();
                standing = mine;
            }
            if (order <= 0 && best.size() < limit) {
                best.add(one);
            }
        }
        return best;
    }

    /** A combination with its first slots decided. */
    private record Beginning(int node, Option[] options, int excess, int[] distances, Standing standing) {}

    private List<Found> beam(List<Found> others, int[] uses) {
        List<Found> found = new ArrayList<>();
        for (Part part : set.parts()) {
            List<Beginning> open = best(bodies(part, others, uses));
            for (int level = 0; level < part.layers().size(); level++) {
                List<Beginning> next = new ArrayList<>();
                for (Beginning beginning : open) {
                    extend(part, level, beginning, others, uses, next);
                }
                open = best(next);
            }
            open.forEach(whole -> found.add(new Found(
                    part.structure(),
                    whole.options,
                    whole.node == SolutionSet.WORKS ? Verdict.WORKS : Verdict.DARING)));
        }
        return found;
    }

    private List<Beginning> bodies(Part part, List<Found> others, int[] uses) {
        boolean[] isLayer = new boolean[Slot.values().length];
        part.layers().forEach(layer -> isLayer[layer.slot().ordinal()] = true);
        List<Beginning> bodies = new ArrayList<>();
        for (int i = 0; i < part.bodies().length; i++) {
            if (!ends.get(part)[part.roots()[i]]) {
                continue;
            }
            Option[] body = part.bodies()[i];
            int[] distances = new int[others.size()];
            for (Slot slot : distance.visible()) {
                if (!isLayer[slot.ordinal()]) {
                    add(slot, body[slot.ordinal()], others, distances);
                }
            }
            bodies.add(beginning(part.roots()[i], body, use.excess(body, uses), distances));
        }
        return bodies;
    }

    private void extend(
            Part part, int level, Beginning from, List<Found> others, int[] uses, List<Beginning> extended) {
        SolutionGraph graph = part.graph();
        if (from.node <= SolutionSet.WORKS || graph.level(from.node) != level) {
            extended.add(from);
            return;
        }
        Layer layer = part.layers().get(level);
        for (int edge = graph.begin(from.node); edge < graph.end(from.node); edge++) {
            if (ends.get(part)[graph.child(edge)]) {
                int choice = graph.choice(edge);
                Option option = choice == 0 ? null : layer.options().get(choice - 1);
                Option[] options = from.options.clone();
                options[layer.slot().ordinal()] = option;
                int[] distances = from.distances.clone();
                add(layer.slot(), option, others, distances);
                int excess = from.excess + (option == null ? 0 : use.excess(option, uses));
                extended.add(beginning(graph.child(edge), options, excess, distances));
            }
        }
    }

    private void add(Slot slot, Option option, List<Found> others, int[] distances) {
        for (int i = 0; i < distances.length; i++) {
            distances[i] += distance.in(slot, option, others.get(i).options()[slot.ordinal()]);
        }
    }

    private static Beginning beginning(int node, Option[] options, int excess, int[] distances) {
        return new Beginning(node, options, excess, distances, Standing.of(excess, distances));
    }

    private static List<Beginning> best(List<Beginning> all) {
        if (all.size() <= WIDTH) {
            return all;
        }
        Beginning[] sorted = all.toArray(Beginning[]::new);
        Arrays.sort(sorted, Comparator.comparing(Beginning::standing));
        return Arrays.asList(sorted).subList(0, WIDTH);
    }
}
