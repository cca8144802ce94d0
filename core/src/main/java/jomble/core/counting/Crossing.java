package jomble.core.counting;

import java.math.BigInteger;
import jomble.core.piece.PieceId;

/** Two pieces and the number of combinations in which they occur together. */
public record Crossing(PieceId a, PieceId b, BigInteger n) {}
