package jomble.core.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * The difference of two counts: of two wardrobes, under two sets of rules, or in two contexts.
 *
 * @param total change in combinations, negative for a loss; {@code daring} and {@code paper} likewise
 * @param perPiece the pieces whose count changes, the greatest change first
 * @param missing slots nothing can fill afterwards, in the structure that lacks the fewest
 * @param orphaned pieces that had combinations before and have none after; {@code relieved} is the opposite. Pieces in
 *     only one of the wardrobes are in neither
 */
public record CountDifference(
        BigInteger total,
        BigInteger daring,
        BigInteger paper,
        List<OfPiece> perPiece,
        List<PieceId> orphaned,
        List<PieceId> relieved,
        List<Slot> missing) {
    /**
     * The counts of one piece.
     *
     * @param before 0 for a piece that was not there, {@code after} likewise
     */
    public record OfPiece(PieceId id, BigInteger before, BigInteger after) {
        public BigInteger change() {
            return after.subtract(before);
        }
    }

    public CountDifference {
        perPiece = List.copyOf(perPiece);
        orphaned = List.copyOf(orphaned);
        relieved = List.copyOf(relieved);
        missing = List.copyOf(missing);
    }

    public static CountDifference between(Counts before, Counts after) {
        return new CountDifference(
                after.total().subtract(before.total()),
                after.daring().subtract(before.daring()),
                after.paper().subtract(before.paper()),
                changes(before.perPiece(), after.perPiece()),
                newOrphans(before, after),
                newOrphans(after, before),
                after.missing());
    }

    /**
     * The difference when pieces are removed.
     *
     * @param taken the combinations they are in
     * @param paper the paper count of the remaining wardrobe
     * @param missing slots nothing can fill then
     */
    public static CountDifference taking(
            Set<PieceId> out, Counts before, Combinations taken, BigInteger paper, List<Slot> missing) {
        Map<PieceId, BigInteger> left = new TreeMap<>(before.perPiece());
        left.replaceAll((id, n) -> n.subtract(taken.perPiece().getOrDefault(id, BigInteger.ZERO)));
        left.keySet().removeAll(out);
        List<OfPiece> changes = changes(before.perPiece(), left);
        return new CountDifference(
                taken.total().negate(),
                taken.daring().negate(),
                paper.subtract(before.paper()),
                changes,
                changes.stream()
                        .filter(one -> one.after().signum() == 0 && !out.contains(one.id()))
                        .map(OfPiece::id)
                        .sorted()
                        .toList(),
                List.of(),
                missing);
    }

    /** Totals of some combinations: all, daring, and by piece. */
    public record Combinations(BigInteger total, BigInteger daring, Map<PieceId, BigInteger> perPiece) {}

    private static List<OfPiece> changes(Map<PieceId, BigInteger> before, Map<PieceId, BigInteger> after) {
        Set<PieceId> ids = new TreeSet<>(before.keySet());
        ids.addAll(after.keySet());
        List<OfPiece> pieces = new ArrayList<>();
        for (PieceId id : ids) {
            OfPiece one =
                    new OfPiece(id, before.getOrDefault(id, BigInteger.ZERO), after.getOrDefault(id, BigInteger.ZERO));
            if (one.change().signum() != 0) {
                pieces.add(one);
            }
        }
        pieces.sort(Comparator.comparing((OfPiece one) -> one.change().abs().negate())
                .thenComparing(OfPiece::id));
        return pieces;
    }

    private static List<PieceId> newOrphans(Counts one, Counts other) {
        return other.orphans().stream()
                .filter(id -> one.perPiece().getOrDefault(id, BigInteger.ZERO).signum() > 0)
                .toList();
    }
}
