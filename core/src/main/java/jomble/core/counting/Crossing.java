package jomble.core.counting;

import java.math.BigInteger;
import jomble.core.piece.PieceId;

/** Two pieces and in how many combinations they meet. */
public record Crossing(PieceId a, PieceId b, BigInteger n) {}
