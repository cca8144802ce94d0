package jomble.core.judgement;

import java.util.ArrayList;
import java.util.List;
import jomble.core.climate.Comfort;
import jomble.core.climate.Comfort.Surroundings;
import jomble.core.climate.Weather;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;

/**
 * How comfortable an outfit is from the way there in the morning to the way home in the evening, with as much taken off
 * as is comfortable: the coat, then the jacket, then the layer, as far as the outfit allows. Shown, never scored.
 *
 * <p>Outdoors: a brisk walk (2.3 met, 0.4 m/s), in the morning at the day's low, in the evening at the mean of low and
 * high. Indoors: the occasion's temperature and activity (0.1 m/s). Source of the predicted mean vote: ISO 7730:2005.
 */
public final class DayComfort {
    private static final List<Slot> PEEL = List.of(Slot.COAT, Slot.JACKET, Slot.MID);
    private static final double WALKING_MET = 2.3;
    private static final double COMFORTABLE = 1;
    private static final double CENTI = 100;

    /** A moment of the day. */
    public enum Moment implements Word {
        WAY_THERE,
        INDOORS,
        EVENING
    }

    /**
     * Comfort at one moment.
     *
     * @param airC air temperature
     * @param off what is taken off, outermost first
     * @param vote predicted mean vote with the rest on: within ±1 is comfortable, below is cold, above is warm
     */
    public record Felt(Moment moment, double airC, List<Piece> off, double vote) {
        public boolean isCold() {
            return vote < -COMFORTABLE;
        }

        public boolean isWarm() {
            return vote > COMFORTABLE;
        }
    }

    private DayComfort() {}

    /** Empty when the context has no weather; only indoors when the whole day is spent there. */
    public static List<Felt> of(Judgement judgement, JudgementContext context) {
        Weather weather = context.weather();
        List<Felt> felt = new ArrayList<>();
        if (weather == null) {
            return felt;
        }
        if (context.isOutdoors()) {
            felt.add(felt(Moment.WAY_THERE, walk(weather, weather.lowC()), judgement, context));
        }
        double room = context.occasion().indoorC();
        felt.add(felt(
                Moment.INDOORS,
                new Surroundings(
                        room,
                        room,
                        0.1,
                        weather.humidityPercent(),
                        context.occasion().met()),
                judgement,
                context));
        if (context.isOutdoors()) {
            double mean = (weather.lowC() + weather.highC()) / 2;
            felt.add(felt(Moment.EVENING, walk(weather, mean), judgement, context));
        }
        return felt;
    }

    private static Surroundings walk(Weather weather, double airC) {
        return new Surroundings(airC, airC, Math.min(weather.windMs(), 0.4), weather.humidityPercent(), WALKING_MET);
    }

    /** Whether it is cold on the way and no coat is worn. */
    static boolean isColdWithoutACoat(Judgement judgement, JudgementContext context) {
        return !judgement.summary().wearsCoat() && isColdOnTheWay(judgement, context);
    }

    /** Whether it is cold on the way in what is worn, without anything assumed. */
    static boolean isColdOnTheWay(Judgement judgement, JudgementContext context) {
        if (!context.isOutdoors() || context.occasion().outdoorMinutes() == 0) {
            return false;
        }
        Surroundings way = walk(context.weather(), context.weather().lowC());
        return vote(way, judgement.summary().fullCentiClo(), context.brief().pmvOffset()) < -COMFORTABLE;
    }

    /** Takes off one layer after the other as long as it is warm. */
    private static Felt felt(Moment moment, Surroundings at, Judgement judgement, JudgementContext context) {
        double offset = context.brief().pmvOffset();
        boolean takesACoat = moment != Moment.INDOORS && !judgement.summary().wearsCoat();
        int centiClo = judgement.summary().fullCentiClo() + (takesACoat ? context.assumedCentiClo() : 0);
        double vote = vote(at, centiClo, offset);
        List<Piece> off = new ArrayList<>();
        for (Slot slot : PEEL) {
            Worn worn = judgement.outfit().in(slot).orElse(null);
            int less = worn == null ? 0 : centiClo - worn.piece().centiClo();
            boolean mayGo = worn != null && less >= judgement.summary().peeledCentiClo();
            if (mayGo && (vote > COMFORTABLE || moment == Moment.INDOORS && slot == Slot.COAT)) {
                centiClo = less;
                vote = vote(at, centiClo, offset);
                off.add(worn.piece());
            }
        }
        return new Felt(moment, at.airC(), List.copyOf(off), vote);
    }

    private static double vote(Surroundings at, int centiClo, double offset) {
        return Comfort.pmv(at, Comfort.ensembleClo(centiClo / CENTI)) + offset;
    }
}
