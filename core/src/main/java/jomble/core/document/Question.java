package jomble.core.document;

import java.util.List;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.judgement.JudgementContext;

/**
 * A wardrobe and its judgement contexts.
 *
 * @param contexts one, or one for each distinct month
 */
public record Question(
        Wardrobe wardrobe, List<JudgementContext> contexts, CountedSlots counted, boolean includeDaring) {
    public CountQuestion toCount() {
        return new CountQuestion(wardrobe.pieces(), contexts, counted, includeDaring, List.of(), true);
    }
}
