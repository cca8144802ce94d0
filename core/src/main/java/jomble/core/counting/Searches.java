package jomble.core.counting;

import java.util.List;
import jomble.core.judgement.Verdict;

/**
 * The searches of one structure, one for each context.
 *
 * @param verdicts find the verdict of a combination, {@code completions} the best way to complete it
 * @param approvals outfits that work because they were approved
 * @param mustWear uncounted options every completion must wear, one array by ordinal of the slot for each alternative
 */
record Searches(
        FillingRows fillings,
        List<FillingSearch> verdicts,
        List<CompletionSearch> completions,
        List<Option[]> mustWear,
        Approvals approvals) {

    /** A completion and the place of its context among the question's. */
    record InContext(Completion completion, int context) {}

    /**
     * The best verdict over the contexts, found as soon as it is certain.
     *
     * @param extra one more uncounted option to wear, or null
     */
    Verdict verdict(Option[] combination, Option extra) {
        return isApproved(combination, extra) ? Verdict.WORKS : verdictByTheRules(combination, extra);
    }

    /** The same, whatever was approved. */
    Verdict verdictByTheRules(Option[] combination, Option extra) {
        Verdict best = Verdict.NO;
        for (Option[] worn : mustWear) {
            Option[] whole = merge(combination, worn, extra);
            for (int i = 0; i < verdicts.size() && whole != null && best != Verdict.WORKS; i++) {
                Verdict found = verdicts.get(i).verdict(whole);
                best = found.compareTo(best) < 0 ? found : best;
            }
        }
        return best;
    }

    /** Whether the combination, with one more uncounted option where one is given, is an approved outfit. */
    boolean isApproved(Option[] combination, Option extra) {
        return !approvals.isEmpty()
                && mustWear.stream().anyMatch(must -> {
                    Option[] whole = merge(combination, must, null);
                    return whole != null && approvals.of(whole, extra) != null;
                });
    }

    /** Gathers every filling that completes the combination in some context. */
    void reach(Option[] combination, Reach reached) {
        reached.clear();
        for (Option[] worn : mustWear) {
            Option[] whole = merge(combination, worn, null);
            for (int i = 0; i < verdicts.size() && whole != null; i++) {
                verdicts.get(i).reach(whole, reached);
            }
        }
    }

    /** The best completion by points, credits and fewest pieces over the contexts; the first of equals. */
    InContext best(Option[] combination) {
        InContext best = new InContext(Completion.NONE, 0);
        Approvals.Placed approved = approvals.isEmpty() ? null : approvals.of(combination, null);
        if (approved != null) {
            return new InContext(approved.completion(), approved.context());
        }
        for (Option[] worn : mustWear) {
            Option[] whole = merge(combination, worn, null);
            for (int i = 0; i < completions.size() && whole != null; i++) {
                Completion found = completions.get(i).best(whole);
                if (found != Completion.NONE && found.isBetterThan(best.completion())) {
                    best = new InContext(found, i);
                }
            }
        }
        return best;
    }

    /** The combination with what must be worn besides; null when a slot or a piece would be used twice. */
    private static Option[] merge(Option[] combination, Option[] worn, Option extra) {
        Option[] whole = combination.clone();
        for (Option option : worn) {
            if (option != null && !put(whole, option)) {
                return null;
            }
        }
        return extra == null || put(whole, extra) ? whole : null;
    }

    private static boolean put(Option[] whole, Option option) {
        int ordinal = option.slot().ordinal();
        if (whole[ordinal] != null) {
            return whole[ordinal] == option;
        }
        for (Option other : whole) {
            if (other != null && other.overlaps(option)) {
                return false;
            }
        }
        whole[ordinal] = option;
        return true;
    }
}
