package jomble.core.counting.compiled;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/** Sets of a wardrobe's pieces as bit rows with one bit for each piece. */
public final class PieceRows {
    private final List<PieceId> ids = new ArrayList<>();
    private final int words;
    /** By option, the row of its pieces. */
    private final long[][] own;

    public PieceRows(List<Piece> pieces, Options options) {
        Map<PieceId, Integer> places = new HashMap<>();
        for (Piece piece : pieces) {
            places.put(piece.id(), ids.size());
            ids.add(piece.id());
        }
        this.words = ids.size() / Long.SIZE + 1;
        this.own = new long[options.all().size()][words];
        for (Option option : options.all()) {
            for (PieceId id : option.ids()) {
                int place = places.get(id);
                own[option.index()][place / Long.SIZE] |= 1L << place % Long.SIZE;
            }
        }
    }

    /** The pieces by bit index. */
    public List<PieceId> ids() {
        return ids;
    }

    /** Number of longs in a row. */
    public int words() {
        return words;
    }

    /** The empty row. */
    public long[] empty() {
        return new long[words];
    }

    /** The row of an option's pieces; callers must not modify it. */
    public long[] of(Option option) {
        return own[option.index()];
    }

    public static boolean has(long[] row, int place) {
        return (row[place / Long.SIZE] & 1L << place % Long.SIZE) != 0;
    }

    public static long[] union(long[] one, long[] other) {
        long[] union = one.clone();
        addTo(union, other);
        return union;
    }

    public static void addTo(long[] row, long[] more) {
        for (int i = 0; i < row.length; i++) {
            row[i] |= more[i];
        }
    }
}
