package jomble.server.counting;

import java.math.BigInteger;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.Counts;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Counts on the wire; integers above 2^53 are written as text. */
record CountsView(
        Object total,
        Object daring,
        Object paper,
        Map<String, Object> perPiece,
        Map<String, List<CellView>> perPair,
        double shareInTheDark,
        List<String> missing,
        List<String> orphans,
        List<NeverView> neverTogether,
        long millis) {
    private static final BigInteger EXACT_IN_A_DOUBLE = BigInteger.ONE.shiftLeft(53);

    record CellView(String a, String b, Object n) {}

    record NeverView(String a, String b, String rule) {}

    static CountsView of(Counts counts, long millis) {
        Map<String, Object> perPiece = new LinkedHashMap<>();
        counts.perPiece().forEach((id, n) -> perPiece.put(id.value(), exact(BigInteger.valueOf(n))));
        Map<String, List<CellView>> perPair = new LinkedHashMap<>();
        counts.perPair()
                .forEach((pair, cells) -> perPair.put(
                        pair.id(),
                        cells.stream()
                                .map(cell -> new CellView(
                                        cell.a().value(), cell.b().value(), exact(BigInteger.valueOf(cell.n()))))
                                .toList()));
        return new CountsView(
                exact(BigInteger.valueOf(counts.total())),
                exact(BigInteger.valueOf(counts.daring())),
                exact(counts.paper()),
                perPiece,
                perPair,
                counts.shareInTheDark().fraction(),
                counts.missing().stream().map(Slot::words).toList(),
                counts.orphans().stream().map(PieceId::value).toList(),
                counts.neverTogether().stream()
                        .map(n -> new NeverView(n.a().value(), n.b().value(), n.rule()))
                        .toList(),
                millis);
    }

    private static Object exact(BigInteger number) {
        return number.compareTo(EXACT_IN_A_DOUBLE) > 0 ? number.toString() : (Object) number.longValueExact();
    }
}
