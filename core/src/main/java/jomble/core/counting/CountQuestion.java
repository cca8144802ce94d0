package jomble.core.counting;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import jomble.core.judgement.JudgementContext;
import jomble.core.outfit.Structure;
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
 * @param structure the only structure that is counted, or null for all
 * @param completions whether pieces that sit only in uncounted slots get their figure too, which costs most of the time
 */
public record CountQuestion(
        List<Piece> pieces,
        List<JudgementContext> contexts,
        CountedSlots counted,
        boolean includeDaring,
        List<PieceId> containing,
        Map<Slot, PieceId> placed,
        Structure structure,
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
        this(pieces, contexts, counted, includeDaring, containing, Map.of(), null, completions);
    }

    public CountQuestion containing(List<PieceId> ids) {
        return new CountQuestion(pieces, contexts, counted, includeDaring, ids, placed, structure, completions);
    }

    public CountQuestion wearing(Map<Slot, PieceId> bySlot) {
        return new CountQuestion(pieces, contexts, counted, includeDaring, containing, bySlot, structure, completions);
    }

    /** The same question of the combinations of one structure, or with null of all. */
    public CountQuestion built(Structure as) {
        return new CountQuestion(pieces, contexts, counted, includeDaring, containing, placed, as, completions);
    }

    /** The same question of a wardrobe with other pieces. */
    public CountQuestion having(List<Piece> others) {
        return new CountQuestion(others, contexts, counted, includeDaring, containing, placed, structure, completions);
    }

    /** The same question of a wardrobe without some pieces. */
    public CountQuestion without(Set<PieceId> ids) {
        List<Piece> left =
                pieces.stream().filter(piece -> !ids.contains(piece.id())).toList();
        return new CountQuestion(left, contexts, counted, includeDaring, containing, placed, structure, completions);
    }

    /** The pieces another question leaves out of this one, if that is all it does; else none. */
    public Set<PieceId> leftOutBy(CountQuestion other) {
        Set<PieceId> out = new TreeSet<>();
        pieces.forEach(piece -> out.add(piece.id()));
        other.pieces.forEach(piece -> out.remove(piece.id()));
        return other.equals(without(out)) ? out : Set.of();
    }

    /** The same question without the figures of pieces that are not counted. */
    public CountQuestion withoutCompletions() {
        return new CountQuestion(pieces, contexts, counted, includeDaring, containing, placed, structure, false);
    }

    /** The same question with daring combinations, or without. */
    public CountQuestion daring(boolean included) {
        return new CountQuestion(pieces, contexts, counted, included, containing, placed, structure, completions);
    }

    /** The same question in other contexts. */
    public CountQuestion in(List<JudgementContext> others) {
        return new CountQuestion(pieces, others, counted, includeDaring, containing, placed, structure, completions);
    }

    /** The same question, counting other slots. */
    public CountQuestion counting(CountedSlots slots) {
        return new CountQuestion(pieces, contexts, slots, includeDaring, containing, placed, structure, completions);
    }
}
