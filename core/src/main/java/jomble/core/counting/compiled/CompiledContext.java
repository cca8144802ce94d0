package jomble.core.counting.compiled;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReferenceArray;
import jomble.core.counting.WardrobeTooLargeException;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.MeasureAccumulator;
import jomble.core.judgement.NeverRule;
import jomble.core.judgement.PairMeasures;
import jomble.core.judgement.PieceMeasures;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleBits;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Summariser;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/**
 * One context with everything about it worked out once. Several threads may read it at once; {@link #summarise} and {@link #effect} measure
 * in one place and are for one thread at a time.
 */
public final class CompiledContext {
    /** A ruling only stops, and is no rule of the catalogue. */
    private static final RuleBits RULING = new RuleBits(new NeverRule(), -1, 0, 0);

    private final JudgementContext context;
    private final RuleCatalogue catalogue;
    private final FindingMasks lasting;
    private final FindingMasks ofWeather;
    private final Summariser summariser;
    private final List<Worn> ways;
    private final PieceMeasures[] pieceMeasures;
    /** Filled as it is asked for; two threads may both work out a pair, and find the same. */
    private final AtomicReferenceArray<AtomicReferenceArray<PairMeasures>> pairMeasures;
    /** The number of each way. */
    private final Map<Worn, Integer> numbers = new IdentityHashMap<>();

    private final MeasureAccumulator measured;
    private final List<ReadyCheck> checks = new ArrayList<>();
    private final List<ReadyCheck> verdictChecks = new ArrayList<>();

    /** A whole rule in this context. */
    public record ReadyCheck(WholeRule rule, WholeRule.Check check, RuleBits bits) {
        public boolean isTouchedBy(Option option, Structure structure) {
            return rule.isTouchedBy(option.ways().get(0), structure);
        }

        /** The same rule, as the mildest of several contexts holds it. */
        ReadyCheck mildestOf(List<WholeRule.Check> several) {
            return new ReadyCheck(rule, summary -> mildest(several, summary), bits);
        }

        private static Optional<Result> mildest(List<WholeRule.Check> several, Summary summary) {
            Optional<Result> best = several.get(0).judge(summary);
            for (int i = 1; i < several.size() && best.isPresent(); i++) {
                Optional<Result> next = several.get(i).judge(summary);
                boolean milder =
                        next.isEmpty() || next.get().kind().compareTo(best.get().kind()) < 0;
                best = milder ? next : best;
            }
            return best;
        }

        /** Adds the finding to the penalties. */
        public void judge(Summary summary, Penalties penalties) {
            Optional<Result> result = check.judge(summary);
            if (result.isPresent()) {
                penalties.add(result.get().kind(), bits);
            }
        }
    }

    /**
     * @param ways every way to wear every piece, by its number
     * @param lasting masks of the rules that do not read the weather, shared between contexts
     * @param ofWeather masks of the others, or null when the catalogue has none that speak here
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
        this.pieceMeasures = new PieceMeasures[ways.size()];
        this.pairMeasures = new AtomicReferenceArray<>(ways.size());
        this.measured = summariser.accumulator();
        Map<Object, Integer> suits = new HashMap<>();
        for (int way = 0; way < pieceMeasures.length; way++) {
            int suit = suits.computeIfAbsent(summariser.suitOf(ways.get(way)), s -> suits.size());
            if (suit >= PieceMeasures.MOST_SUITS) {
                throw new WardrobeTooLargeException(suit + 1, PieceMeasures.MOST_SUITS);
            }
            numbers.put(ways.get(way), way);
            pieceMeasures[way] = summariser.pieceMeasures(ways.get(way), way, suit);
        }
        NeverRule never = new NeverRule();
        WholeRule.Check against = never.prepare(context);
        if (against != WholeRule.Check.SILENT) {
            ReadyCheck check = new ReadyCheck(never, against, RULING);
            checks.add(check);
            verdictChecks.add(check);
        }
        for (WholeRule rule : catalogue.wholeRules()) {
            WholeRule.Check check = context.prepared(rule);
            if (check != WholeRule.Check.SILENT) {
                checks.add(new ReadyCheck(rule, check, catalogue.bits(rule)));
                if (!rule.onlyCredits()) {
                    verdictChecks.add(checks.get(checks.size() - 1));
                }
            }
        }
    }

    /** One context for several that are alike in all but how warm to dress: whichever is mildest judges the warmth. */
    private CompiledContext(List<CompiledContext> alike) {
        CompiledContext lead = alike.get(0);
        this.context = lead.context;
        this.catalogue = lead.catalogue;
        this.lasting = lead.lasting;
        this.ofWeather = lead.ofWeather;
        this.summariser = lead.summariser;
        this.ways = lead.ways;
        this.pieceMeasures = lead.pieceMeasures;
        this.pairMeasures = lead.pairMeasures;
        this.measured = lead.measured;
        this.numbers.putAll(lead.numbers);
        for (ReadyCheck check : lead.checks) {
            ReadyCheck kept = check.rule().readsWarmthOnly() ? check.mildestOf(warmths(alike)) : check;
            checks.add(kept);
            if (!kept.rule().onlyCredits()) {
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

    /** Fewer contexts with the same union: those that differ only in how warm to dress become one. */
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
                && bearings().equals(other.bearings());
    }

    private List<Object> bearings() {
        List<Object> bearings = new ArrayList<>();
        for (ReadyCheck check : checks) {
            if (check.rule().readsWeather()) {
                bearings.add(check.rule().id());
                bearings.add(check.rule().bearing(context));
            }
        }
        return bearings;
    }

    /** How many rules credit without finding fault. */
    public int credits(long credit, long minor, long major) {
        return catalogue.credits(credit, minor, major);
    }

    public JudgementContext context() {
        return context;
    }

    public List<ReadyCheck> checks() {
        return checks;
    }

    /** The checks that can find fault. */
    public List<ReadyCheck> verdictChecks() {
        return verdictChecks;
    }

    /** What a way adds to the measures of an outfit. */
    public PieceMeasures pieceMeasures(int way) {
        return pieceMeasures[way];
    }

    /** What two ways add together; the inner one comes first in slot order. */
    public PairMeasures pairMeasures(int inner, int outer) {
        AtomicReferenceArray<PairMeasures> row = pairMeasures.getAcquire(inner);
        if (row == null) {
            pairMeasures.compareAndSet(inner, null, new AtomicReferenceArray<>(pieceMeasures.length));
            row = pairMeasures.getAcquire(inner);
        }
        PairMeasures known = row.getAcquire(outer);
        if (known == null) {
            known = summariser.pairMeasures(ways.get(inner), ways.get(outer));
            row.setRelease(outer, known);
        }
        return known;
    }

    public MeasureAccumulator accumulator() {
        return summariser.accumulator();
    }

    /** Of ways of this wardrobe, by ordinal of the slot; it stands until the next is asked for. */
    public Summary summarise(Worn[] worn) {
        summariser.measure(
                worn,
                one -> pieceMeasures[numbers.get(one)],
                (inner, outer) -> pairMeasures(numbers.get(inner), numbers.get(outer)),
                measured);
        return measured;
    }

    /** Masks of the rules that do not read the weather. */
    public FindingMasks lasting() {
        return lasting;
    }

    /** Masks of the rules that read the weather, or null when none speaks here. */
    public FindingMasks ofWeather() {
        return ofWeather;
    }

    public long minor(int a, int b) {
        return lasting.minor(a, b) | (ofWeather == null ? 0 : ofWeather.minor(a, b));
    }

    public long major(int a, int b) {
        return lasting.major(a, b) | (ofWeather == null ? 0 : ofWeather.major(a, b));
    }

    /** Adds the rules that stop two ways, or one where they are the same, by their places in the catalogue. */
    public void addStops(int a, int b, BitSet rules) {
        lasting.addStops(a, b, rules);
        if (ofWeather != null) {
            ofWeather.addStops(a, b, rules);
        }
    }

    public long credit(int a, int b) {
        return lasting.credit(a, b) | (ofWeather == null ? 0 : ofWeather.credit(a, b));
    }

    /**
     * All that rules can say or see of an option that is put on over a dressed body, as a value; legs of another colour are
     * another thing to a one-piece.
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

    /** Findings OR-ed into masks. */
    public static final class Penalties {
        public long minor;
        /** {@link PenaltySets#EVERY_RULE} once a rule stops. */
        public long major;

        public long credit;

        public void clear() {
            minor = 0;
            major = 0;
            credit = 0;
        }

        /** Takes in one finding of a rule. */
        public void add(FindingKind kind, RuleBits bits) {
            switch (kind) {
                case STOP -> major = PenaltySets.EVERY_RULE;
                case MAJOR -> major |= bits.ofFault();
                case MINOR -> minor |= bits.ofFault();
                case CREDIT -> credit |= bits.ofCredit();
            }
        }

        public void add(List<ReadyCheck> checks, Summary summary) {
            for (ReadyCheck check : checks) {
                check.judge(summary, this);
            }
        }
    }
}
