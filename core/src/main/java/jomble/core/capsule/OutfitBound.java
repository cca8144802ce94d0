package jomble.core.capsule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.piece.Family;

/**
 * An upper bound of the outfits of any choice of a given size.
 *
 * <p>A capsule has some number of pieces in each family. For given numbers every ensemble is relaxed: each piece may
 * have its best partners, as many of a family as the capsule has, and all coats are available. The maximum is found by
 * best-first branch and bound, over boxes of family sizes that add up to the size and then over single pieces being in
 * or out. When the search is cut off, the best box left is still a bound.
 */
final class OutfitBound {
    /** Larger tables take too long to evaluate this often. */
    private static final int LARGEST_TABLE = 60_000;

    private static final int FAMILIES = Family.values().length;

    private final CompiledCapsule compiled;
    private final RelaxedOutfits relaxed;
    private final int[] familyOf;
    private final List<Requirement.Share> shares = new ArrayList<>();
    private int number;

    /**
     * A range for the number of pieces of each family.
     *
     * @param decided by piece index, {@link RelaxedOutfits#IN}, {@link RelaxedOutfits#OUT} or 0
     * @param number creation order, so that ties are broken the same way on every machine
     */
    private record Box(int[] least, int[] most, byte[] decided, long bound, int number) {}

    private OutfitBound(CompiledCapsule compiled) {
        this.compiled = compiled;
        this.familyOf = RelaxedOutfits.families(compiled);
        this.relaxed = new RelaxedOutfits(compiled.table(), familyOf, compiled.candidates());
    }

    /**
     * Computes the bound.
     *
     * @param size number of pieces that count
     * @param allWishes whether only choices that meet all wishes are considered
     * @param steps number of boxes at most
     * @throws CountingStoppedException when the progress listener asks to stop
     * @return empty when it would take too long, or no family sizes are possible
     */
    static Optional<Long> of(CompiledCapsule compiled, int size, boolean allWishes, int steps, Progress progress) {
        boolean isTooLarge =
                compiled.table().size() > LARGEST_TABLE || compiled.table().shoes().length >= Long.SIZE;
        return isTooLarge ? Optional.empty() : new OutfitBound(compiled).most(size, allWishes, steps, progress);
    }

    private Optional<Long> most(int size, boolean allWishes, int steps, Progress progress) {
        int[] least = new int[FAMILIES];
        int[] most = new int[FAMILIES];
        byte[] none = new byte[familyOf.length];
        for (int place : compiled.must()) {
            least[familyOf[place]]++;
            most[familyOf[place]]++;
            none[place] = RelaxedOutfits.IN;
        }
        for (int place : compiled.pool()) {
            most[familyOf[place]]++;
        }
        if (allWishes) {
            narrow(least, most);
        }
        PriorityQueue<Box> boxes = new PriorityQueue<>(
                Comparator.comparingLong(Box::bound).reversed().thenComparingInt(Box::number));
        push(boxes, least, most, none, size);
        for (int tried = 0; tried < steps && !boxes.isEmpty(); tried += 2) {
            if (!progress.goOn((double) tried / steps)) {
                throw new CountingStoppedException();
            }
            Box best = boxes.poll();
            int widest = widest(best);
            if (widest >= 0) {
                int middle = (best.least()[widest] + best.most()[widest]) / 2;
                push(boxes, best.least(), with(best.most(), widest, middle), best.decided(), size);
                push(boxes, with(best.least(), widest, middle + 1), best.most(), best.decided(), size);
                continue;
            }
            int piece = contested(best);
            if (piece < 0) {
                return Optional.of(best.bound());
            }
            push(boxes, best.least(), best.most(), with(best.decided(), piece, RelaxedOutfits.IN), size);
            push(boxes, best.least(), best.most(), with(best.decided(), piece, RelaxedOutfits.OUT), size);
        }
        return Optional.ofNullable(boxes.peek()).map(Box::bound);
    }

    /**
     * The undecided piece that was used in the most outfits, in a family that used more pieces than allowed; −1 if no
     * family did, so that the bound is attained.
     */
    private int contested(Box box) {
        long[] taken = relaxed.uses(box.decided(), box.most());
        int[] distinct = new int[FAMILIES];
        for (int i = 0; i < taken.length; i++) {
            if (familyOf[i] != RelaxedOutfits.FREE && (taken[i] > 0 || box.decided()[i] == RelaxedOutfits.IN)) {
                distinct[familyOf[i]]++;
            }
        }
        int contested = -1;
        for (int i = 0; i < taken.length; i++) {
            boolean isOpen = familyOf[i] != RelaxedOutfits.FREE
                    && box.decided()[i] == 0
                    && distinct[familyOf[i]] > box.most()[familyOf[i]];
            if (isOpen && taken[i] > 0 && (contested < 0 || taken[i] > taken[contested])) {
                contested = i;
            }
        }
        return contested;
    }

    /** Narrows the box by wishes about families or some of their pieces. */
    private void narrow(int[] least, int[] most) {
        for (Requirement requirement : compiled.aim().requirements()) {
            if (requirement instanceof Requirement.Amount amount) {
                narrow(amount, least, most);
            } else if (requirement instanceof Requirement.Share share && share.wish() == FunctionWish.TOPS_SHARE) {
                shares.add(share);
            }
        }
    }

    private void narrow(Requirement.Amount amount, int[] least, int[] most) {
        int family = -1;
        boolean isOne = true;
        int of = 0;
        for (int i = 0; i < familyOf.length; i++) {
            if (amount.of()[i]) {
                isOne &= family < 0 || family == familyOf[i];
                family = familyOf[i];
                of++;
            }
        }
        if (isOne && family >= 0) {
            boolean isWhole = of == most[family];
            least[family] = Math.max(least[family], amount.least());
            most[family] = isWhole ? Math.min(most[family], amount.most()) : most[family];
        }
    }

    private static byte[] with(byte[] decided, int at, byte how) {
        byte[] changed = decided.clone();
        changed[at] = how;
        return changed;
    }

    private static int[] with(int[] numbers, int at, int number) {
        int[] changed = numbers.clone();
        changed[at] = number;
        return changed;
    }

    /** The family with the widest range, or −1 when all are fixed. */
    private static int widest(Box box) {
        int widest = -1;
        int width = 0;
        for (int i = 0; i < FAMILIES; i++) {
            if (box.most()[i] - box.least()[i] > width) {
                width = box.most()[i] - box.least()[i];
                widest = i;
            }
        }
        return widest;
    }

    /** Narrows a box to numbers that can add up to the size and queues it unless it is empty. */
    private void push(PriorityQueue<Box> boxes, int[] from, int[] to, byte[] decided, int size) {
        int[] least = from.clone();
        int[] most = to.clone();
        int sumOfLeast = Arrays.stream(least).sum();
        int sumOfMost = Arrays.stream(most).sum();
        for (int i = 0; i < FAMILIES; i++) {
            int low = Math.max(from[i], size - (sumOfMost - to[i]));
            int high = Math.min(to[i], size - (sumOfLeast - from[i]));
            least[i] = low;
            most[i] = high;
            if (low > high) {
                return;
            }
        }
        if (shares.stream().allMatch(share -> mayHold(share, least, most))) {
            boxes.add(new Box(least, most, decided, relaxed.value(decided, most), number++));
        }
    }

    private static boolean mayHold(Requirement.Share share, int[] least, int[] most) {
        int tops = Family.TOP.ordinal();
        int bottoms = Family.BOTTOM.ordinal();
        for (int ones = least[tops]; ones <= most[tops]; ones++) {
            for (int others = least[bottoms]; others <= most[bottoms]; others++) {
                if (share.missedBy(ones, others) == 0) {
                    return true;
                }
            }
        }
        return false;
    }
}
