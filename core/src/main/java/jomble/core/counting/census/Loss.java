package jomble.core.counting.census;

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
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * What goes when pieces are taken out of a wardrobe that was counted.
 *
 * <p>Pieces that nothing else is filled with take nothing with them but the combinations they are counted in: what is left is what
 * there was, without those. A piece that others may be better with is another matter.
 */
final class Loss {
    private final Counter counter;
    private final Field field;
    private final Set<PieceId> out;

    Loss(Counter counter, Field field, Set<PieceId> out) {
        this.counter = counter;
        this.field = field;
        this.out = out;
    }

    /**
     * @param known the counts of the field's question, which forces nothing
     * @return empty where what is left must be counted anew
     * @throws CountingStoppedException when the progress asks to stop
     */
    Optional<CountDifference> of(Counts known, Progress progress) {
        CountQuestion question = field.question();
        boolean tells = field.options().all().stream()
                .filter(option -> option.ids().stream().anyMatch(out::contains))
                .noneMatch(option -> isMissedByOthers(option) || leavesASmallerSet(option));
        if (!tells) {
            return Optional.empty();
        }
        Tally tally = new Tally(question, field.options(), List.of());
        tell(field, progress.part(0, question.completions() ? DiagramCounter.FIRST_SHARE : 1), tally);
        Map<PieceId, BigInteger> perPiece = DiagramCounter.perPiece(field, tally);
        if (question.completions()) {
            UncountedFigures figures = new UncountedFigures(counter, field, Forced.nothing());
            if (figures.dresses()) {
                return Optional.empty();
            }
            CompletionTally completed = new CompletionTally(question, field.options());
            tell(field.completing(), progress.part(DiagramCounter.FIRST_SHARE, 1), completed);
            figures.uncounted().forEach(id -> perPiece.put(id, completed.of(id)));
        }
        CountQuestion left = question.without(out);
        Options options = new Options(left.pieces(), left.contexts().get(0));
        return Optional.of(CountDifference.taking(
                out,
                known,
                new CountDifference.Combinations(tally.total(), tally.daring(), perPiece),
                PaperCount.of(options, left.counted(), field.wantsShoes()),
                options.missing(field.wantsShoes())));
    }

    /** Tells what there is with each of the pieces, without those before it. */
    private void tell(Field asked, Progress progress, Collector collector) {
        List<Selection> gone = new ArrayList<>();
        Set<PieceId> before = new TreeSet<>();
        for (PieceId id : out) {
            for (Option option : field.options().all()) {
                if (option.contains(id) && field.question().counted().has(option.slot())) {
                    gone.add(Selection.with(option, before, field.options()));
                }
            }
            before.add(id);
        }
        asked.tell(Forced.nothing(), progress, census -> gone.forEach(with -> collector.add(census.restricted(with))));
    }

    /** Whether a combination it is not counted in may be better with it. */
    private boolean isMissedByOthers(Option option) {
        return !field.question().counted().has(option.slot())
                && (CountedSlots.FILLED.contains(option.slot()) && field.helps(option) || isApproved(option));
    }

    private boolean isApproved(Option option) {
        return field.question().contexts().stream()
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
