package jomble.core.counting;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Worn;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Counts by walking the combinations one by one, pruned by the pair rules. Exact; slow for very large wardrobes. */
public final class PrunedCounter implements Counter {
    private static final Set<Slot> DECIDE_THE_DARK = EnumSet.of(
            Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.UNDERSKIRT, Slot.MID, Slot.JACKET, Slot.SHOES);

    private final RuleCatalogue catalogue;

    public PrunedCounter(RuleCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    @Override
    public Counts count(CountQuestion question, List<SlotPair> crossings, Progress progress) {
        CombinationWalk walk = new CombinationWalk(question, catalogue, progress);
        Options options = walk.options();
        boolean wantsShoes = question.contexts().get(0).wantsShoes();
        Tally tally = new Tally(question, options, crossings, walk::effect, walk::isInert);
        DarkPicks dark = new DarkPicks(options, wantsShoes);
        boolean decidesTheDark = question.counted().slots().containsAll(DECIDE_THE_DARK)
                && question.containing().isEmpty();
        walk.walk((structure, combination, verdict, searches) -> {
            if (tally.add(combination, verdict, searches) && decidesTheDark) {
                dark.complete(structure, combination);
            }
        });
        if (!decidesTheDark) {
            pickInTheDark(question, dark, progress);
        }
        List<NeverTogether> never =
                new NeverTogetherFinder(question, catalogue, options).find(crossings, tally.crossed());
        return tally.counts(PaperCount.of(options, question.counted(), wantsShoes), dark.share(), never);
    }

    private void pickInTheDark(CountQuestion question, DarkPicks dark, Progress progress) {
        CountQuestion whole = question.containing(List.of()).counting(CountedSlots.OUTFITS);
        new CombinationWalk(whole, catalogue, progress).walk((structure, combination, verdict, searches) -> {
            if (verdict == Verdict.WORKS || question.includeDaring()) {
                dark.complete(structure, combination);
            }
        });
    }

    @Override
    public CombinationPage list(CountQuestion question, long offset, int limit, Progress progress) {
        Listing works = new Listing(question, Verdict.WORKS, offset, limit);
        long[] daring = new long[1];
        CombinationWalk walk = new CombinationWalk(question, catalogue, progress);
        walk.walk((structure, combination, verdict, searches) -> {
            works.add(combination, verdict, searches);
            daring[0] += verdict == Verdict.DARING ? 1 : 0;
        });
        List<Combination> page = new ArrayList<>(works.page());
        if (!question.includeDaring()) {
            return new CombinationPage(works.total(), page);
        }
        if (page.size() < limit && daring[0] > 0) {
            Listing rest =
                    new Listing(question, Verdict.DARING, Math.max(0, offset - works.total()), limit - page.size());
            walk.walk((structure, combination, verdict, searches) -> rest.add(combination, verdict, searches));
            page.addAll(rest.page());
        }
        return new CombinationPage(works.total() + daring[0], page);
    }

    /** One page out of all combinations of one verdict. */
    private final class Listing {
        private final CountQuestion question;
        private final Verdict wanted;
        private final long offset;
        private final int limit;
        private final List<Combination> page = new ArrayList<>();
        private long seen;

        Listing(CountQuestion question, Verdict wanted, long offset, int limit) {
            this.question = question;
            this.wanted = wanted;
            this.offset = offset;
            this.limit = limit;
        }

        void add(Option[] combination, Verdict verdict, Searches searches) {
            if (verdict != wanted) {
                return;
            }
            if (seen >= offset && page.size() < limit) {
                page.add(combination(combination, searches));
            }
            seen++;
        }

        private Combination combination(Option[] combination, Searches searches) {
            Searches.InContext found = searches.best(combination);
            Completion best = found.completion();
            Map<Slot, List<PieceId>> counted = new EnumMap<>(Slot.class);
            Map<Slot, List<PieceId>> filled = new EnumMap<>(Slot.class);
            for (Worn w : best.worn()) {
                if (w != null) {
                    boolean isCounted = question.counted().has(w.slot());
                    (isCounted ? counted : filled)
                            .put(w.slot(), w.pieces().stream().map(p -> p.id()).toList());
                }
            }
            return new Combination(
                    counted,
                    filled,
                    best.verdict(),
                    best.points(),
                    best.credits(),
                    question.contexts().get(found.context()));
        }

        List<Combination> page() {
            return page;
        }

        long total() {
            return seen;
        }
    }
}
