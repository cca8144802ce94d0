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
 * A wardrobe and how to count it.
 *
 * @param contexts one, or several whose union is counted: a combination counts once, with its best verdict
 * @param includeDaring whether daring combinations count as well
 * @param containing pieces every combination must contain; empty for all combinations
 * @param placed pieces that every combination must wear in these slots
 * @param structure the only structure to count, or null for all
 * @param completions whether pieces that fit only uncounted slots get a figure too, which takes most of the time
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

    /** Without pieces tied to a slot. */
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

    /** This question for one structure, or for all structures when null. */
    public CountQuestion built(Structure as) {
        return new CountQuestion(pieces, contexts, counted, includeDaring, containing, placed, as, completions);
    }

    /** This question for a wardrobe with other pieces. */
    public CountQuestion having(List<Piece> others) {
        return new CountQuestion(others, contexts, counted, includeDaring, containing, placed, structure, completions);
    }

    /** This question for a wardrobe without some pieces. */
    public CountQuestion without(Set<PieceId> ids) {
        List<Piece> left =
                pieces.stream().filter(piece -> !ids.contains(piece.id())).toList();
        return new CountQuestion(left, contexts, counted, includeDaring, containing, placed, structure, completions);
    }

    /** The pieces that another question leaves out, if that is the only difference; otherwise empty. */
    public Set<PieceId> leftOutBy(CountQuestion other) {
        Set<PieceId> out = new TreeSet<>();
        pieces.forEach(piece -> out.add(piece.id()));
        other.pieces.forEach(piece -> out.remove(piece.id()));
        return other.equals(without(out)) ? out : Set.of();
    }

    /** This question without figures for uncounted pieces. */
    public CountQuestion withoutCompletions() {
        return new CountQuestion(pieces, contexts, counted, includeDaring, containing, placed, structure, false);
    }

    /** This question with or without daring combinations. */
    public CountQuestion daring(boolean included) {
        return new CountQuestion(pieces, contexts, counted, included, containing, placed, structure, completions);
    }

    /** This question in other contexts. */
    public CountQuestion in(List<JudgementContext> others) {
        return new CountQuestion(pieces, others, counted, includeDaring, containing, placed, structure, completions);
    }

    /** This question with other counted slots. */
    public CountQuestion counting(CountedSlots slots) {
        return new CountQuestion(pieces, contexts, slots, includeDaring, containing, placed, structure, completions);
    }
}
