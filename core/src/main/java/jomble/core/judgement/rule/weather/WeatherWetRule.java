package jomble.core.judgement.rule.weather;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.outfit.Worn;
import jomble.core.piece.Cloth;
import jomble.core.piece.Fibre;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Toe;

/** {@code weather.wet}: what rain spoils, and what it is made for. */
public final class WeatherWetRule implements PieceRule {
    private static final Parameter MINUTES = new Parameter("wet-minutes", 15, "rain chance × minutes outdoors");
    private static final RuleInfo INFO = RuleInfo.of(
                    "weather.wet",
                    "In the rain",
                    "Water marks silk and suede, soaks straw and finds open toes.",
                    MINUTES)
            .that(RuleTrait.READS_WEATHER, RuleTrait.MAY_CREDIT);
    private static final Set<Slot> SHELTERED = EnumSet.of(Slot.BASE, Slot.UNDERSKIRT, Slot.TOP, Slot.MID, Slot.TIE);

    record SpoiltByRain(String what, double wetMinutes) {}

    record MadeForRain(double wetMinutes) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return !SHELTERED.contains(slot);
    }

    @Override
    public Optional<Result> judge(Worn worn, JudgementContext context) {
        if (!context.isOutdoors()) {
            return Optional.empty();
        }
        double wet = context.weather().rainChance() * context.occasion().outdoorMinutes();
        if (wet < context.value(this, MINUTES)) {
            return Optional.empty();
        }
        Piece piece = worn.piece();
        boolean shoes = worn.slot() == Slot.SHOES;
        if (piece.cloth() == Cloth.RUBBER) {
            return Result.credit(new MadeForRain(wet));
        }
        if (shoes && (piece.cloth() == Cloth.SUEDE || piece.percentOf(Fibre.SILK) > 0)) {
            return Result.major(new SpoiltByRain(piece.cloth() == Cloth.SUEDE ? "suede" : "silk", wet));
        }
        if (shoes && piece.toe() == Toe.OPEN) {
            return Result.minor(new SpoiltByRain("open toes", wet));
        }
        boolean mostlySilk = piece.percentOf(Fibre.SILK) >= 50 && worn.slot() != Slot.NECK;
        if (mostlySilk || piece.cloth() == Cloth.SUEDE || piece.cloth() == Cloth.STRAW) {
            return Result.minor(
                    new SpoiltByRain(mostlySilk ? "silk" : piece.cloth().words(), wet));
        }
        return Optional.empty();
    }
}
