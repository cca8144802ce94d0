package jomble.core.judgement;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import jomble.core.brief.Brief;
import jomble.core.brief.DressCode;
import jomble.core.brief.Occasion;
import jomble.core.climate.Weather;
import jomble.core.piece.Piece;
import jomble.core.piece.SetKind;

/**
 * The client, occasion and weather an outfit is judged for.
 *
 * @param weather null for no weather: weather rules then find nothing
 * @param setKinds kind of each set of the wardrobe, by id
 * @param date the day, or null when planning for no particular day
 * @param finishing whether missing accessories are judged
 * @param overrides rulings that take precedence over the rules
 */
public record JudgementContext(
        Brief brief,
        Occasion occasion,
        Weather weather,
        Schools schools,
        Map<String, SetKind> setKinds,
        ParameterValues parameters,
        LocalDate date,
        boolean finishing,
        Overrides overrides) {
    public static final JudgementContext PLAIN = new JudgementContext(
            Brief.EMPTY,
            Occasion.ANY,
            null,
            Schools.USUAL,
            Map.of(),
            ParameterValues.DEFAULTS,
            null,
            false,
            Overrides.NONE);

    public JudgementContext {
        setKinds = Map.copyOf(setKinds);
    }

    public JudgementContext in(Weather other) {
        return new JudgementContext(brief, occasion, other, schools, setKinds, parameters, date, finishing, overrides);
    }

    /** This context for another occasion. */
    public JudgementContext at(Occasion other) {
        return new JudgementContext(brief, other, weather, schools, setKinds, parameters, date, finishing, overrides);
    }

    /** This context with other kinds of sets. */
    public JudgementContext with(Map<String, SetKind> kinds) {
        return new JudgementContext(brief, occasion, weather, schools, kinds, parameters, date, finishing, overrides);
    }

    public double value(Rule rule, Parameter parameter) {
        return parameters.of(rule, parameter);
    }

    /** The effective finding of a rule: one step milder if the rule is softened, unless it cannot be overruled. */
    public Optional<Result> effective(Rule rule, Optional<Result> result) {
        if (result.isEmpty() || !parameters.isSoftened(rule) || Overrides.isFinal(rule.id(), FindingKind.STOP)) {
            return result;
        }
        Record evidence = result.get().evidence();
        return switch (result.get().kind()) {
            case STOP -> Result.major(evidence);
            case MAJOR -> Result.minor(evidence);
            case MINOR -> Optional.empty();
            case CREDIT -> result;
        };
    }

    /** A whole-outfit rule prepared for this context, with its effective findings. */
    public WholeRule.Check prepared(WholeRule rule) {
        WholeRule.Check check = rule.prepare(this);
        return check == WholeRule.Check.SILENT || !parameters.isSoftened(rule)
                ? check
                : summary -> effective(rule, check.judge(summary));
    }

    public boolean wantsShoes() {
        return !occasion.requires(DressCode.NO_SHOES);
    }

    public boolean isOutdoors() {
        return weather != null && !weather.indoors();
    }

    public boolean isOfSuit(Piece piece) {
        return piece.setId() != null && setKinds.get(piece.setId()) == SetKind.SUIT;
    }
}
