package jomble.core.counting;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import jomble.core.outfit.Structure;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * The exact figures of a wardrobe.
 *
 * @param total combinations that work, plus the daring ones when they are included
 * @param daring daring combinations, whether or not they are included
 * @param paper product of the slots' sizes, ignoring all judgement
 * @param perPiece combinations that contain each piece, or that it can complete if it fits only uncounted slots
 * @param reach for each piece in any combination, the number of other pieces it occurs with
 * @param keeps from a piece to the counted pieces that would be in no combination without it; only non-empty entries
 * @param perStructure by structure, only those with combinations
 * @param perPair for each pair of slots in the question, the pairs of pieces that occur together and how often
 * @param missing slots that are empty in the structure nearest to a first outfit; empty once an outfit exists
 * @param orphans pieces in no combination although they fit some slot
 */
public record Counts(
        BigInteger total,
        BigInteger daring,
        BigInteger paper,
        Map<PieceId, BigInteger> perPiece,
        Map<PieceId, Integer> reach,
        Map<PieceId, List<PieceId>> keeps,
        Map<Structure, OfStructure> perStructure,
        Map<SlotPair, List<Crossing>> perPair,
        RandomPickCoverage shareInTheDark,
        List<Slot> missing,
        List<PieceId> orphans,
        List<NeverTogether> neverTogether) {
    /** Combinations of one structure: those that work, and the daring ones. */
    public record OfStructure(BigInteger works, BigInteger daring) {
        public OfStructure plus(OfStructure other) {
            return new OfStructure(works.add(other.works), daring.add(other.daring));
        }
    }

    /** These figures with those of uncounted pieces. */
    public Counts with(Completions more) {
        Map<PieceId, BigInteger> pieces = new TreeMap<>(perPiece);
        pieces.putAll(more.perPiece());
        Map<PieceId, Integer> reached = new TreeMap<>(reach);
        reached.putAll(more.reach());
        Map<PieceId, List<PieceId>> kept = new TreeMap<>(keeps);
        kept.putAll(more.keeps());
        Set<PieceId> without = new TreeSet<>(orphans);
        more.perPiece().forEach((id, n) -> {
            if (n.signum() == 0) {
                without.add(id);
            }
        });
        return new Counts(
                total,
                daring,
                paper,
                pieces,
                reached,
                kept,
                perStructure,
                perPair,
                shareInTheDark,
                missing,
                List.copyOf(without),
                neverTogether);
    }
}
