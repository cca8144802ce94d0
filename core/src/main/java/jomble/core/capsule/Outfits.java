package jomble.core.capsule;

import java.util.Arrays;

/**
 * Counts the outfits of a choice of pieces off an {@link EnsembleTable}, fast enough to be asked tens of thousands of times a second. An
 * outfit is an ensemble with its shoes; coats go over it as the day asks for them. What was counted last is read off the accessors. Not
 * for use by several threads.
 */
final class Outfits {
    private final EnsembleTable table;
    private final int contexts;
    /** Ensembles within the choice, of which so many count. */
    private int[] within = new int[1024];

    private int count;
    private int[] firsts = new int[1024];
    private int[] seconds = new int[1024];

    /** By type, in which round it was last worked out, and what was found. */
    private final int[] seen;

    private final int[] ofType;
    private final long[] anywhere;
    private final int[] ofTypeByContext;
    private int round;

    private int[] shoes = {};
    private int[] coats = {};
    private int shoeCount;
    private int coatCount;

    private long total;
    private final long[] byContext;
    private final long[] basesByContext;
    private long bases;

    Outfits(EnsembleTable table) {
        this.table = table;
        this.contexts = table.contexts();
        this.seen = new int[table.types()];
        this.ofType = new int[table.types()];
        this.anywhere = new long[table.types()];
        this.ofTypeByContext = new int[table.types() * contexts];
        this.byContext = new long[contexts];
        this.basesByContext = new long[contexts];
        this.shoes = new int[table.shoes().length + 1];
        this.coats = new int[table.coats().length + 1];
    }

    /**
     * Counts the outfits of a choice.
     *
     * @param chosen by place of the piece
     * @param members the places of those that are chosen, in ascending order
     */
    void count(boolean[] chosen, int[] members) {
        round++;
        count = 0;
        total = 0;
        bases = 0;
        Arrays.fill(byContext, 0);
        Arrays.fill(basesByContext, 0);
        shoeCount = open(table.shoes(), chosen, shoes);
        coatCount = open(table.coats(), chosen, coats);
        for (int first : members) {
            for (int second : members) {
                add(first, second, chosen);
            }
            add(first, table.pieces(), chosen);
        }
    }

    /** Writes down which of some pieces are chosen, counted from 1, with 0 for none before them. */
    private static int open(int[] places, boolean[] chosen, int[] into) {
        int count = 0;
        into[count++] = 0;
        for (int i = 0; i < places.length; i++) {
            if (chosen[places[i]]) {
                into[count++] = i + 1;
            }
        }
        return count;
    }

    private void add(int first, int second, boolean[] chosen) {
        int end = table.end(first, second);
        long served = 0;
        for (int ensemble = table.begin(first, second); ensemble < end; ensemble++) {
            if (!table.isWithin(ensemble, chosen)) {
                continue;
            }
            int type = table.typeOf(ensemble);
            if (seen[type] != round) {
                workOut(type);
            }
            if (ofType[type] > 0) {
                keep(ensemble, first, second);
                total += ofType[type];
                served |= anywhere[type];
                for (int c = 0; c < contexts; c++) {
                    byContext[c] += ofTypeByContext[type * contexts + c];
                }
            }
        }
        if (served != 0) {
            bases++;
            for (long left = served; left != 0; left &= left - 1) {
                basesByContext[Long.numberOfTrailingZeros(left)]++;
            }
        }
    }

    private void keep(int ensemble, int first, int second) {
        if (count == within.length) {
            within = Arrays.copyOf(within, 2 * count);
            firsts = Arrays.copyOf(firsts, 2 * count);
            seconds = Arrays.copyOf(seconds, 2 * count);
        }
        within[count] = ensemble;
        firsts[count] = first;
        seconds[count++] = second;
    }

    private void workOut(int type) {
        seen[type] = round;
        ofType[type] = 0;
        anywhere[type] = 0;
        Arrays.fill(ofTypeByContext, type * contexts, (type + 1) * contexts, 0);
        for (int s = 0; s < shoeCount; s++) {
            long mask = maskOf(type, shoes[s]);
            if (mask != 0) {
                ofType[type]++;
                anywhere[type] |= mask;
                for (long left = mask; left != 0; left &= left - 1) {
                    ofTypeByContext[type * contexts + Long.numberOfTrailingZeros(left)]++;
                }
            }
        }
    }

    /** The contexts a type works in with shoes and any of the chosen coats, or none. */
    private long maskOf(int type, int shoe) {
        long mask = 0;
        for (int c = 0; c < coatCount; c++) {
            mask |= table.mask(type, coats[c], shoe);
        }
        return mask;
    }

    int contexts() {
        return contexts;
    }

    /** Outfits that work in some context. */
    long total() {
        return total;
    }

    /** Outfits that work in a context. */
    long in(int context) {
        return byContext[context];
    }

    /** What the outfits are built on, in some context. */
    long bases() {
        return bases;
    }

    long basesIn(int context) {
        return basesByContext[context];
    }

    /**
     * By place, how many outfits each chosen piece is in, and how many a coat can complete.
     *
     * @param perPiece written over
     */
    void perPiece(long[] perPiece) {
        Arrays.fill(perPiece, 0);
        for (int i = 0; i < count; i++) {
            int type = table.typeOf(within[i]);
            perPiece[firsts[i]] += ofType[type];
            if (seconds[i] < table.pieces()) {
                perPiece[seconds[i]] += ofType[type];
            }
            for (int which = 0; which < table.room(); which++) {
                int place = table.more(within[i], which);
                if (place >= 0) {
                    perPiece[place] += ofType[type];
                }
            }
            for (int s = 0; s < shoeCount; s++) {
                addShoes(perPiece, type, shoes[s]);
            }
        }
    }

    private void addShoes(long[] perPiece, int type, int shoe) {
        if (shoe > 0 && maskOf(type, shoe) != 0) {
            perPiece[table.shoes()[shoe - 1]]++;
        }
        for (int c = 1; c < coatCount; c++) {
            if (table.mask(type, coats[c], shoe) != 0) {
                perPiece[table.coats()[coats[c] - 1]]++;
            }
        }
    }
}
