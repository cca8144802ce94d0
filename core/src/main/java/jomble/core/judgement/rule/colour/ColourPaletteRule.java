package jomble.core.judgement.rule.colour;

import java.util.List;
import java.util.Optional;
import jomble.core.brief.Palette;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.Colour;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** {@code colour.palette}: near the face, the client's own colours. */
public final class ColourPaletteRule implements PieceRule {
    private static final Parameter FAR = new Parameter("far", 25, "ΔE00");
    private static final Parameter AVOIDED = new Parameter("avoided", 12, "ΔE00");
    private static final RuleInfo INFO = RuleInfo.of(
            "colour.palette",
            "The client's palette",
            "What is worn near the face lights it or drains it; the palette says which colours do the one and which the other.",
            FAR,
            AVOIDED);

    record OutsideThePalette(double deltaE, double limit) {}

    record AvoidedNearTheFace(double deltaE, double limit) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return slot == Slot.TOP || slot == Slot.NECK || slot == Slot.JACKET || slot == Slot.ONEPIECE;
    }

    @Override
    public Optional<Result> judge(Worn worn, JudgementContext context) {
        Palette palette = context.brief().palette();
        double avoided = nearest(palette.avoid(), worn.piece());
        double limit = context.value(this, AVOIDED);
        if (avoided <= limit) {
            return Result.major(new AvoidedNearTheFace(avoided, limit));
        }
        double nearest = Math.min(nearest(palette.base(), worn.piece()), nearest(palette.accents(), worn.piece()));
        double far = context.value(this, FAR);
        boolean known = nearest < Double.MAX_VALUE;
        return known && nearest > far ? Result.minor(new OutsideThePalette(nearest, far)) : Optional.empty();
    }

    private static double nearest(List<Colour> colours, Piece piece) {
        double nearest = Double.MAX_VALUE;
        for (Colour colour : colours) {
            nearest = Math.min(nearest, Ciede2000.difference(colour.lab(), piece.dominant()));
        }
        return nearest;
    }
}
