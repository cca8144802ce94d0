package jomble.server.counting;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.math.BigInteger;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.Counts;
import jomble.core.counting.Ladder;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Counts; integers above 2^53 are written as text. The ladder and fresh days are present only if requested.
 *
 * @param withAssumedCoat how many of the total want a coat that is not recorded; missing where none is assumed
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record CountsView(
        Exact total,
        Exact withAssumedCoat,
        Exact daring,
        Exact paper,
        Map<String, Exact> perPiece,
        Map<String, Integer> reach,
        Map<String, List<String>> keeps,
        List<StructureView> perStructure,
        Map<String, List<CellView>> perPair,
        double shareInTheDark,
        RandomPicksView randomPicks,
        List<String> missing,
        List<String> orphans,
        List<NeverView> neverTogether,
        long millis,
        LadderView ladder,
        Integer freshDays) {
    /** Number of combinations as more and more slots are counted. */
    public record LadderView(Exact bases, Exact clothes, Exact outfits, Exact looks) {
        public static LadderView of(Ladder ladder) {
            return new LadderView(
                    Exact.of(ladder.totals().get(Ladder.Step.BASES)),
                    Exact.of(ladder.totals().get(Ladder.Step.CLOTHES)),
                    Exact.of(ladder.totals().get(Ladder.Step.OUTFITS)),
                    Exact.of(ladder.totals().get(Ladder.Step.LOOKS)));
        }
    }

    record CellView(String a, String b, Exact n) {}

    record StructureView(String structure, Exact works, Exact daring) {}

    /** The random picks and how many of them work. */
    record RandomPicksView(Exact works, Exact all) {}

    record NeverView(String a, String b, String rule) {}

    static CountsView of(Counts counts, long millis) {
        return of(counts, null, millis, null, null);
    }

    /** With the ladder and fresh days; null if not requested. */
    static CountsView of(Counts counts, BigInteger withAssumedCoat, long millis, Ladder ladder, Integer freshDays) {
        Map<String, Exact> perPiece = new LinkedHashMap<>();
        counts.perPiece().forEach((id, n) -> perPiece.put(id.value(), Exact.of(n)));
        Map<String, Integer> reach = new LinkedHashMap<>();
        counts.reach().forEach((id, n) -> reach.put(id.value(), n));
        Map<String, List<String>> keeps = new LinkedHashMap<>();
        counts.keeps().forEach((id, kept) -> keeps.put(id.value(), ids(kept)));
        Map<String, List<CellView>> perPair = new LinkedHashMap<>();
        counts.perPair()
                .forEach((pair, cells) -> perPair.put(
                        pair.id(),
                        cells.stream()
                                .map(cell ->
                                        new CellView(cell.a().value(), cell.b().value(), Exact.of(cell.n())))
                                .toList()));
        return new CountsView(
                Exact.of(counts.total()),
                withAssumedCoat == null ? null : Exact.of(withAssumedCoat),
                Exact.of(counts.daring()),
                Exact.of(counts.paper()),
                perPiece,
                reach,
                keeps,
                counts.perStructure().entrySet().stream()
                        .map(entry -> new StructureView(
                                entry.getKey().id(),
                                Exact.of(entry.getValue().works()),
                                Exact.of(entry.getValue().daring())))
                        .toList(),
                perPair,
                counts.shareInTheDark().fraction(),
                new RandomPicksView(
                        Exact.of(counts.shareInTheDark().works()),
                        Exact.of(counts.shareInTheDark().all())),
                counts.missing().stream().map(Slot::words).toList(),
                ids(counts.orphans()),
                counts.neverTogether().stream()
                        .map(n -> new NeverView(n.a().value(), n.b().value(), n.rule()))
                        .toList(),
                millis,
                ladder == null ? null : LadderView.of(ladder),
                freshDays);
    }

    static List<String> ids(List<PieceId> pieces) {
        return pieces.stream().map(PieceId::value).toList();
    }
}
