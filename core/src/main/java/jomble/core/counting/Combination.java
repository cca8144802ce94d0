package jomble.core.counting;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import jomble.core.colour.ColourScheme;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.score.OutfitScore;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * One combination with its best verdict.
 *
 * @param slots the counted slots
 * @param filled the other slots, with as few pieces as that verdict needs
 * @param score ranking score of the best way to wear it; higher is better
 * @param scheme what the colours of its main pieces are to each other
 * @param context the context in which it is at its best
 */
public record Combination(
        Map<Slot, List<PieceId>> slots,
        Map<Slot, List<PieceId>> filled,
        Verdict verdict,
        int points,
        int credits,
        OutfitScore score,
        ColourScheme scheme,
        JudgementContext context) {
    /** This combination with another slot filled that is not counted. */
    public Combination filling(Slot slot, List<PieceId> pieces) {
        Map<Slot, List<PieceId>> more = new EnumMap<>(Slot.class);
        more.putAll(filled);
        more.put(slot, pieces);
        return new Combination(slots, more, verdict, points, credits, score, scheme, context);
    }
}
