package jomble.core.counting.listing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import jomble.core.counting.Combination;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.completion.Completion;
import jomble.core.counting.completion.CompletionSearch;
import jomble.core.counting.enumeration.Approvals;
import jomble.core.counting.enumeration.CompiledQuestion;
import jomble.core.counting.enumeration.Constraints;
import jomble.core.counting.query.Found;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.OutfitMeasures;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.score.OutfitScore;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Completes combinations: worn and filled in the simplest way, in the context where that is simplest. */
public final class CombinationCompleter {
    private final CompiledQuestion compiled;
    private final List<Option[]> filled;
    private final Verdict wanted;
    private final Map<Structure, Approvals> approvals = new EnumMap<>(Structure.class);

    public CombinationCompleter(CompiledQuestion compiled, Constraints constraints, Verdict wanted) {
        this.compiled = compiled;
        this.filled = constraints.filled();
        this.wanted = wanted;
    }

    /** @throws CountingStoppedException when the progress listener asks to stop */
    public List<Combination> complete(List<Found> found, Progress progress) {
        List<Combination> completed = new ArrayList<>();
        for (Found one : found) {
            if (!progress.goOn((double) completed.size() / found.size())) {
                throw new CountingStoppedException();
            }
            completed.add(complete(one.structure(), one.options()));
        }
        return completed;
    }

    private Combination complete(Structure structure, Option[] combination) {
        Approvals.Placed approved =
                approvals.computeIfAbsent(structure, compiled::approvals).of(combination, filled);
        Completion best = approved == null ? Completion.NONE : approved.completion();
        int context = approved == null ? 0 : approved.context();
        if (approved == null) {
            List<CompletionSearch> searches = compiled.completions(structure);
            for (Option[] worn : filled) {
                Option[] whole = Constraints.together(combination, worn);
                for (int i = 0; i < searches.size() && whole != null; i++) {
                    Completion found = searches.get(i).plainest(whole, wanted);
                    if (found.isBetterThan(best)) {
                        best = found;
                        context = i;
                    }
                }
            }
        }
        return combination(best, context);
    }

    private Combination combination(Completion best, int context) {
        Map<Slot, List<PieceId>> counted = new EnumMap<>(Slot.class);
        Map<Slot, List<PieceId>> filled = new EnumMap<>(Slot.class);
        for (Worn w : best.worn()) {
            if (w != null) {
                (compiled.question().counted().has(w.slot()) ? counted : filled)
                        .put(w.slot(), w.pieces().stream().map(p -> p.id()).toList());
            }
        }
        JudgementContext judged = compiled.question().contexts().get(context);
        List<Worn> worn = Arrays.stream(best.worn()).filter(Objects::nonNull).toList();
        return new Combination(
                counted,
                filled,
                best.verdict(),
                best.points(),
                best.credits(),
                OutfitScore.of(worn, best.points(), judged),
                OutfitMeasures.scheme(worn),
                judged);
    }
}
