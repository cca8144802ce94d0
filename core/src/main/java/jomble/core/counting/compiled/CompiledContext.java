package jomble.core.counting.compiled;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicReferenceArray;
import jomble.core.counting.WardrobeTooLargeException;
import jomble.core.judgement.Contribution;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.MeasureAccumulator;
import jomble.core.judgement.NeverRule;
import jomble.core.judgement.ReadingRule;
import jomble.core.judgement.RuleBits;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Summariser;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/**
 * One context with everything the search needs precomputed. It may be read by several threads at once, except {@link
 * #summarise} and {@link #effect}, which share a buffer.
 */
public final class CompiledContext implements PairFindings {
    /** Bits for a stylist's ruling, which is not a rule of the catalogue and can only stop. */
    private static final RuleBits RULING = new RuleBits(new NeverRule(), -1, false, 0, 0);

    private static final RuleBits READING = new RuleBits(new ReadingRule(), -1, false, 0, 0);

    private final JudgementContext context;
    private final RuleCatalogue catalogue;
    private final FindingMasks lasting;
    private final FindingMasks ofWeather;
    private final Summariser summariser;
    private final List<Worn> ways;
    private final Contribution[] ofWays;
    /** Filled lazily. Two threads may both compute a pair; their results are equal. */
    private final AtomicReferenceArray<AtomicReferenceArray<Contribution>> ofPairs;
    /** The number of each way. */
    private final Map<Worn, Integer> numbers = new IdentityHashMap<>();

    private final MeasureAccumulator measured;
    private final List<ReadyCheck> checks = new ArrayList<>();
    private final List<ReadyCheck> verdictChecks = new ArrayList<>();

    /**
     * @param ways every way to wear every piece, by number
     * @param lasting masks of the rules that do not depend on the weather, shared between contexts
     * @param ofWeather masks of the rules that do, or null when none applies
     */
    public CompiledContext(
            JudgementContext context,
            RuleCatalogue catalogue,
            List<Worn> ways,
            FindingMasks lasting,
            FindingMasks ofWeather) {
        this.context = context;
        this.catalogue = catalogue;
        this.lasting = lasting;
        this.ofWeather = ofWeather == null || ofWeather.isBlank() ? null : ofWeather;
        this.summariser = new Summariser(context);
        this.ways = ways;
        this.ofWays = new Contribution[ways.size()];
        this.ofPairs = new AtomicReferenceArray<>(ways.size());
        this.measured = summariser.accumulator();
        Map<Object, Integer> suits = new HashMap<>();
        for (int way = 0; way < ofWays.length; way++) {
            int suit = suits.computeIfAbsent(summariser.suitOf(ways.get(way)), s -> suits.size());
            if (suit >= Summary.MOST_SUITS) {
                throw new WardrobeTooLargeException(suit + 1, Summary.MOST_SUITS);
            }
            numbers.put(ways.get(way), way);
            ofWays[way] = summariser.contribution(ways.get(way), way, suit);
        }
        NeverRule never = new NeverRule();
        WholeRule.Check against = never.prepare(context);
        if (against != WholeRule.Check.SILENT) {
            ReadyCheck check = new ReadyCheck(never, against, RULING);
            checks.add(check);
            verdictChecks.add(check);
        }
        if (ReadingRule.isNeededFor(ways)) {
            ReadingRule reading = new ReadingRule();
            ReadyCheck check = new ReadyCheck(reading, reading.prepare(context), READING);
            checks.add(check);
            verdictChecks.add(check);
        }
        for (WholeRule rule : catalogue.wholeRules()) {
            WholeRule.Check check = context.prepared(rule);
            if (check != WholeRule.Check.SILENT) {
                checks.add(new ReadyCheck(rule, check, catalogue.bits(rule)));
                if (!rule.neverFaults()) {
                    verdictChecks.add(checks.get(checks.size() - 1));
                }
            }
        }
    }

    /** A compiled context that shares no masks with another. */
    public static CompiledContext of(Options options, JudgementContext context, RuleCatalogue catalogue) {
        FindingMasks lasting = new FindingMasks(options, catalogue, context.withoutWeather(), false);
        FindingMasks ofWeather = context.weather() == null ? null : new FindingMasks(options, catalogue, context, true);
        return new CompiledContext(context, catalogue, options.ways(), lasting, ofWeather);
    }

    /** One context for several that differ only in how warm to dress: warmth is judged by the mildest of them. */
    private CompiledContext(List<CompiledContext> alike) {
        CompiledContext lead = alike.get(0);
        this.context = lead.context;
        this.catalogue = lead.catalogue;
        this.lasting = lead.lasting;
        this.ofWeather = lead.ofWeather;
        this.summariser = lead.summariser;
        this.ways = lead.ways;
        this.ofWays = lead.ofWays;
        this.ofPairs = lead.ofPairs;
        this.measured = lead.measured;
        this.numbers.putAll(lead.numbers);
        for (ReadyCheck check : lead.checks) {
            ReadyCheck kept = check.rule().readsWarmthOnly() ? check.mildestOf(warmths(alike)) : check;
            checks.add(kept);
            if (!kept.rule().neverFaults()) {
                verdictChecks.add(kept);
            }
        }
    }

    private static List<WholeRule.Check> warmths(List<CompiledContext> alike) {
        return alike.stream()
                .flatMap(context -> context.checks.stream())
                .filter(check -> check.rule().readsWarmthOnly())
                .map(ReadyCheck::check)
                .toList();
    }

    /** Fewer contexts with the same union of outfits: those that differ only in how warm to dress are merged. */
    public static List<CompiledContext> merged(List<CompiledContext> contexts) {
        List<List<CompiledContext>> groups = new ArrayList<>();
        for (CompiledContext context : contexts) {
            groups.stream()
                    .filter(group -> group.get(0).isLikeButForWarmth(context))
                    .findFirst()
                    .orElseGet(() -> {
                        groups.add(new ArrayList<>());
                        return groups.get(groups.size() - 1);
                    })
                    .add(context);
        }
        return groups.stream()
                .map(group -> group.size() == 1 ? group.get(0) : new CompiledContext(group))
                .toList();
    }

    private boolean isLikeButForWarmth(CompiledContext other) {
        boolean sameMasks = ofWeather == null
                ? other.ofWeather == null
                : other.ofWeather != null && ofWeather.isLike(other.ofWeather);
        return lasting == other.lasting
                && sameMasks
                && context.weather() != null
                && other.context.weather() != null
                && weatherAnswers().equals(other.weatherAnswers());
    }

    private List<Object> weatherAnswers() {
        List<Object> weatherAnswers = new ArrayList<>();
        for (ReadyCheck check : checks) {
            if (check.rule().readsWeather()) {
                weatherAnswers.add(check.rule().id());
                weatherAnswers.add(check.rule()
                        .weatherAnswers(context)
                        .<Object>map(answers -> answers)
                        .orElse(context));
            }
        }
        return weatherAnswers;
    }

    /** How many rules credit without also finding fault. */
    public int credits(Penalties penalties) {
        return catalogue.credits(penalties.credit(), penalties.minor(), penalties.major());
    }

    /** The bits of the second word that piece and pair rules may set. */
    public long pairsBeyond() {
        return catalogue.pairsBeyond();
    }

    public JudgementContext context() {
        return context;
    }

    public List<ReadyCheck> checks() {
        return checks;
    }

    /** The whole-outfit checks that can find fault. */
    public List<ReadyCheck> verdictChecks() {
        return verdictChecks;
    }

    /** Whether wearing an option as well can improve a verdict. */
    public boolean helps(Option option, Structure structure) {
        return option.ways().stream()
                .anyMatch(way ->
                        verdictChecks.stream().anyMatch(check -> check.rule().maySoften(way, structure)));
    }

    /** What a way contributes to the measures of an outfit. */
    public Contribution contribution(int way) {
        return ofWays[way];
    }

    /** What two ways contribute together; the inner one comes first in slot order. */
    public Contribution contribution(int inner, int outer) {
        AtomicReferenceArray<Contribution> row = ofPairs.getAcquire(inner);
        if (row == null) {
            ofPairs.compareAndSet(inner, null, new AtomicReferenceArray<>(ofWays.length));
            row = ofPairs.getAcquire(inner);
        }
        Contribution known = row.getAcquire(outer);
        if (known == null) {
            known = summariser.contribution(ways.get(inner), ways.get(outer));
            row.setRelease(outer, known);
        }
        return known;
    }

    public MeasureAccumulator accumulator() {
        return summariser.accumulator();
    }

    /**
     * Measures an outfit made of this wardrobe's ways, given by the slot's ordinal; the result is valid until the next
     * call.
     */
    public Summary summarise(Worn[] worn) {
        summariser.measure(
                worn,
                one -> ofWays[numbers.get(one)],
                (inner, outer) -> contribution(numbers.get(inner), numbers.get(outer)),
                measured);
        return measured;
    }

    /** Masks of the rules that do not depend on the weather. */
    public FindingMasks lasting() {
        return lasting;
    }

    /** Masks of the rules that depend on the weather, or null when none applies. */
    public FindingMasks ofWeather() {
        return ofWeather;
    }

    @Override
    public long minor(int a, int b) {
        return lasting.minor(a, b) | (ofWeather == null ? 0 : ofWeather.minor(a, b));
    }

    @Override
    public long major(int a, int b) {
        return lasting.major(a, b) | (ofWeather == null ? 0 : ofWeather.major(a, b));
    }

    @Override
    public boolean reachBeyond() {
        return lasting.reachBeyond();
    }

    @Override
    public long minorBeyond(int a, int b) {
        return lasting.minorBeyond(a, b) | (ofWeather == null ? 0 : ofWeather.minorBeyond(a, b));
    }

    @Override
    public long majorBeyond(int a, int b) {
        return lasting.majorBeyond(a, b) | (ofWeather == null ? 0 : ofWeather.majorBeyond(a, b));
    }

    /** Adds the catalogue indices of the rules that stop two ways, or one if both are the same. */
    public void addStops(int a, int b, BitSet rules) {
        lasting.addStops(a, b, rules);
        if (ofWeather != null) {
            ofWeather.addStops(a, b, rules);
        }
    }

    @Override
    public long credit(int a, int b) {
        return lasting.credit(a, b) | (ofWeather == null ? 0 : ofWeather.credit(a, b));
    }

    /**
     * Everything rules can see of an option added to a dressed body, as a comparable value; to a one-piece, legs of
     * another colour are a different option.
     */
    public List<Object> effect(Option option) {
        List<Object> effect = new ArrayList<>();
        int way = option.firstWay();
        boolean alone = lasting.isUnspokenBeside(way) && (ofWeather == null || ofWeather.isUnspokenBeside(way));
        effect.add(alone ? option.slot() : option.index());
        effect.add(option.slot() == Slot.LEGWEAR ? option.index() : null);
        effect.add(lasting.ofPiece(way));
        effect.add(ofWeather == null ? List.of() : ofWeather.ofPiece(way));
        Worn[] worn = new Worn[Slot.values().length];
        worn[option.slot().ordinal()] = option.ways().get(0);
        Summary summary = summarise(worn);
        for (ReadyCheck check : checks) {
            effect.add(check.rule().key(summary));
        }
        return effect;
    }
}
