package jomble.core.capsule;

import java.util.Arrays;
import java.util.List;

/** Scores choices of pieces by the wishes for a capsule. Not thread-safe. */
final class Aim {
    /** A piece earns its place when it is in at least this many outfits. */
    static final int EARNS = 5;

    private final Outfits outfits;
    private final List<Need> needs;
    /** By need, the contexts of its months. */
    private final int[][] contexts;

    private final List<Requirement> requirements;
    private final Variety variety;
    private final Preferences preferences;
    /** Pieces that do not count towards the size and are always available. */
    private final int[] free;

    private final long[] perPiece;

    Aim(
            Outfits outfits,
            List<Need> needs,
            int[][] contexts,
            List<Requirement> requirements,
            Variety variety,
            Preferences preferences,
            int[] free,
            int pieces) {
        this.outfits = outfits;
        this.needs = needs;
        this.contexts = contexts;
        this.requirements = requirements;
        this.variety = variety;
        this.preferences = preferences;
        this.free = free;
        this.perPiece = new long[pieces];
    }

    /** This aim with other requirements; both count with the same tables, so only the figures of the last score stand. */
    Aim with(List<Requirement> others) {
        return new Aim(outfits, needs, contexts, others, variety, preferences, free, perPiece.length);
    }

    List<Need> needs() {
        return needs;
    }

    List<Requirement> requirements() {
        return requirements;
    }

    Preferences preferences() {
        return preferences;
    }

    /** The counts behind the last score. */
    Outfits outfits() {
        return outfits;
    }

    /** Number of outfits by piece index, for the last score. */
    long[] perPiece() {
        return perPiece;
    }

    /**
     * Scores a choice.
     *
     * @param chosen by piece index, including the pieces that are always available
     * @param members indices of the chosen pieces that count towards the size
     */
    Score score(boolean[] chosen, int[] members) {
        int[] all = Arrays.copyOf(members, members.length + free.length);
        System.arraycopy(free, 0, all, members.length, free.length);
        outfits.count(chosen, all);
        outfits.perPiece(perPiece);
        int missed = 0;
        for (Requirement requirement : requirements) {
            missed += requirement.missedBy(chosen, members);
        }
        int earning = 0;
        for (int member : members) {
            earning += perPiece[member] >= EARNS ? 1 : 0;
        }
        return new Score(
                missed,
                needsMet(false),
                needsMet(true),
                earning,
                outfits.total(),
                variety.of(members, perPiece),
                preferences.of(members));
    }

    private double needsMet(boolean byBases) {
        double met = 0;
        double all = 0;
        for (int i = 0; i < needs.size(); i++) {
            Need need = needs.get(i);
            if (need.outfits() > 0) {
                all += need.timesPerWeek();
                met += need.timesPerWeek() * Math.min(weakest(i, byBases), need.outfits()) / need.outfits();
            }
        }
        return all == 0 ? 1 : met / all;
    }

    /** The contexts of a season, as bits. */
    long contextsOf(String season) {
        long bits = 0;
        for (int i = 0; i < needs.size(); i++) {
            bits |= needs.get(i).season().name().equals(season) ? bitsOf(i) : 0;
        }
        return bits;
    }

    /** The contexts of a need's months, as bits. */
    long bitsOf(int need) {
        return Arrays.stream(contexts[need]).mapToLong(context -> 1L << context).reduce(0, (a, b) -> a | b);
    }

    /** The contexts of a need's months. */
    int[] contextsOf(int need) {
        return contexts[need];
    }

    /** Number of outfits for a need in the month with the fewest. */
    long weakest(int need, boolean byBases) {
        long weakest = Long.MAX_VALUE;
        for (int context : contexts[need]) {
            weakest = Math.min(weakest, byBases ? outfits.basesIn(context) : outfits.in(context));
        }
        return weakest;
    }
}
