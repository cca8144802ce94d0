package jomble.core.judgement.rule.boundary;

import java.util.Optional;
import jomble.core.brief.Occasion;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.TradeTerms;
import jomble.core.outfit.Worn;
import jomble.core.piece.Cloth;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code occasion.piece}: no single piece is far outside the occasion's window, whatever the outfit comes to as a whole. */
public final class OccasionPieceRule implements PieceRule {
    private static final Parameter OUTSIDE = new Parameter("outside", 2, "steps of formality beyond the window");
    private static final Parameter DRESSY =
            new Parameter("dressy-from", 4, "formality the occasion begins at; one less at work");
    private static final Parameter RUBBER = new Parameter("rubber-boots-from", 60, "minutes outdoors");
    private static final RuleInfo INFO = RuleInfo.of(
            "occasion.piece",
            "Each piece fits the occasion",
            "A hooded top at a council meeting is not made good by the skirt below it; where an occasion is dressy, the layer that stays on is dressy too.",
            OUTSIDE,
            DRESSY,
            RUBBER);
    private static final int TIE_FROM = 6;
    private static final int OPEN_SHIRT = 3;

    record FarBelow(int formality, int low, String occasion) {}

    record FarAbove(int formality, int high, String occasion) {}

    record LayerBelow(int formality, int low, String occasion) {}

    record RubberIndoors(int outdoorMinutes, double least, String occasion) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return slot.isFormality() || slot == Slot.COAT;
    }

    @Override
    public Optional<Result> judge(Worn worn, JudgementContext context) {
        Occasion occasion = context.occasion();
        if (occasion.equals(Occasion.ANY)) {
            return Optional.empty();
        }
        Piece piece = worn.piece();
        double least = context.value(this, RUBBER);
        if (worn.slot() == Slot.SHOES && piece.cloth() == Cloth.RUBBER && occasion.outdoorMinutes() < least) {
            return Result.major(new RubberIndoors(occasion.outdoorMinutes(), least, occasion.name()));
        }
        int low = occasion.formalityLow();
        int high = occasion.formalityHigh();
        int formality = piece.formality();
        double outside = context.value(this, OUTSIDE);
        boolean underATie = low >= TIE_FROM && worn.slot() == Slot.TOP && piece.is(Trait.SHIRT);
        if (low - formality >= outside && !underATie) {
            return Result.major(new FarBelow(formality, low, occasion.name()));
        }
        if (worn.slot() != Slot.COAT && formality - high >= outside) {
            return Result.major(new FarAbove(formality, high, occasion.name()));
        }
        boolean layer = worn.slot() == Slot.MID || worn.slot() == Slot.JACKET;
        boolean openShirt = worn.slot() == Slot.MID && TradeTerms.isShirtOrBlouse(piece);
        int shown = openShirt ? Math.min(OPEN_SHIRT, formality) : formality;
        double dressy = context.value(this, DRESSY) - (occasion.work() ? 1 : 0);
        return layer && low >= dressy && shown < low
                ? Result.major(new LayerBelow(shown, low, occasion.name()))
                : Optional.empty();
    }
}
