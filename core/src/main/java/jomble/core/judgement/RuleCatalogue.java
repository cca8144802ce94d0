package jomble.core.judgement;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The rules in force, in order.
 *
 * <p>Findings are collected in masks of 64 bits. Only rules that may cost points need a bit, so there may be more than
 * 64 rules.
 */
public final class RuleCatalogue {
    private static final int MOST_WITH_POINTS = 64;
    private static final Parameter SOFTENING = new Parameter("softened", 0, "share");

    private final List<Rule> rules;
    private final List<PieceRule> pieceRules = new ArrayList<>();
    private final List<PairRule> pairRules = new ArrayList<>();
    private final List<WholeRule> wholeRules = new ArrayList<>();
    private final Map<Rule, RuleBits> bits = new IdentityHashMap<>();
    private final List<Rule> withPoints = new ArrayList<>();
    private final long creditingFaults;

    public RuleCatalogue(List<Rule> rules) {
        this.rules = List.copyOf(rules);
        for (Rule rule : rules) {
            if (!rule.onlyStops() && !rule.onlyCredits()) {
                withPoints.add(rule);
            }
        }
        if (withPoints.size() > MOST_WITH_POINTS) {
            throw new IllegalArgumentException(
                    "at most " + MOST_WITH_POINTS + " rules may cost points, here are " + withPoints.size());
        }
        this.creditingFaults = assignBits();
        for (Rule rule : rules) {
            if (rule instanceof PieceRule r) {
                pieceRules.add(r);
            }
            if (rule instanceof PairRule r) {
                pairRules.add(r);
            }
            if (rule instanceof WholeRule r) {
                if (r.readsWarmthOnly() && (rule instanceof PieceRule || rule instanceof PairRule)) {
                    throw new IllegalArgumentException(
                            rule.id() + " is about warmth alone, so it cannot be about a piece or a pair as well");
                }
                wholeRules.add(r);
            }
        }
    }

    /** A rule that only credits shares the bit of one that never credits. */
    private long assignBits() {
        long crediting = 0;
        for (int i = 0; i < withPoints.size(); i++) {
            crediting |= withPoints.get(i).mayCredit() ? 1L << i : 0;
        }
        long taken = crediting;
        for (int place = 0; place < rules.size(); place++) {
            Rule rule = rules.get(place);
            int fault = withPoints.indexOf(rule);
            long faultBit = fault < 0 ? 0 : 1L << fault;
            long creditBit = rule.mayCredit() ? faultBit : 0;
            if (rule.onlyCredits()) {
                creditBit = Long.lowestOneBit(~taken);
                taken |= creditBit;
            }
            bits.put(rule, new RuleBits(rule, place, faultBit, creditBit));
        }
        return crediting;
    }

    public List<Rule> rules() {
        return rules;
    }

    public List<PieceRule> pieceRules() {
        return List.copyOf(pieceRules);
    }

    public List<PairRule> pairRules() {
        return List.copyOf(pairRules);
    }

    public List<WholeRule> wholeRules() {
        return List.copyOf(wholeRules);
    }

    public Optional<Rule> find(String id) {
        return rules.stream().filter(rule -> rule.id().equals(id)).findFirst();
    }

    /** Whether a rule may be made one step milder: all but those that no approval overrules. */
    public static boolean isSoftenable(Rule rule) {
        return !Overrides.isFinal(rule.id(), FindingKind.STOP);
    }

    /** Every parameter, by {@code rule-id/parameter-name}. */
    public Map<String, Parameter> parameters() {
        Map<String, Parameter> all = new LinkedHashMap<>();
        for (Rule rule : rules) {
            rule.info().parameters().forEach(p -> all.put(rule.id() + "/" + p.name(), p));
            if (isSoftenable(rule)) {
                all.put(rule.id() + Overrides.SOFTENED, SOFTENING);
            }
        }
        return all;
    }

    /** The bits of a rule. */
    public RuleBits bits(Rule rule) {
        return bits.get(rule);
    }

    /** The rule whose faults have this bit. */
    public Rule withFaultBit(int bit) {
        return withPoints.get(bit);
    }

    /** Number of rules that credit without finding fault. */
    public int credits(long credit, long minor, long major) {
        return Long.bitCount(credit & ~((minor | major) & creditingFaults));
    }
}
