package jomble.core.capsule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.EnsembleListener;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Numbering;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Every ensemble of a wardrobe with the contexts in which its outfits work, laid out so that the ensembles within a few
 * pieces are found fast.
 *
 * <p>Ensembles are grouped by base: a top and a bottom, or a one-piece. Each has a type, a matrix of coats and shoes
 * with a bit for each context in which the outfit works. There are few distinct types, so outfits are counted by type.
 * Immutable once built.
 */
final class EnsembleTable {
    /** One bit of a long for each. */
    static final int MOST_CONTEXTS = Long.SIZE;

    private static final int BITS_OF_A_PLACE = 16;
    private static final int PLACES_OF_A_KEY = 4;
    private static final int SLOTS = EnsembleListener.CLOTHES.size();
    /** The number of leading clothes slots that form the base. */
    private static final int BASES = EnsembleListener.CLOTHES.indexOf(Slot.MID);

    private static final char NONE = Character.MAX_VALUE;

    private final int pieces;
    private final int contexts;
    /** Indices of the pieces that can be worn as shoes, and as coats. */
    private final int[] shoes;

    private final int[] coats;
    /** By pair of pieces, the index of its first ensemble; an index one above the last piece means no second piece. */
    private final int[] begins;
    /** For each ensemble, the pieces beyond its base; every ensemble has the same room. */
    private final char[] more;

    private final int room;

    private final int[] typeOf;
    /** By type, coat and shoe, the contexts as bits; coats and shoes are counted from 1, with 0 for none. */
    private final long[] masks;

    private EnsembleTable(Builder from, int[] begins, char[] more, int room, int[] typeOf, long[] masks) {
        this.pieces = from.pieces;
        this.contexts = from.contexts;
        this.shoes = from.shoes;
        this.coats = from.coats;
        this.begins = begins;
        this.more = more;
        this.room = room;
        this.typeOf = typeOf;
        this.masks = masks;
    }

    int pieces() {
        return pieces;
    }

    int contexts() {
        return contexts;
    }

    int[] shoes() {
        return shoes;
    }

    int[] coats() {
        return coats;
    }

    int size() {
        return typeOf.length;
    }

    int types() {
        return masks.length / matrix();
    }

    /** Approximate memory use in bytes. */
    long bytes() {
        return 4L * begins.length + 2L * more.length + 4L * typeOf.length + 8L * masks.length;
    }

    private int matrix() {
        return (shoes.length + 1) * (coats.length + 1);
    }

    /** Whether any ensemble has this piece as the first of its base. */
    boolean begins(int first) {
        return begins[first * (pieces + 1)] < begins[(first + 1) * (pieces + 1)];
    }

    /** @param second the number of pieces for no second piece */
    int begin(int first, int second) {
        return begins[first * (pieces + 1) + second];
    }

    int end(int first, int second) {
        return begins[first * (pieces + 1) + second + 1];
    }

    int typeOf(int ensemble) {
        return typeOf[ensemble];
    }

    /** The most pieces any ensemble has beyond its base. */
    int room() {
        return room;
    }

    /** A piece beyond the ensemble's base, or −1. */
    int more(int ensemble, int which) {
        char place = more[room * ensemble + which];
        return place == NONE ? -1 : place;
    }

    boolean isWithin(int ensemble, boolean[] chosen) {
        for (int i = room * ensemble; i < room * ensemble + room && more[i] != NONE; i++) {
            if (!chosen[more[i]]) {
                return false;
            }
        }
        return true;
    }

    /** The contexts in which a type works with a coat and shoes, each counted from 1, with 0 for none. */
    long mask(int type, int coat, int shoe) {
        return masks[type * matrix() + coat * (shoes.length + 1) + shoe];
    }

    /** By piece index, the contexts, as bits, in which it is in an outfit or, as a coat, completes one. */
    long[] worksIn() {
        long[] anywhere = new long[types()];
        long[] worksIn = new long[pieces];
        for (int type = 0; type < anywhere.length; type++) {
            for (int coat = 0; coat <= coats.length; coat++) {
                for (int shoe = 0; shoe <= shoes.length; shoe++) {
                    long mask = mask(type, coat, shoe);
                    anywhere[type] |= mask;
                    if (coat > 0) {
                        worksIn[coats[coat - 1]] |= mask;
                    }
                    if (shoe > 0) {
                        worksIn[shoes[shoe - 1]] |= mask;
                    }
                }
            }
        }
        for (int first = 0; first < pieces; first++) {
            for (int second = 0; second <= pieces; second++) {
                for (int ensemble = begin(first, second); ensemble < end(first, second); ensemble++) {
                    long mask = anywhere[typeOf[ensemble]];
                    worksIn[first] |= mask;
                    if (second < pieces) {
                        worksIn[second] |= mask;
                    }
                    for (int which = 0; which < room && more(ensemble, which) >= 0; which++) {
                        worksIn[more(ensemble, which)] |= mask;
                    }
                }
            }
        }
        return worksIn;
    }

    /** Builds a table from one context after the other. Not thread-safe. */
    static final class Builder implements EnsembleListener {
        private final Map<PieceId, Integer> places = new HashMap<>();
        private final KeyTable rows = new KeyTable(2);
        private final List<long[]> clothes = new ArrayList<>();
        /** Types are built as chains: the type so far, the context, and the matrix in that context. */
        private final Numbering chain = new Numbering();

        private final Map<BitSet, Integer> numbers = new HashMap<>();
        private final List<BitSet> matrices = new ArrayList<>();
        private final int pieces;
        private int[] types = new int[1024];
        private int[] shoes = {};
        private int[] coats = {};
        private int contexts;

        /** @param ids of the pieces, in the order used by the questions */
        Builder(List<PieceId> ids) {
            for (PieceId id : ids) {
                places.put(id, places.size());
            }
            this.pieces = ids.size();
            chain.number(new int[0]);
        }

        @Override
        public void begin(List<PieceId> ofShoes, List<PieceId> ofCoats) {
            if (contexts == MOST_CONTEXTS) {
                throw new IllegalStateException("more than " + MOST_CONTEXTS + " contexts");
            }
            shoes = ofShoes.stream().mapToInt(places::get).toArray();
            coats = ofCoats.stream().mapToInt(places::get).toArray();
            contexts++;
        }

        @Override
        public void ensemble(int[] places, BitSet finishes) {
            long[] key = new long[2];
            for (int i = 0; i < SLOTS; i++) {
                key[i / PLACES_OF_A_KEY] |= (long) (places[i] + 1) << BITS_OF_A_PLACE * (i % PLACES_OF_A_KEY);
            }
            int row = rows.get(key);
            if (row == KeyTable.ABSENT) {
                row = clothes.size();
                rows.put(key, row);
                clothes.add(key);
                if (row == types.length) {
                    types = Arrays.copyOf(types, 2 * row);
                }
            }
            Integer number = numbers.get(finishes);
            if (number == null) {
                number = matrices.size();
                BitSet kept = (BitSet) finishes.clone();
                numbers.put(kept, number);
                matrices.add(kept);
            }
            types[row] = chain.number(new int[] {types[row], contexts - 1, number});
        }

        EnsembleTable build() {
            int[][] worn = new int[clothes.size()][];
            int[] begins = new int[(pieces + 1) * (pieces + 1) + 1];
            for (int row = 0; row < worn.length; row++) {
                worn[row] = worn(clothes.get(row));
                begins[group(worn[row]) + 1]++;
            }
            for (int i = 1; i < begins.length; i++) {
                begins[i] += begins[i - 1];
            }
            int[] next = begins.clone();
            int room = Arrays.stream(worn).mapToInt(one -> one.length - 2).max().orElse(0);
            char[] more = new char[room * worn.length];
            Arrays.fill(more, NONE);
            int[] typeOf = new int[worn.length];
            Map<Integer, Integer> kept = new HashMap<>();
            List<Integer> chains = new ArrayList<>();
            for (int row = 0; row < worn.length; row++) {
                int at = next[group(worn[row])]++;
                for (int i = 2; i < worn[row].length; i++) {
                    more[room * at + i - 2] = (char) worn[row][i];
                }
                typeOf[at] = kept.computeIfAbsent(types[row], chained -> {
                    chains.add(chained);
                    return chains.size() - 1;
                });
            }
            return new EnsembleTable(this, begins, more, room, typeOf, masks(chains));
        }

        private long[] masks(List<Integer> chains) {
            int matrix = (shoes.length + 1) * (coats.length + 1);
            long[] masks = new long[chains.size() * matrix];
            for (int type = 0; type < chains.size(); type++) {
                int from = type * matrix;
                for (int at = chains.get(type); chain.length(at) > 0; at = chain.at(at, 0)) {
                    long context = 1L << chain.at(at, 1);
                    matrices.get(chain.at(at, 2)).stream().forEach(bit -> masks[from + bit] |= context);
                }
            }
            return masks;
        }

        private int group(int[] worn) {
            return worn[0] * (pieces + 1) + worn[1];
        }

        /** The pieces of the base, with {@code pieces} for no second one, followed by the other pieces. */
        private int[] worn(long[] key) {
            int[] worn = new int[SLOTS + 1];
            int count = 0;
            for (int i = 0; i < SLOTS; i++) {
                int place = (int) (key[i / PLACES_OF_A_KEY] >>> BITS_OF_A_PLACE * (i % PLACES_OF_A_KEY) & 0xFFFF) - 1;
                if (i == BASES && count == 1) {
                    worn[count++] = pieces;
                }
                if (place >= 0) {
                    worn[count++] = place;
                }
            }
            return Arrays.copyOf(worn, count);
        }
    }
}
