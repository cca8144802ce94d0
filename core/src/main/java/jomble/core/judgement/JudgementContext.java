package jomble.core.judgement;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import jomble.core.brief.Brief;
import jomble.core.brief.Coats;
import jomble.core.brief.DressCode;
import jomble.core.brief.Occasion;
import jomble.core.climate.Weather;
import jomble.core.piece.Piece;
import jomble.core.piece.SetKind;

/**
 * The client, occasion and weather an outfit is judged for, and how the rules are held.
 *
 * <p>Built from {@link #PLAIN} by naming what differs: {@code PLAIN.with(brief).at(occasion).in(weather)}.
 */
public record JudgementContext(Person person, Situation situation, Rules rules) {
    /**
     * Who wears it.
     *
     * @param setKinds kind of each set of the wardrobe, by id
     * @param overrides rulings that take precedence over the rules
     */
    public record Person(Brief brief, Map<String, SetKind> setKinds, Overrides overrides) {
        public Person {
            setKinds = Map.copyOf(setKinds);
        }
    }

    /**
     * What it is worn for, and when.
     *
     * @param weather of the whole day, null for no weather: weather rules then find nothing
     * @param date the day, or null when planning for no particular day
     */
    public record Situation(Occasion occasion, Weather weather, LocalDate date) {
        /** The weather in the hours of the occasion, or null. */
        Weather felt() {
            return weather == null ? null : occasion.hours().of(weather);
        }
    }

    /**
     * How the rules are held.
     *
     * @param finishing whether missing accessories are judged
     * @param asIfMended whether pieces that wait for a repair or for cleaning may be worn
     */
    public record Rules(Schools schools, ParameterValues parameters, boolean finishing, boolean asIfMended) {}

    public static final JudgementContext PLAIN = new JudgementContext(
            new Person(Brief.EMPTY, Map.of(), Overrides.NONE),
            new Situation(Occasion.ANY, null, null),
            new Rules(Schools.USUAL, ParameterValues.DEFAULTS, false, false));

    public Brief brief() {
        return person.brief();
    }

    public Map<String, SetKind> setKinds() {
        return person.setKinds();
    }

    public Overrides overrides() {
        return person.overrides();
    }

    public Occasion occasion() {
        return situation.occasion();
    }

    /** The weather as it is felt in the hours of the occasion; null for no weather. */
    public Weather weather() {
        return situation.felt();
    }

    /** The weather of the whole day; null for no weather. */
    public Weather day() {
        return situation.weather();
    }

    /** Whether a coat that is not recorded is worn where no other is. */
    public boolean assumesCoats() {
        return brief().coats() == Coats.ASSUMED;
    }

    /** The insulation of the coat people take in this weather, in hundredths of a clo; 0 for none, or indoors. */
    public int coatCentiClo() {
        return isOutdoors() && occasion().outdoorMinutes() > 0
                ? AssumedCoat.centiClo(weather().lowC())
                : 0;
    }

    /** That of the coat assumed where none is worn; 0 for none. */
    public int assumedCentiClo() {
        return assumesCoats() ? coatCentiClo() : 0;
    }

    public boolean asIfMended() {
        return rules.asIfMended();
    }

    /** This context with pieces that wait for a repair or for cleaning worn or not. */
    public JudgementContext asIfMended(boolean worn) {
        return of(new Rules(schools(), parameters(), finishing(), worn));
    }

    /** Null when planning for no particular day. */
    public LocalDate date() {
        return situation.date();
    }

    public Schools schools() {
        return rules.schools();
    }

    public ParameterValues parameters() {
        return rules.parameters();
    }

    public boolean finishing() {
        return rules.finishing();
    }

    public JudgementContext with(Brief other) {
        return of(new Person(other, setKinds(), overrides()));
    }

    /** This context with other kinds of sets. */
    public JudgementContext with(Map<String, SetKind> kinds) {
        return of(new Person(brief(), kinds, overrides()));
    }

    public JudgementContext with(Overrides others) {
        return of(new Person(brief(), setKinds(), others));
    }

    private JudgementContext of(Person other) {
        return new JudgementContext(other, situation, rules);
    }

    /** This context whatever the weather. */
    public JudgementContext withoutWeather() {
        return in(null);
    }

    /** @param other null for no weather */
    public JudgementContext in(Weather other) {
        return new JudgementContext(person, new Situation(occasion(), other, date()), rules);
    }

    /** This context for another occasion. */
    public JudgementContext at(Occasion other) {
        return new JudgementContext(person, new Situation(other, day(), date()), rules);
    }

    /** @param other null for no particular day */
    public JudgementContext on(LocalDate other) {
        return new JudgementContext(person, new Situation(occasion(), day(), other), rules);
    }

    public JudgementContext with(Schools others) {
        return of(new Rules(others, parameters(), finishing(), asIfMended()));
    }

    public JudgementContext with(ParameterValues others) {
        return of(new Rules(schools(), others, finishing(), asIfMended()));
    }

    /** This context judging missing accessories or not. */
    public JudgementContext finishing(boolean judged) {
        return of(new Rules(schools(), parameters(), judged, asIfMended()));
    }

    private JudgementContext of(Rules others) {
        return new JudgementContext(person, situation, others);
    }

    public double value(Rule rule, Parameter parameter) {
        return parameters().of(rule, parameter);
    }

    /** The effective finding of a rule: one step milder if the rule is softened, unless it cannot be overruled. */
    public Optional<Result> effective(Rule rule, Optional<Result> result) {
        if (result.isEmpty() || !parameters().isSoftened(rule) || Overrides.isFinal(rule.id(), FindingKind.STOP)) {
            return result;
        }
        Record evidence = result.get().evidence();
        return switch (result.get().kind()) {
            case STOP -> Result.major(evidence);
            case MAJOR -> Result.minor(evidence);
            case MINOR -> Optional.empty();
            case CREDIT, NOTE -> result;
        };
    }

    /** A whole-outfit rule prepared for this context, with its effective findings. */
    public WholeRule.Check prepared(WholeRule rule) {
        WholeRule.Check check = rule.prepare(this);
        return check == WholeRule.Check.SILENT || !parameters().isSoftened(rule)
                ? check
                : summary -> effective(rule, check.judge(summary));
    }

    public boolean wantsShoes() {
        return !occasion().requires(DressCode.NO_SHOES);
    }

    public boolean isOutdoors() {
        return weather() != null && !weather().indoors();
    }

    public boolean isOfSuit(Piece piece) {
        return piece.setId() != null && setKinds().get(piece.setId()) == SetKind.SUIT;
    }
}
