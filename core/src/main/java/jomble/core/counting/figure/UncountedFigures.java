package jomble.core.counting.figure;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import jomble.core.counting.Completions;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Progress;
import jomble.core.counting.enumeration.CompiledQuestion;
import jomble.core.counting.enumeration.Constraints;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/**
 * Computes the figures of pieces in uncounted slots: how many combinations each can complete, with whom, and who is
 * never worn without it. A single enumeration whose diagram tracks completions yields them all.
 */
public final class UncountedFigures {
    /** The share of a whole count's progress at which this work begins. */
    public static final double STARTS_AT = 0.2;

    private UncountedFigures() {}

    public static Completions of(CompiledQuestion compiled, Constraints constraints, Progress progress) {
        CountQuestion question = compiled.question();
        Map<PieceId, BigInteger> perPiece = new TreeMap<>();
        Map<PieceId, Integer> reach = new TreeMap<>();
        Map<PieceId, List<PieceId>> keeps = new TreeMap<>();
        List<Piece> fillers = question.pieces().stream()
                .filter(piece -> piece.roles().stream()
                        .anyMatch(slot -> !question.counted().has(slot)))
                .toList();
        if (fillers.isEmpty()) {
            return new Completions(perPiece, reach, keeps);
        }
        CompletionTally tally = new CompletionTally(question, compiled.options());
        CoOccurrence coOccurrence = new CoOccurrence(question, compiled.options());
        compiled.completing().tell(constraints, progress, solutions -> {
            tally.add(solutions);
            coOccurrence.add(solutions);
        });
        List<Piece> uncounted = uncounted(question);
        for (Piece piece : uncounted) {
            perPiece.put(piece.id(), tally.of(piece.id()));
            reach.put(piece.id(), coOccurrence.worn(piece.id()));
        }
        Set<PieceId> others = uncounted.stream().map(Piece::id).collect(Collectors.toSet());
        Map<PieceId, List<PieceId>> kept = coOccurrence.keeps(question.counted());
        for (Piece piece : fillers) {
            List<PieceId> counted = kept.getOrDefault(piece.id(), List.of()).stream()
                    .filter(id -> !others.contains(id))
                    .toList();
            if (!counted.isEmpty()) {
                keeps.put(piece.id(), counted);
            }
        }
        return new Completions(perPiece, reach, keeps);
    }

    /** The pieces that fit a slot, but no counted one. */
    static List<Piece> uncounted(CountQuestion question) {
        return question.pieces().stream()
                .filter(piece ->
                        !piece.roles().isEmpty() && piece.roles().stream().noneMatch(question.counted()::has))
                .toList();
    }
}
