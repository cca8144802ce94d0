package jomble.core.counting.query;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import jomble.core.colour.Ciede2000;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.piece.Piece;

/**
 * Selects combinations of a set that are as different from each other as possible: the smallest distance between any
 * two is as large as can be found. The distance is the number of counted slots that differ.
 *
 * <p>Starts with the best combination and repeatedly adds the one farthest from those selected, which reaches at least
 * half of the optimal smallest distance (doi:10.1016/0304-3975(85)90224-5). Then combinations are exchanged one at a
 * time for the one farthest from the rest, as long as the smallest distance grows. Ties are broken by the least similar
 * pieces in kind and colour, then by what a stylist would show first.
 */
public final class VariedLooks {
    /** The most looks that can be requested; nobody compares more. */
    public static final int MOST = 20;

    private static final int CANDIDATES = 24;
    private static final int ROUNDS = 3;
    /** Up to this many combinations, the optimal smallest distance is proven by exhaustive search. */
    private static final int SMALL = 300;

    private static final int MOST_STEPS = 2_000_000;
    /** Two garments of one kind and nearly one colour look alike: a quarter as different as any other two. */
    private static final double ALIKE = 0.25;

    private static final double ALIKE_DE00 = 12;
    private static final double SAME_KIND = 0.6;

    private final SolutionSet set;
    private final int most;
    private final ToDoubleFunction<Found> score;
    private final Progress progress;
    private final List<Found> chosen = new ArrayList<>();
    private final Map<Found, Double> scores = new HashMap<>();
    private int[] values;
    /** Share of the work done, 0..1. */
    private double done;

    /**
     * The selected looks.
     *
     * @param smallestDistance between any two of them; 0 for fewer than two
     * @param isExact whether it is proven that no choice of the same size has a larger smallest distance
     */
    public record Looks(List<Found> found, int smallestDistance, boolean isExact) {}

    private VariedLooks(SolutionSet set, int most, ToDoubleFunction<Found> score, Progress progress) {
        this.set = set;
        this.most = most;
        this.score = score;
        this.progress = progress;
    }

    /**
     * @param most 1..{@value #MOST}
     * @param score how suitable a combination is to be shown; higher is better
     * @return fewer when there are not as many
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    public static Looks of(SolutionSet set, int most, ToDoubleFunction<Found> score, Progress progress) {
        VariedLooks looks = new VariedLooks(set, most, score, progress);
        looks.choose();
        looks.improve();
        return looks.proved();
    }

    private int slots() {
        return set.question().counted().slots().size();
    }

    private void choose() {
        for (int i = 0; i < most; i++) {
            done = 0.7 * i / most;
            if (!progress.goOn(done)) {
                throw new CountingStoppedException();
            }
            Found next = next(chosen);
            if (next == null) {
                return;
            }
            chosen.add(next);
        }
    }

    /**
     * The combination farthest from the others, least similar to them, and best by score, in this order; null when none
     * is left.
     */
    private Found next(List<Found> others) {
        List<Option[]> from = others.stream().map(Found::options).toList();
        List<Found> candidates =
                FarthestCombinations.of(set, from, Math.max(1, slots()), CANDIDATES, part -> progress.goOn(done));
        return candidates.stream()
                .min(Comparator.comparing(Found::verdict)
                        .thenComparing(one -> -unlikeness(one, others) - scoreOf(one) / 4))
                .orElse(null);
    }

    private double scoreOf(Found one) {
        return scores.computeIfAbsent(one, score::applyAsDouble);
    }

    /** How different a combination is from the most similar of the others, from 0 on; 0 for the first. */
    private double unlikeness(Found one, List<Found> others) {
        return others.stream()
                .mapToDouble(other -> set.question().counted().slots().stream()
                        .mapToDouble(slot -> unlikeness(one.options()[slot.ordinal()], other.options()[slot.ordinal()]))
                        .sum())
                .min()
                .orElse(0);
    }

    private static double unlikeness(Option one, Option other) {
        if (one == other) {
            return 0;
        }
        if (one == null || other == null) {
            return 1;
        }
        Piece a = one.pieces().get(0);
        Piece b = other.pieces().get(0);
        boolean sameColour = Ciede2000.difference(
                        a.dominantColour().colour().lab(),
                        b.dominantColour().colour().lab())
                < ALIKE_DE00;
        boolean sameKind = a.kind().equals(b.kind());
        return sameKind && sameColour ? ALIKE : sameKind || sameColour ? SAME_KIND : 1;
    }

    private int distance(Found one, Found other) {
        return FarthestCombinations.distance(
                one.options(), other.options(), set.question().counted().slots());
    }

    private int smallest(List<Found> looks) {
        int smallest = Integer.MAX_VALUE;
        for (int i = 0; i < looks.size(); i++) {
            for (int j = i + 1; j < looks.size(); j++) {
                smallest = Math.min(smallest, distance(looks.get(i), looks.get(j)));
            }
        }
        return looks.size() < 2 ? 0 : smallest;
    }

    /** Exchanges combinations as long as the smallest distance grows. */
    private void improve() {
        boolean better = chosen.size() > 1;
        for (int round = 0; round < ROUNDS && better; round++) {
            better = false;
            for (int i = 0; i < chosen.size() && smallest(chosen) < upperBound(); i++) {
                done = 0.7 + 0.2 * (round * chosen.size() + i) / (ROUNDS * chosen.size());
                if (!progress.goOn(done)) {
                    throw new CountingStoppedException();
                }
                List<Found> others = new ArrayList<>(chosen);
                others.remove(i);
                Found other = next(others);
                List<Found> changed = new ArrayList<>(chosen);
                changed.set(i, other);
                if (other != null && smallest(changed) > smallest(chosen)) {
                    chosen.set(i, other);
                    better = true;
                }
            }
        }
    }

    /**
     * An upper bound of the smallest distance: if the pieces of some slots can be combined in fewer ways than there are
     * looks, two looks agree in all these slots.
     */
    private int upperBound() {
        if (values == null) {
            values = values();
        }
        long together = 1;
        int shared = 0;
        for (int count : values) {
            together *= count;
            if (together >= chosen.size()) {
                break;
            }
            shared++;
        }
        return values.length - shared;
    }

    /** By counted slot, the number of different contents in any combination, including empty, in ascending order. */
    private int[] values() {
        int[] least = new CheapestPaths(set, (slot, option) -> 0).leastWith();
        return set.question().counted().slots().stream()
                .mapToInt(slot -> {
                    int options = (int) set.options().in(slot).stream()
                            .filter(option -> least[option.index()] == 0)
                            .count();
                    SlotCost empty = (one, option) -> one == slot && option != null ? SlotCost.NEVER : 0;
                    return options + (new CheapestPaths(set, empty).least() == 0 ? 1 : 0);
                })
                .sorted()
                .toArray();
    }

    private Looks proved() {
        int smallest = smallest(chosen);
        CheapestPaths all = new CheapestPaths(set, (slot, option) -> 0);
        boolean isAll = chosen.size() < most;
        if (isAll || chosen.size() < 2 || smallest >= upperBound()) {
            return new Looks(List.copyOf(chosen), smallest, true);
        }
        List<Found> some = all.list(0, 0, SMALL + 1);
        if (some.size() > SMALL) {
            return new Looks(List.copyOf(chosen), smallest, false);
        }
        return new SmallSet(some, smallest).search();
    }

    /** Exhaustive search of a small set, until a larger smallest distance is found or ruled out. */
    private final class SmallSet {
        private final List<Found> all;
        private final int[][] distances;
        private int steps;
        private int smallest;

        SmallSet(List<Found> all, int smallest) {
            this.all = all;
            this.smallest = smallest;
            this.distances = new int[all.size()][all.size()];
            for (int i = 0; i < distances.length; i++) {
                for (int j = 0; j < i; j++) {
                    distances[i][j] = distance(all.get(i), all.get(j));
                    distances[j][i] = distances[i][j];
                }
            }
        }

        Looks search() {
            int bound = upperBound();
            while (smallest < bound) {
                List<Integer> taken = new ArrayList<>();
                if (extend(taken, range(), smallest + 1)) {
                    chosen.clear();
                    taken.forEach(i -> chosen.add(all.get(i)));
                    smallest = VariedLooks.this.smallest(chosen);
                } else {
                    break;
                }
            }
            return new Looks(List.copyOf(chosen), smallest, steps <= MOST_STEPS);
        }

        private List<Integer> range() {
            List<Integer> range = new ArrayList<>();
            for (int i = 0; i < all.size(); i++) {
                range.add(i);
            }
            return range;
        }

        /** Whether enough combinations can be added, each at the given distance from the others. */
        private boolean extend(List<Integer> taken, List<Integer> open, int distance) {
            if (taken.size() == most) {
                return true;
            }
            for (int i = 0; i < open.size() && taken.size() + open.size() - i >= most; i++) {
                if (++steps > MOST_STEPS || steps % 1024 == 0 && !progress.goOn(0.95)) {
                    return false;
                }
                int one = open.get(i);
                List<Integer> left = open.subList(i + 1, open.size()).stream()
                        .filter(other -> distances[one][other] >= distance)
                        .toList();
                taken.add(one);
                if (extend(taken, left, distance)) {
                    return true;
                }
                taken.remove(taken.size() - 1);
            }
            return false;
        }
    }
}
