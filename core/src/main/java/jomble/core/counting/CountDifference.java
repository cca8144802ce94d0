package jomble.core.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import jomble.core.piece.PieceId;

/**
 * How two counts differ: of two wardrobes, under two sets of rules or in two contexts.
 *
 * @param total combinations more, or fewer when negative; {@code daring} and {@code paper} likewise
 * @param perPiece of every piece whose count differs, the greatest change first
 * @param orphaned pieces that had combinations before and have none after, {@code relieved} the other way round; pieces that are in one
 *     wardrobe only are in neither
 */
public record CountDifference(
        BigInteger total,
        BigInteger daring,
        BigInteger paper,
        List<OfPiece> perPiece,
        List<PieceId> orphaned,
        List<PieceId> relieved) {
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
    }

    public static CountDifference between(Counts before, Counts after) {
        TreeSet<PieceId> ids = new TreeSet<>(before.perPiece().keySet());
        ids.addAll(after.perPiece().keySet());
        List<OfPiece> pieces = new ArrayList<>();
        for (PieceId id : ids) {
            OfPiece one = new OfPiece(
                    id,
                    before.perPiece().getOrDefault(id, BigInteger.ZERO),
                    after.perPiece().getOrDefault(id, BigInteger.ZERO));
            if (one.change().signum() != 0) {
                pieces.add(one);
            }
        }
        pieces.sort(Comparator.comparing((OfPiece one) -> one.change().abs().negate())
                .thenComparing(OfPiece::id));
        return new CountDifference(
                after.total().subtract(before.total()),
                after.daring().subtract(before.daring()),
                after.paper().subtract(before.paper()),
                pieces,
                newOrphans(before, after),
                newOrphans(after, before));
    }

    private static List<PieceId> newOrphans(Counts one, Counts other) {
        return other.orphans().stream()
                .filter(id -> one.perPiece().getOrDefault(id, BigInteger.ZERO).signum() > 0)
                .toList();
    }
}
