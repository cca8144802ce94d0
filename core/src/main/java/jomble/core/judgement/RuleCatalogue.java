package jomble.core.judgement;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The rules in force, in their order; a rule's place is its bit in every mask, so there are at most 64. */
public final class RuleCatalogue {
    private static final int MOST = 64;
    private static final Parameter SOFTENING = new Parameter("softened", 0, "share");

    private final List<Rule> rules;
    private final List<PieceRule> pieceRules = new ArrayList<>();
    private final List<PairRule> pairRules = new ArrayList<>();
    private final List<WholeRule> wholeRules = new ArrayList<>();
    private final Map<Rule, Long> bits = new IdentityHashMap<>();

    public RuleCatalogue(List<Rule> rules) {
        if (rules.size() > MOST) {
            throw new IllegalArgumentException("at most " + MOST + " rules, here are " + rules.size());
        }
        this.rules = List.copyOf(rules);
        for (Rule rule : rules) {
            bits.put(rule, 1L << bits.size());
            if (rule instanceof PieceRule r) {
                pieceRules.add(r);
            }
            if (rule instanceof PairRule r) {
                pairRules.add(r);
            }
            if (rule instanceof WholeRule r) {
                wholeRules.add(r);
            }
        }
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

    /** Whether a rule may be held one step softer: all but those that no approval reaches. */
    public static boolean isSoftenable(Rule rule) {
        return !Overrides.isFinal(rule.id(), FindingKind.STOP);
    }

    /** Every parameter there is, by {@code rule-id/parameter-name}. */
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

    /** The bit of one of the rules. */
    public long bit(Rule rule) {
        return bits.get(rule);
    }
}
