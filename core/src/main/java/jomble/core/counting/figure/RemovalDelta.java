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
 * Computes how a counted wardrobe changes when pieces are removed, without counting it again.
 *
 * <p>Removing a piece that never completes a combination loses exactly the combinations it is counted in. A piece that
 * can improve the verdict of other combinations needs a new count.
 */
public final class RemovalDelta {
    private final CompiledQuestion compiled;
    private final Set<PieceId> out;

    public RemovalDelta(CompiledQuestion compiled, Set<PieceId> out) {
        this.compiled = compiled;
        this.out = out;
    }

    /**
     * @param known the counts of the question without constraints
     * @return empty when the remaining wardrobe must be counted anew
     * @throws CountingStoppedException when the progress listener asks to stop
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
            CompletionTally completed = new CompletionTally(question, compiled.options());
            tell(compiled.completing(), progress.part(UncountedFigures.STARTS_AT, 1), completed);
            UncountedFigures.uncounted(question).forEach(piece -> perPiece.put(piece.id(), completed.of(piece.id())));
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

    /** Passes on the combinations that contain each of the pieces but none of those before it. */
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

    /** Whether the option can improve a combination it is not counted in. */
    private boolean isMissedByOthers(Option option) {
        return !compiled.question().counted().has(option.slot()) && (compiled.helps(option) || isApproved(option));
    }

    private boolean isApproved(Option option) {
        return compiled.question().contexts().stream()
                .flatMap(context -> context.overrides().approvedOutfits().stream())
                .anyMatch(ruling -> ruling.pieces().stream().anyMatch(option::contains));
    }

    /** Whether removing a piece turns a jewellery set into a smaller complete set. */
    private boolean leavesASmallerSet(Option option) {
        List<Piece> pieces = option.pieces();
        return option.slot() == Slot.JEWELLERY
                && pieces.stream().filter(piece -> !out.contains(piece.id())).count() > 1;
    }
}
