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
 * What a wardrobe makes possible, exactly.
 *
 * @param total combinations that work, and the daring ones when they are included
 * @param daring combinations that are daring, whether or not they are included
 * @param paper the plain product of the slots, ignoring all judgement
 * @param perPiece combinations containing each piece, or that it can complete when it sits only in uncounted slots
 * @param reach of each piece that is in any combination, how many others it is in one with
 * @param keeps from a piece to the pieces of counted slots that would be in no combination without it; only where there are some
 * @param perStructure by structure, where there are any
 * @param perPair for each pair of slots asked for, the pairs of pieces that meet at least once
 * @param missing slots without any piece that the nearest structure needs for a first outfit; empty once one exists
 * @param orphans pieces with no combination although some slot could take them
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
    /** Combinations of one structure that work and that are daring. */
    public record OfStructure(BigInteger works, BigInteger daring) {
        public OfStructure plus(OfStructure other) {
            return new OfStructure(works.add(other.works), daring.add(other.daring));
        }
    }

    /** With the figures of uncounted pieces. */
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
