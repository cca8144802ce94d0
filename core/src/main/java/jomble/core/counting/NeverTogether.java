package jomble.core.counting;

import jomble.core.piece.PieceId;

/**
 * Two pieces that occur in no combination.
 *
 * @param rule id of the rule that most often forbids them; rules that stop come first
 */
public record NeverTogether(PieceId a, PieceId b, String rule) {}
