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
 * <p>Findings are collected in masks of two words of 64 bits. Only rules that may cost points need a bit. Rules about
 * pieces and pairs have the first word, because counting merges their findings in its innermost loops; rules about the
 * whole outfit alone are found once in each outfit and have the second. So there is room for 64 of each at no cost.
 * Beyond 64, rules about pieces and pairs take bits of the second word as well: the loops then read both words, and
 * counting distinguishes more states, as it keeps those bits to the end.
 */
public final class RuleCatalogue {
    private static final int WORD = Long.SIZE;
    private static final Parameter SOFTENING = new Parameter("softened", 0, "share");

    private final List<Rule> rules;
    private final List<PieceRule> pieceRules = new ArrayList<>();
    private final List<PairRule> pairRules = new ArrayList<>();
    private final List<WholeRule> wholeRules = new ArrayList<>();
    private final Map<Rule, RuleBits> bits = new IdentityHashMap<>();
    /** The rules that may cost points, by their bit in the first word and in the second. */
    private final List<Rule> first = new ArrayList<>();

    private final List<Rule> beyond = new ArrayList<>();
    private final long creditingFaults;
    private final long pairsBeyond;

    /** @throws IllegalArgumentException when more rules may cost points or credit than there are bits */
    public RuleCatalogue(List<Rule> rules) {
        this(rules, WORD);
    }

    /** @param inFirstWord number of bits of the first word that are used */
    RuleCatalogue(List<Rule> rules, int inFirstWord) {
        this.rules = List.copyOf(rules);
        divide(inFirstWord);
        this.pairsBeyond = ofPiecesBeyond();
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

    /** Rules that credit as well come first, as a credit has the bit of its rule in a single word. */
    private void divide(int inFirstWord) {
        List<Rule> costing = rules.stream()
                .filter(rule -> !rule.onlyStops() && !rule.neverFaults())
                .toList();
        costing.stream()
                .filter(rule -> rule.mayCredit() && first.size() < inFirstWord)
                .forEach(first::add);
        costing.stream()
                .filter(rule -> !rule.mayCredit() && isOfPieces(rule) && first.size() < inFirstWord)
                .forEach(first::add);
        costing.stream().filter(rule -> !first.contains(rule)).forEach(beyond::add);
        long crediting = rules.stream().filter(Rule::mayCredit).count();
        if (beyond.size() > WORD || crediting > inFirstWord) {
            throw new IllegalArgumentException("at most %d rules may cost points and %d may credit, here are %d and %d"
                    .formatted(inFirstWord + WORD, inFirstWord, costing.size(), crediting));
        }
    }

    private static boolean isOfPieces(Rule rule) {
        return rule instanceof PieceRule || rule instanceof PairRule;
    }

    private long ofPiecesBeyond() {
        long bits = 0;
        for (int i = 0; i < beyond.size(); i++) {
            bits |= isOfPieces(beyond.get(i)) ? 1L << i : 0;
        }
        return bits;
    }

    /** A rule that only credits shares the bit of one that never credits. */
    private long assignBits() {
        long crediting = 0;
        for (int i = 0; i < first.size(); i++) {
            crediting |= first.get(i).mayCredit() ? 1L << i : 0;
        }
        long taken = crediting;
        for (int place = 0; place < rules.size(); place++) {
            Rule rule = rules.get(place);
            boolean isBeyond = beyond.contains(rule);
            int fault = isBeyond ? beyond.indexOf(rule) : first.indexOf(rule);
            long faultBit = fault < 0 ? 0 : 1L << fault;
            long creditBit = rule.mayCredit() ? faultBit : 0;
            if (rule.neverFaults()) {
                creditBit = Long.lowestOneBit(~taken);
                taken |= creditBit;
            }
            bits.put(rule, new RuleBits(rule, place, isBeyond, faultBit, creditBit));
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

    /** The rule whose faults have this bit of the first word, or of the second. */
    public Rule withFaultBit(boolean isBeyond, int bit) {
        return (isBeyond ? beyond : first).get(bit);
    }

    /** The bits of the second word that belong to rules about pieces or pairs; 0 while those fit into the first. */
    public long pairsBeyond() {
        return pairsBeyond;
    }

    /**
     * Number of rules that credit without finding fault.
     *
     * @param minor,major faults in the first word, where every rule that does both is
     */
    public int credits(long credit, long minor, long major) {
        return Long.bitCount(credit & ~((minor | major) & creditingFaults));
    }
}
