package jomble.core.counting;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * What a wardrobe makes possible, exactly.
 *
 * @param total combinations that work, and the daring ones when they are included
 * @param daring combinations that are daring, whether or not they are included
 * @param paper the plain product of the slots, ignoring all judgement
 * @param perPiece combinations containing each piece, or that it can complete when it sits only in uncounted slots
 * @param perPair for each pair of slots asked for, the pairs of pieces that meet at least once
 * @param missing slots without any piece that the nearest structure needs for a first outfit; empty once one exists
 * @param orphans pieces with no combination although some slot could take them
 */
public record Counts(
        long total,
        long daring,
        BigInteger paper,
        Map<PieceId, Long> perPiece,
        Map<SlotPair, List<Crossing>> perPair,
        DarkShare shareInTheDark,
        List<Slot> missing,
        List<PieceId> orphans,
        List<NeverTogether> neverTogether) {}
