package jomble.core.judgement.rule.weather;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import jomble.core.climate.Weather;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Keys;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/**
 * {@code weather.warmth}: warm enough on the way, not boiling indoors.
 *
 * <p>The cold check looks at the cold side only and the warm checks at the warm side only, so that a light outfit is not
 * faulted twice. PMV rises with Σ clo, so each check is prepared as limits of Σ in hundredths of a clo.
 */
public final class WeatherWarmthRule implements WholeRule {
    private static final Parameter MINOR = new Parameter("minor", 1.0, "PMV from neutral");
    private static final Parameter MAJOR = new Parameter("major", 1.5, "PMV from neutral");
    private static final Parameter STOP = new Parameter("stop", 2.0, "PMV from neutral");
    private static final Parameter SHORT = new Parameter("short-way", 20, "minutes outdoors");
    private static final Parameter LONG = new Parameter("long-way", 60, "minutes outdoors");
    private static final RuleInfo INFO = RuleInfo.of(
                    "weather.warmth",
                    "Warm enough, and not too warm",
                    "An outfit must see its wearer through the coldest walk of the day and through the rooms in between.",
                    MINOR,
                    MAJOR,
                    STOP,
                    SHORT,
                    LONG)
            .from("ISO 7730:2005 for the vote, ISO 9920:2007 for insulation; the limits are our choice.")
            .that(RuleTrait.READS_WEATHER, RuleTrait.READS_WARMTH_ONLY);
    private static final double STROLLING_MET = 1.4;
    private static final double OUTDOORS_WARM_MS = 0.3;
    private static final double INDOORS_MS = 0.1;
    private static final double WARMEST_CHECK_C = 27;
    private static final double HOT_C = 30;

    private static final int[] WARM_DAY_CENTI_CLO = {50, 60, 80};
    private static final int[] HOT_DAY_CENTI_CLO = {40, 50, 65};

    record TooCold(double pmv, double lowC, double clo) {}

    record TooColdWithoutACoat(double pmv, double lowC, double clo) {}

    record TooColdUnderACoat(double pmv, double lowC, double clo, double coatClo) {}

    record TooWarmOutdoors(double pmv, double highC, double clo) {}

    record TooWarmIndoors(double pmv, double roomC, double clo) {}

    record TooMuchForTheHeat(double highC, double clo, double limitClo) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public Set<Slot> reads() {
        return EnumSet.allOf(Slot.class);
    }

    @Override
    public boolean isTouchedBy(Worn worn, Structure structure) {
        return worn.slot() == Slot.COAT || worn.pieces().stream().anyMatch(piece -> piece.centiClo() > 0);
    }

    @Override
    public long key(Summary summary) {
        return Keys.of(summary.warmth(), summary.peeledCentiClo());
    }

    @Override
    public Optional<List<Boolean>> weatherAnswers(JudgementContext context) {
        return Optional.of(List.of(prepare(context) == Check.SILENT));
    }

    @Override
    public Check prepare(JudgementContext context) {
        Weather weather = context.weather();
        if (weather == null) {
            return Check.SILENT;
        }
        double minor = context.value(this, MINOR);
        double major = context.value(this, MAJOR);
        double stop = context.value(this, STOP);
        double offset = context.brief().pmvOffset();
        List<Check> checks = new ArrayList<>();
        Vote room = new Vote(
                context.occasion().indoorC(),
                INDOORS_MS,
                weather.humidityPercent(),
                context.occasion().met(),
                offset);
        Warm indoors = new Warm(room.atLeast(minor), room.atLeast(major), room.atLeast(stop));
        checks.add(s -> graded(
                indoors.kind(s.peeledCentiClo()),
                () -> new TooWarmIndoors(
                        room.at(s.peeledCentiClo()), context.occasion().indoorC(), clo(s.peeledCentiClo()))));
        if (context.isOutdoors()) {
            addOutdoorChecks(checks, context, minor, major, stop);
        }
        return summary -> worst(checks, summary);
    }

    /**
     * A few minutes to the door are not a day outside: the cold is one step milder. Over hours it is one step harder
     * under a coat that is only assumed, as nobody knows it to be made for that.
     */
    private FindingKind forTheTime(FindingKind kind, boolean isAssumed, JudgementContext context) {
        int minutes = context.occasion().outdoorMinutes();
        if (kind == null) {
            return null;
        }
        if (minutes <= context.value(this, SHORT)) {
            return kind.softer();
        }
        return isAssumed && minutes >= context.value(this, LONG) ? kind.harder() : kind;
    }

    /** The vote is worked out for a finding only: most outfits have none. */
    private static Optional<Result> graded(FindingKind kind, Supplier<Record> evidence) {
        return kind == null ? Optional.empty() : Result.of(kind, evidence.get());
    }

    private void addOutdoorChecks(
            List<Check> checks, JudgementContext context, double minor, double major, double stop) {
        Weather weather = context.weather();
        double offset = context.brief().pmvOffset();
        Vote walk = Vote.walking(weather, offset);
        Cold cold = new Cold(walk.atLeast(-minor), walk.atLeast(-major), walk.atLeast(-stop));
        int assumed = context.assumedCentiClo();
        if (context.occasion().outdoorMinutes() > 0) {
            checks.add(s -> graded(
                    forTheTime(
                            cold.kind(s.fullCentiClo() + (s.wearsCoat() ? 0 : assumed)),
                            assumed > 0 && !s.wearsCoat(),
                            context),
                    () -> tooCold(s, assumed, weather.lowC(), walk)));
        }

        double high = Math.min(weather.highC(), WARMEST_CHECK_C);
        Vote stroll = new Vote(high, OUTDOORS_WARM_MS, weather.humidityPercent(), STROLLING_MET, offset);
        Warm warm = new Warm(stroll.atLeast(minor), stroll.atLeast(major), stroll.atLeast(stop));
        checks.add(s -> graded(
                warm.kind(s.peeledCentiClo()),
                () -> new TooWarmOutdoors(stroll.at(s.peeledCentiClo()), high, clo(s.peeledCentiClo()))));
        if (weather.highC() > WARMEST_CHECK_C) {
            int[] limits = weather.highC() > HOT_C ? HOT_DAY_CENTI_CLO : WARM_DAY_CENTI_CLO;
            Warm heat = new Warm(limits[0] + 1, limits[1] + 1, limits[2] + 1);
            checks.add(s -> graded(
                    heat.kind(s.peeledCentiClo()),
                    () -> new TooMuchForTheHeat(weather.highC(), clo(s.peeledCentiClo()), clo(limits[0]))));
        }
    }

    private static Record tooCold(Summary summary, int assumed, double lowC, Vote walk) {
        int worn = summary.fullCentiClo();
        if (summary.wearsCoat()) {
            return new TooCold(walk.at(worn), lowC, clo(worn));
        }
        return assumed == 0
                ? new TooColdWithoutACoat(walk.at(worn), lowC, clo(worn))
                : new TooColdUnderACoat(walk.at(worn + assumed), lowC, clo(worn), clo(assumed));
    }

    private static Optional<Result> worst(List<Check> checks, Summary summary) {
        Optional<Result> worst = Optional.empty();
        for (Check check : checks) {
            Optional<Result> result = check.judge(summary);
            if (result.isPresent()
                    && (worst.isEmpty()
                            || result.get().kind().compareTo(worst.get().kind()) > 0)) {
                worst = result;
            }
        }
        return worst;
    }

    private static double clo(int centiClo) {
        return centiClo / 100.0;
    }

    /** Least Σ that escapes each grade of cold. */
    private record Cold(int minor, int major, int stop) {
        FindingKind kind(int centiClo) {
            if (centiClo < stop) {
                return FindingKind.STOP;
            }
            if (centiClo < major) {
                return FindingKind.MAJOR;
            }
            return centiClo < minor ? FindingKind.MINOR : null;
        }
    }

    /** Least Σ that falls into each grade of warmth. */
    private record Warm(int minor, int major, int stop) {
        FindingKind kind(int centiClo) {
            if (centiClo >= stop) {
                return FindingKind.STOP;
            }
            if (centiClo >= major) {
                return FindingKind.MAJOR;
            }
            return centiClo >= minor ? FindingKind.MINOR : null;
        }
    }
}
