package jomble.core.counting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.NeverRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Summariser;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** One context with everything about it worked out once. */
final class CompiledContext {
    private final JudgementContext context;
    private final FindingMasks lasting;
    private final FindingMasks ofWeather;
    private final Summariser summariser;
    private final List<ReadyCheck> checks = new ArrayList<>();
    private final List<ReadyCheck> verdictChecks = new ArrayList<>();

    /** A whole rule in this context. */
    record ReadyCheck(WholeRule rule, WholeRule.Check check, long bit) {}

    /**
     * @param lasting masks of the rules that do not read the weather, shared between contexts
     * @param ofWeather masks of the others, or null when the catalogue has none that speak here
     */
    CompiledContext(
            JudgementContext context,
            RuleCatalogue catalogue,
            FindingMasks lasting,
            FindingMasks ofWeather,
            KnownDifferences differences) {
        this.context = context;
        this.lasting = lasting;
        this.ofWeather = ofWeather == null || ofWeather.isBlank() ? null : ofWeather;
        this.summariser = new Summariser(context, differences);
        NeverRule never = new NeverRule();
        WholeRule.Check against = never.prepare(context);
        if (against != WholeRule.Check.SILENT) {
            ReadyCheck check = new ReadyCheck(never, against, 0);
            checks.add(check);
            verdictChecks.add(check);
        }
        for (WholeRule rule : catalogue.wholeRules()) {
            WholeRule.Check check = context.prepared(rule);
            if (check != WholeRule.Check.SILENT) {
                checks.add(new ReadyCheck(rule, check, catalogue.bit(rule)));
                if (!rule.onlyCredits()) {
                    verdictChecks.add(checks.get(checks.size() - 1));
                }
            }
        }
    }

    JudgementContext context() {
        return context;
    }

    List<ReadyCheck> checks() {
        return checks;
    }

    /** The checks that can find fault. */
    List<ReadyCheck> verdictChecks() {
        return verdictChecks;
    }

    FindingMasks lasting() {
        return lasting;
    }

    /** Masks of the rules that read the weather, or null when none speaks here. */
    FindingMasks ofWeather() {
        return ofWeather;
    }

    Summariser summariser() {
        return summariser;
    }

    Summary summarise(Worn[] worn) {
        return summariser.summarise(worn);
    }

    long minor(int a, int b) {
        return lasting.minor(a, b) | (ofWeather == null ? 0 : ofWeather.minor(a, b));
    }

    long major(int a, int b) {
        return lasting.major(a, b) | (ofWeather == null ? 0 : ofWeather.major(a, b));
    }

    long credit(int a, int b) {
        return lasting.credit(a, b) | (ofWeather == null ? 0 : ofWeather.credit(a, b));
    }

    /** Whether no pair or piece rule finds fault with this way. */
    private boolean isFaultless(int way) {
        return lasting.isFaultless(way) && (ofWeather == null || ofWeather.isFaultless(way));
    }

    /** What a rule about the whole sees of an option worn alone. */
    Object keyAlone(ReadyCheck check, Option option) {
        Worn[] alone = new Worn[Slot.values().length];
        alone[option.slot().ordinal()] = option.ways().get(0);
        return check.rule().key(alone, summariser.summarise(alone));
    }

    Object keyOfNothing(ReadyCheck check) {
        Worn[] nothing = new Worn[Slot.values().length];
        return check.rule().key(nothing, summariser.summarise(nothing));
    }

    /**
     * All that can change a verdict about an option, as a value: what the rules about the piece alone say, and what those about
     * the whole can see. An option a pair rule finds fault with is like no other.
     */
    List<Object> effect(Option option) {
        return effect(option, lasting.isFaultlessBeside(option.firstWay()), verdictChecks);
    }

    /** The same with what is to be said for it, for ranking. */
    List<Object> effectWithCredits(Option option) {
        return effect(option, lasting.isUnspokenBeside(option.firstWay()), checks);
    }

    private List<Object> effect(Option option, boolean lastingAlone, List<ReadyCheck> seen) {
        List<Object> effect = new ArrayList<>();
        int way = option.firstWay();
        boolean alone = lastingAlone && (ofWeather == null || ofWeather.isUnspokenBeside(way));
        effect.add(alone ? option.slot() : option.index());
        effect.add(lasting.ofPiece(way));
        effect.add(ofWeather == null ? List.of() : ofWeather.ofPiece(way));
        seen.forEach(check -> effect.add(keyAlone(check, option)));
        return effect;
    }

    /** Whether wearing this option makes no difference to any rule. */
    boolean isInert(Option option) {
        return isFaultless(option.firstWay())
                && verdictChecks.stream().allMatch(check -> keyOfNothing(check).equals(keyAlone(check, option)));
    }

    /** Findings of the checks on a summary, OR-ed into three masks. */
    static final class Charge {
        long minor;
        long major;
        long credit;

        void add(List<ReadyCheck> checks, Summary summary) {
            for (ReadyCheck check : checks) {
                Optional<Result> result = check.check().judge(summary);
                if (result.isPresent()) {
                    switch (result.get().kind()) {
                        case STOP -> major = FindingMasks.STOP;
                        case MAJOR -> major |= check.bit();
                        case MINOR -> minor |= check.bit();
                        case CREDIT -> credit |= check.bit();
                    }
                }
            }
        }
    }
}
