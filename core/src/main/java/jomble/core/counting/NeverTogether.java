package jomble.core.counting;

import jomble.core.piece.PieceId;

/**
 * Two pieces that meet in no combination.
 *
 * @param rule id of the rule that most often forbids them, worst findings first
 */
public record NeverTogether(PieceId a, PieceId b, String rule) {}
