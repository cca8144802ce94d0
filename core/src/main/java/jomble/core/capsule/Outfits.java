package jomble.core.capsule;

import java.util.Arrays;

/**
 * Counts the outfits of a choice of pieces from an {@link EnsembleTable}, fast enough for tens of thousands of calls a
 * second. An outfit is an ensemble with shoes; coats are added as the weather requires. The accessors return the
 * results of the last count. Not thread-safe.
 *
 * <p>Ensembles that fare alike with every pair of shoes and every coat are of one type, so the work with shoes and
 * coats is done once a type: O(types · shoes · coats) when shoes or coats change, and O(ensembles within the choice)
 * otherwise. Everything is kept in arrays by type that are allocated once, because the search counts in its innermost
 * loop. They are never cleared: each type remembers the round ({@link #seen}) or the choice of shoes and coats
 * ({@link #evaluatedFor}) its numbers belong to, and older numbers count as absent.
 */
final class Outfits {
    private final EnsembleTable table;
    private final int contexts;
    /** Ensembles within the choice; only the first entries are in use. */
    private int[] within = new int[1024];

    private int count;
    private int[] firsts = new int[1024];
    private int[] seconds = new int[1024];

    /** By type, the round in which it was last seen, and the shoes and coats it was last evaluated with. */
    private final int[] seen;

    private final int[] evaluatedFor;
    /** Number of the current choice of shoes and coats; raised whenever it changes. */
    private int shoesAndCoats;

    private final int[] ofType;
    /** Types of this round, of which only the first entries are in use, and the number of ensembles by type. */
    private final int[] types;

    private int typeCount;
    private final int[] ensembles;
    private final long[] anywhere;
    private final int[] ofTypeByContext;
    private int round;

    private final int[] shoes;
    private final int[] coats;
    private final int[] nextShoes;
    private final int[] nextCoats;
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
        this.evaluatedFor = new int[table.types()];
        this.ofType = new int[table.types()];
        this.types = new int[table.types()];
        this.ensembles = new int[table.types()];
        this.anywhere = new long[table.types()];
        this.ofTypeByContext = new int[table.types() * contexts];
        this.byContext = new long[contexts];
        this.basesByContext = new long[contexts];
        this.shoes = new int[table.shoes().length + 1];
        this.coats = new int[table.coats().length + 1];
        this.nextShoes = shoes.clone();
        this.nextCoats = coats.clone();
    }

    /**
     * Counts the outfits of a choice.
     *
     * @param chosen by piece index
     * @param members indices of the chosen pieces, ascending
     */
    void count(boolean[] chosen, int[] members) {
        round++;
        count = 0;
        typeCount = 0;
        total = 0;
        bases = 0;
        Arrays.fill(byContext, 0);
        Arrays.fill(basesByContext, 0);
        open(chosen);
        for (int first : members) {
            if (table.begins(first)) {
                for (int second : members) {
                    add(first, second, chosen);
                }
                add(first, table.pieces(), chosen);
            }
        }
        for (int i = 0; i < typeCount; i++) {
            int type = types[i];
            total += (long) ensembles[type] * ofType[type];
            for (long left = anywhere[type]; left != 0; left &= left - 1) {
                int context = Long.numberOfTrailingZeros(left);
                byContext[context] += (long) ensembles[type] * ofTypeByContext[type * contexts + context];
            }
        }
    }

    /** Updates the chosen shoes and coats; results for the same ones stay valid. */
    private void open(boolean[] chosen) {
        int shoesNow = open(table.shoes(), chosen, nextShoes);
        int coatsNow = open(table.coats(), chosen, nextCoats);
        boolean same = shoesAndCoats > 0
                && Arrays.equals(shoes, 0, shoeCount, nextShoes, 0, shoesNow)
                && Arrays.equals(coats, 0, coatCount, nextCoats, 0, coatsNow);
        if (!same) {
            shoesAndCoats++;
            shoeCount = shoesNow;
            coatCount = coatsNow;
            System.arraycopy(nextShoes, 0, shoes, 0, shoesNow);
            System.arraycopy(nextCoats, 0, coats, 0, coatsNow);
        }
    }

    /** Collects which pieces are chosen, counted from 1, preceded by 0 for none. */
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
                seen[type] = round;
                types[typeCount++] = type;
                ensembles[type] = 0;
                if (evaluatedFor[type] != shoesAndCoats) {
                    evaluate(type);
                }
            }
            if (ofType[type] > 0) {
                keep(ensemble, first, second);
                ensembles[type]++;
                served |= anywhere[type];
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

    private void evaluate(int type) {
        evaluatedFor[type] = shoesAndCoats;
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

    /** Number of outfits that work in at least one context. */
    long total() {
        return total;
    }

    /** Number of outfits that work in a context. */
    long in(int context) {
        return byContext[context];
    }

    /** Number of outfits that work in at least one of the contexts, given as bits. */
    long inAny(long of) {
        long found = 0;
        for (int i = 0; i < typeCount; i++) {
            int works = 0;
            for (int s = 0; s < shoeCount && (anywhere[types[i]] & of) != 0; s++) {
                works += (maskOf(types[i], shoes[s]) & of) != 0 ? 1 : 0;
            }
            found += (long) ensembles[types[i]] * works;
        }
        return found;
    }

    /** Number of distinct bases of the outfits that work in at least one context. */
    long bases() {
        return bases;
    }

    long basesIn(int context) {
        return basesByContext[context];
    }

    /**
     * By piece index, the number of outfits each chosen piece is in, or a coat can complete.
     *
     * @param perPiece overwritten
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
        }
        for (int i = 0; i < typeCount; i++) {
            for (int s = 0; s < shoeCount && ensembles[types[i]] > 0; s++) {
                addShoesAndCoats(perPiece, types[i], shoes[s]);
            }
        }
    }

    /**
     * By piece index, the contexts, as bits, in which each chosen piece is in an outfit, or a coat can complete one.
     *
     * @param contexts overwritten
     */
    void worksIn(long[] contexts) {
        Arrays.fill(contexts, 0);
        for (int i = 0; i < count; i++) {
            long here = anywhere[table.typeOf(within[i])];
            contexts[firsts[i]] |= here;
            if (seconds[i] < table.pieces()) {
                contexts[seconds[i]] |= here;
            }
            for (int which = 0; which < table.room(); which++) {
                int place = table.more(within[i], which);
                if (place >= 0) {
                    contexts[place] |= here;
                }
            }
        }
        for (int i = 0; i < typeCount; i++) {
            for (int s = 1; s < shoeCount && ensembles[types[i]] > 0; s++) {
                contexts[table.shoes()[shoes[s] - 1]] |= maskOf(types[i], shoes[s]);
            }
            for (int c = 1; c < coatCount && ensembles[types[i]] > 0; c++) {
                for (int s = 0; s < shoeCount; s++) {
                    contexts[table.coats()[coats[c] - 1]] |= table.mask(types[i], coats[c], shoes[s]);
                }
            }
        }
    }

    private void addShoesAndCoats(long[] perPiece, int type, int shoe) {
        if (shoe > 0 && maskOf(type, shoe) != 0) {
            perPiece[table.shoes()[shoe - 1]] += ensembles[type];
        }
        for (int c = 1; c < coatCount; c++) {
            if (table.mask(type, coats[c], shoe) != 0) {
                perPiece[table.coats()[coats[c] - 1]] += ensembles[type];
            }
        }
    }
}
