package jomble.core.counting.figure;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import jomble.core.counting.CountDifference;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.enumeration.Collector;
import jomble.core.counting.enumeration.CompiledQuestion;
import jomble.core.counting.enumeration.Constraints;
import jomble.core.counting.enumeration.Selection;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * What goes when pieces are taken out of a wardrobe that was counted.
 *
 * <p>Pieces that nothing else is filled with take nothing with them but the combinations they are counted in: what is left is what
 * there was, without those. A piece that others may be better with is another matter.
 */
public final class RemovalDelta {
    private final Counter counter;
    private final CompiledQuestion compiled;
    private final Set<PieceId> out;

    public RemovalDelta(Counter counter, CompiledQuestion compiled, Set<PieceId> out) {
        this.counter = counter;
        this.compiled = compiled;
        this.out = out;
    }

    /**
     * @param known the counts of the question without constraints
     * @return empty where what is left must be counted anew
     * @throws CountingStoppedException when the progress asks to stop
     */
    public Optional<CountDifference> of(Counts known, Progress progress) {
        CountQuestion question = compiled.question();
        boolean tells = compiled.options().all().stream()
                .filter(option -> option.ids().stream().anyMatch(out::contains))
                .noneMatch(option -> isMissedByOthers(option) || leavesASmallerSet(option));
        if (!tells) {
            return Optional.empty();
        }
        Tally tally = new Tally(question, compiled.options(), List.of());
        tell(compiled, progress.part(0, question.completions() ? UncountedFigures.STARTS_AT : 1), tally);
        Map<PieceId, BigInteger> perPiece = tally.perPiece();
        if (question.completions()) {
            UncountedFigures figures = new UncountedFigures(counter, compiled, Constraints.nothing());
            if (figures.dresses()) {
                return Optional.empty();
            }
            CompletionTally completed = new CompletionTally(question, compiled.options());
            tell(compiled.completing(), progress.part(UncountedFigures.STARTS_AT, 1), completed);
            figures.uncounted().forEach(id -> perPiece.put(id, completed.of(id)));
        }
        CountQuestion left = question.without(out);
        Options options = new Options(left.pieces(), left.contexts().get(0));
        return Optional.of(CountDifference.taking(
                out,
                known,
                new CountDifference.Combinations(tally.total(), tally.daring(), perPiece),
                PaperCount.of(options, left.counted(), compiled.wantsShoes()),
                options.missing(compiled.wantsShoes())));
    }

    /** Passes on the combinations with each of the pieces, without those before it. */
    private void tell(CompiledQuestion asked, Progress progress, Collector collector) {
        List<Selection> gone = new ArrayList<>();
        Set<PieceId> before = new TreeSet<>();
        for (PieceId id : out) {
            for (Option option : compiled.options().all()) {
                if (option.contains(id) && compiled.question().counted().has(option.slot())) {
                    gone.add(Selection.with(option, before, compiled.options()));
                }
            }
            before.add(id);
        }
        asked.tell(
                Constraints.nothing(),
                progress,
                solutions -> gone.forEach(with -> collector.add(solutions.restricted(with))));
    }

    /** Whether a combination it is not counted in may be better with it. */
    private boolean isMissedByOthers(Option option) {
        return !compiled.question().counted().has(option.slot())
                && (CountedSlots.FILLED.contains(option.slot()) && compiled.helps(option) || isApproved(option));
    }

    private boolean isApproved(Option option) {
        return compiled.question().contexts().stream()
                .flatMap(context -> context.overrides().approvedOutfits().stream())
                .anyMatch(ruling -> ruling.pieces().stream().anyMatch(option::contains));
    }

    /** Whether what is left of a set of jewellery is a set of its own. */
    private boolean leavesASmallerSet(Option option) {
        List<Piece> pieces = option.pieces();
        return option.slot() == Slot.JEWELLERY
                && pieces.stream().filter(piece -> !out.contains(piece.id())).count() > 1;
    }
}
