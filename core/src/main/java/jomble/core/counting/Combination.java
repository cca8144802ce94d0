package jomble.core.counting;

import java.util.List;
import java.util.Map;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.score.OutfitScore;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * One combination with its best verdict.
 *
 * @param slots the counted slots
 * @param filled the other slots, with as few pieces as can be for that verdict
 * @param score how gladly it would be shown, worn in the best way
 * @param context the context in which it is at its best
 */
public record Combination(
        Map<Slot, List<PieceId>> slots,
        Map<Slot, List<PieceId>> filled,
        Verdict verdict,
        int points,
        int credits,
        OutfitScore score,
        JudgementContext context) {}
