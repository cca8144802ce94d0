package jomble.core.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/** Adds up combinations: in all, per piece and per pair. */
final class Tally {
    private final CountQuestion question;
    private final List<SlotPair> crossings;
    private final long[] perOption;
    private final Map<PieceId, Long> completed = new LinkedHashMap<>();
    private final Map<PieceId, List<Option>> onlyUncounted = new LinkedHashMap<>();
    private final Options options;
    private final List<Map<Option, Map<Option, long[]>>> crossed = new ArrayList<>();
    private long works;
    private long daring;

    Tally(CountQuestion question, Options options, List<SlotPair> crossings) {
        this.question = question;
        this.crossings = crossings;
        this.options = options;
        this.perOption = new long[options.all().size()];
        crossings.forEach(pair -> crossed.add(new LinkedHashMap<>()));
        for (Piece piece : question.pieces()) {
            boolean counted = piece.roles().stream().anyMatch(question.counted()::has);
            if (!counted && !piece.roles().isEmpty()) {
                onlyUncounted.put(
                        piece.id(),
                        options.all().stream()
                                .filter(o -> o.contains(piece.id()))
                                .toList());
            }
        }
    }

    /** @return whether the combination counts */
    boolean add(Option[] combination, Verdict verdict, Searches searches) {
        if (verdict == Verdict.WORKS) {
            works++;
        } else {
            daring++;
        }
        if (verdict == Verdict.DARING && !question.includeDaring()) {
            return false;
        }
        for (Option option : combination) {
            if (option != null) {
                perOption[option.index()]++;
            }
        }
        for (int i = 0; i < crossings.size(); i++) {
            Option a = combination[crossings.get(i).first().ordinal()];
            Option b = combination[crossings.get(i).second().ordinal()];
            if (a != null && b != null) {
                crossed.get(i).computeIfAbsent(a, o -> new LinkedHashMap<>()).computeIfAbsent(b, o -> new long[1])[0]++;
            }
        }
        complete(combination, searches);
        return true;
    }

    /** Credits each uncounted piece that can complete the combination; one completion may credit several. */
    private void complete(Option[] combination, Searches searches) {
        int atMost = (question.includeDaring() ? Verdict.DARING : Verdict.WORKS).mostPoints();
        List<PieceId> open = new ArrayList<>(onlyUncounted.keySet());
        while (!open.isEmpty()) {
            PieceId id = open.remove(open.size() - 1);
            for (Option option : onlyUncounted.get(id)) {
                Completion found = searches.verdict(combination, option, atMost);
                if (found != Completion.NONE) {
                    completed.merge(id, 1L, Long::sum);
                    for (Worn worn : found.worn()) {
                        if (worn != null) {
                            worn.pieces().stream()
                                    .map(Piece::id)
                                    .filter(open::remove)
                                    .forEach(other -> completed.merge(other, 1L, Long::sum));
                        }
                    }
                    break;
                }
            }
        }
    }

    /** For each crossing asked for, how often two options met. */
    List<Map<Option, Map<Option, long[]>>> crossed() {
        return crossed;
    }

    Counts counts(BigInteger paper, DarkShare dark, List<NeverTogether> never) {
        Map<PieceId, Long> perPiece = new TreeMap<>();
        question.pieces().forEach(piece -> perPiece.put(piece.id(), completed.getOrDefault(piece.id(), 0L)));
        for (Option option : options.all()) {
            option.ids().forEach(id -> perPiece.merge(id, perOption[option.index()], Long::sum));
        }
        List<PieceId> orphans = question.pieces().stream()
                .filter(piece -> !piece.roles().isEmpty() && perPiece.get(piece.id()) == 0)
                .map(Piece::id)
                .sorted()
                .toList();
        Map<SlotPair, List<Crossing>> perPair = new LinkedHashMap<>();
        for (int i = 0; i < crossings.size(); i++) {
            List<Crossing> cells = new ArrayList<>();
            crossed.get(i)
                    .forEach((a, row) -> row.forEach((b, n) -> cells.add(new Crossing(
                            a.pieces().get(0).id(), b.pieces().get(0).id(), n[0]))));
            perPair.put(crossings.get(i), cells);
        }
        long total = question.includeDaring() ? works + daring : works;
        return new Counts(total, daring, paper, perPiece, perPair, dark, orphans, never);
    }
}
