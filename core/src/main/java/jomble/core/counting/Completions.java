package jomble.core.counting;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import jomble.core.piece.PieceId;

/**
 * What pieces in slots that are not counted do for a wardrobe, to be added to its {@link Counts}.
 *
 * @param perPiece combinations that each of them can complete
 * @param reach how many pieces are in one of those; of pieces that complete any
 * @param keeps from a piece that can fill such a slot to the pieces of counted slots that would be in no combination without it
 */
public record Completions(
        Map<PieceId, BigInteger> perPiece, Map<PieceId, Integer> reach, Map<PieceId, List<PieceId>> keeps) {}
