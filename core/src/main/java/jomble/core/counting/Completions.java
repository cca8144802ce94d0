package jomble.core.counting;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import jomble.core.piece.PieceId;

/**
 * What uncounted pieces contribute to a wardrobe; to be merged with its {@link Counts}.
 *
 * @param perPiece number of combinations each of them can complete
 * @param reach number of pieces it completes a combination with, for pieces that complete any
 * @param keeps from an uncounted piece to the counted pieces that would be in no combination without it
 */
public record Completions(
        Map<PieceId, BigInteger> perPiece, Map<PieceId, Integer> reach, Map<PieceId, List<PieceId>> keeps) {}
