package jomble.core.counting;

import java.util.List;
import java.util.Map;
import jomble.core.judgement.JudgementContext;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * What is counted, for whom and when.
 *
 * @param contexts one, or several whose union is counted: a combination counts once, with its best verdict
 * @param includeDaring whether daring combinations count as well
 * @param containing pieces every combination must contain; empty for all combinations
 * @param placed pieces that every combination must wear in these slots
 * @param completions whether pieces that sit only in uncounted slots get their figure too, which costs most of the time
 */
public record CountQuestion(
        List<Piece> pieces,
        List<JudgementContext> contexts,
        CountedSlots counted,
        boolean includeDaring,
        List<PieceId> containing,
        Map<Slot, PieceId> placed,
        boolean completions) {
    public CountQuestion {
        placed = Map.copyOf(placed);
        pieces = List.copyOf(pieces);
        contexts = List.copyOf(contexts);
        containing = List.copyOf(containing);
        if (contexts.isEmpty()) {
            throw new IllegalArgumentException("at least one context is needed");
        }
    }

    /** With no piece in a place of its own. */
    public CountQuestion(
            List<Piece> pieces,
            List<JudgementContext> contexts,
            CountedSlots counted,
            boolean includeDaring,
            List<PieceId> containing,
            boolean completions) {
        this(pieces, contexts, counted, includeDaring, containing, Map.of(), completions);
    }

    public CountQuestion containing(List<PieceId> ids) {
        return new CountQuestion(pieces, contexts, counted, includeDaring, ids, placed, completions);
    }

    public CountQuestion wearing(Map<Slot, PieceId> bySlot) {
        return new CountQuestion(pieces, contexts, counted, includeDaring, containing, bySlot, completions);
    }

    /** The same question without the figures of pieces that are not counted. */
    public CountQuestion withoutCompletions() {
        return new CountQuestion(pieces, contexts, counted, includeDaring, containing, placed, false);
    }

    CountQuestion counting(CountedSlots slots) {
        return new CountQuestion(pieces, contexts, slots, includeDaring, containing, placed, completions);
    }
}
