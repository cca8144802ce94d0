package jomble.core.counting;

import java.util.List;
import jomble.core.judgement.Verdict;

/**
 * The searches of one structure, one for each context.
 *
 * @param mustWear uncounted options every completion must wear, one array by ordinal of the slot for each alternative
 */
record Searches(List<CompletionSearch> perContext, List<Option[]> mustWear) {

    /** A completion and the place of its context among the question's. */
    record InContext(Completion completion, int context) {}

    /**
     * The best verdict over the contexts, found as soon as it is certain.
     *
     * @param extra one more uncounted option to wear, or null
     * @param atMost points that still interest the caller
     */
    Completion verdict(Option[] combination, Option extra, int atMost) {
        Completion best = Completion.NONE;
        for (Option[] worn : mustWear) {
            Option[] whole = merge(combination, worn, extra);
            for (int i = 0; i < perContext.size() && whole != null && best.verdict() != Verdict.WORKS; i++) {
                int limit = best == Completion.NONE ? atMost : Verdict.WORKS.mostPoints();
                Completion found = perContext.get(i).verdict(whole, limit);
                best = found.verdict().compareTo(best.verdict()) < 0 ? found : best;
            }
        }
        return best;
    }

    /** The best completion by points, credits and fewest pieces over the contexts; the first of equals. */
    InContext best(Option[] combination) {
        InContext best = new InContext(Completion.NONE, 0);
        for (Option[] worn : mustWear) {
            Option[] whole = merge(combination, worn, null);
            for (int i = 0; i < perContext.size() && whole != null; i++) {
                Completion found = perContext.get(i).best(whole);
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
