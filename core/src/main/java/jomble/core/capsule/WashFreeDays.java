package jomble.core.capsule;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jomble.core.counting.Week;

/**
 * How long a capsule lasts without a wash: the longest run of days, for the client's weekly occasions, in which every
 * day has a different outfit and no piece is worn more often than it may be between washes.
 *
 * <p>Pieces have room for several days and an outfit uses all its pieces, so this is not a matching. An upper bound
 * comes from each group of pieces on its own, which is a matching; a lower bound from a search through the assignments
 * of that many days, scarce occasions first, with a limited number of steps.
 */
final class WashFreeDays {
    /** The longest run considered; nobody plans further ahead. */
    private static final int MOST_DAYS = 60;

    private static final int MOST_STEPS = 200_000;

    private final List<Occasion> week;
    private final double[] timesPerWeek;
    private final int[] wears;
    /** By occasion and outfit, a number that is equal for equal sets of pieces. */
    private final int[][] numbers;

    private int steps;

    /**
     * An occasion and the outfits that serve it, each as piece indices.
     *
     * @param timesPerWeek above 0
     */
    record Occasion(double timesPerWeek, List<int[]> outfits) {}

    /**
     * The result.
     *
     * @param days that can be dressed
     * @param atMost upper bound; equal to {@code days} when the search was exhaustive
     * @param scarcest the group of pieces that gives the bound
     */
    record Found(int days, int atMost, int scarcest) {}

    private WashFreeDays(List<Occasion> week, int[] wears) {
        this.week = week;
        this.wears = wears;
        this.timesPerWeek = week.stream().mapToDouble(Occasion::timesPerWeek).toArray();
        Map<List<Integer>, Integer> known = new HashMap<>();
        this.numbers = week.stream()
                .map(occasion -> occasion.outfits().stream()
                        .mapToInt(outfit -> known.computeIfAbsent(
                                Arrays.stream(outfit).boxed().toList(), worn -> known.size()))
                        .toArray())
                .toArray(int[][]::new);
    }

    /**
     * Finds the longest run.
     *
     * @param wears by piece index, how often it may be worn between washes
     * @param groups pieces that can replace each other, such as all tops; at least one. A group that some outfit does
     *     without gives no bound
     */
    static Found of(List<Occasion> week, int[] wears, List<BitSet> groups) {
        return new WashFreeDays(week, wears).find(groups);
    }

    private Found find(List<BitSet> groups) {
        int scarcest = 0;
        int atMost = Integer.MAX_VALUE;
        for (int i = 0; i < groups.size(); i++) {
            int bound = bound(groups.get(i));
            if (bound < atMost) {
                atMost = bound;
                scarcest = i;
            }
        }
        for (int length = atMost; length > 0; length--) {
            steps = 0;
            boolean can = canDress(length);
            if (can) {
                return new Found(length, atMost, scarcest);
            }
            if (steps <= MOST_STEPS) {
                atMost = length - 1;
            }
        }
        return new Found(0, atMost, scarcest);
    }

    /**
     * The longest run when only one group's wears are limited; each outfit uses one wear of its first piece of the
     * group.
     */
    private int bound(BitSet group) {
        boolean isAlwaysWorn = week.stream()
                .flatMap(occasion -> occasion.outfits().stream())
                .allMatch(outfit -> Arrays.stream(outfit).anyMatch(group::get));
        int days = isAlwaysWorn ? 0 : MOST_DAYS;
        while (days < MOST_DAYS && isMatched(Week.days(timesPerWeek, days + 1), group)) {
            days++;
        }
        return days;
    }

    /** Whether every day can be given a wear of the group: a matching by augmenting paths between days and wears. */
    private boolean isMatched(int[] days, BitSet group) {
        int[][] worn = new int[week.size()][wears.length];
        int[] left = wears.clone();
        for (int occasion = 0; occasion < days.length; occasion++) {
            for (int day = 0; day < days[occasion]; day++) {
                if (!augment(occasion, group, worn, left, new boolean[week.size()])) {
                    return false;
                }
            }
        }
        return true;
    }

    private boolean augment(int occasion, BitSet group, int[][] worn, int[] left, boolean[] seen) {
        seen[occasion] = true;
        BitSet first = firsts(occasion, group);
        for (int piece = first.nextSetBit(0); piece >= 0; piece = first.nextSetBit(piece + 1)) {
            if (left[piece] > 0) {
                left[piece]--;
                worn[occasion][piece]++;
                return true;
            }
        }
        for (int piece = first.nextSetBit(0); piece >= 0; piece = first.nextSetBit(piece + 1)) {
            for (int other = 0; other < week.size(); other++) {
                if (!seen[other] && worn[other][piece] > 0 && augment(other, group, worn, left, seen)) {
                    worn[other][piece]--;
                    worn[occasion][piece]++;
                    return true;
                }
            }
        }
        return false;
    }

    /** The pieces of a group that come first in some outfit of an occasion. */
    private BitSet firsts(int occasion, BitSet group) {
        BitSet firsts = new BitSet();
        for (int[] outfit : week.get(occasion).outfits()) {
            Arrays.stream(outfit).filter(group::get).findFirst().ifPresent(firsts::set);
        }
        return firsts;
    }

    private boolean canDress(int length) {
        int[] days = Week.days(timesPerWeek, length);
        int[] order = IntStream.range(0, days.length)
                .boxed()
                .sorted(Comparator.comparingInt(i -> week.get(i).outfits().size()))
                .mapToInt(i -> i)
                .toArray();
        return dress(order, days, 0, 0, 0, wears.clone(), new BitSet());
    }

    /** Assigns outfits to the days of one occasion after the other, trying outfits in order. */
    private boolean dress(int[] order, int[] days, int at, int dressed, int from, int[] left, BitSet used) {
        if (at == order.length) {
            return true;
        }
        if (dressed == days[order[at]]) {
            return dress(order, days, at + 1, 0, 0, left, used);
        }
        List<int[]> outfits = week.get(order[at]).outfits();
        int wanted = days[order[at]] - dressed;
        for (int i = from; i <= outfits.size() - wanted; i++) {
            if (++steps > MOST_STEPS) {
                return false;
            }
            int[] outfit = outfits.get(i);
            int number = numbers[order[at]][i];
            if (!used.get(number) && areLeft(outfit, left)) {
                used.set(number);
                wear(outfit, left, 1);
                if (dress(order, days, at, dressed + 1, i + 1, left, used)) {
                    return true;
                }
                wear(outfit, left, -1);
                used.clear(number);
            }
        }
        return false;
    }

    private static boolean areLeft(int[] outfit, int[] left) {
        for (int piece : outfit) {
            if (left[piece] == 0) {
                return false;
            }
        }
        return true;
    }

    private static void wear(int[] outfit, int[] left, int times) {
        for (int piece : outfit) {
            left[piece] -= times;
        }
    }
}
