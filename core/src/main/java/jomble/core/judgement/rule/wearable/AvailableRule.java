package jomble.core.judgement.rule.wearable;

import java.time.LocalDate;
import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Condition;
import jomble.core.piece.Decision;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Whereabouts;

/** {@code available}: on a given day, only what is in the wardrobe can be worn. */
public final class AvailableRule implements PieceRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "available",
                    "In the wardrobe on the day",
                    "What waits for a repair or for cleaning is not worn; what is at the cleaner's, lent or missing cannot be worn on the day, unless it is due back by then.")
            .that(RuleTrait.ONLY_STOPS);

    record Away(String whereabouts, String dueBack) {}

    record WaitsFor(String errand) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return true;
    }

    @Override
    public Optional<Result> judge(Worn worn, JudgementContext context) {
        for (Piece piece : worn.pieces()) {
            String errand = context.asIfMended() ? null : errand(piece);
            if (errand != null) {
                return Result.stop(new WaitsFor(errand));
            }
        }
        LocalDate date = context.date();
        if (date == null) {
            return Optional.empty();
        }
        for (Piece piece : worn.pieces()) {
            Whereabouts where = piece.get(Attribute.WHEREABOUTS);
            LocalDate due = piece.get(Attribute.DUE_BACK);
            boolean back = where == null || where == Whereabouts.WARDROBE || due != null && !due.isAfter(date);
            if (!back) {
                return Result.stop(new Away(where.words(), due == null ? "not said" : due.toString()));
            }
        }
        return Optional.empty();
    }

    /** What it waits for before it can be worn again, or null. */
    private static String errand(Piece piece) {
        if (piece.get(Attribute.CONDITION) == Condition.NEEDS_REPAIR
                || piece.get(Attribute.DECISION) == Decision.REPAIR) {
            return "a repair";
        }
        return piece.get(Attribute.DECISION) == Decision.CLEAN ? "cleaning" : null;
    }
}
