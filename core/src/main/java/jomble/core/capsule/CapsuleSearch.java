package jomble.core.capsule;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Consumer;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;

/**
 * Searches for the best choice of a given size: simulated annealing by swaps (doi:10.1126/science.220.4598.671) in many
 * short rounds, each followed by hill climbing. The number of rounds, not time, limits the search, so a seed gives the
 * same choice on every machine; more rounds never give a worse one. Not thread-safe.
 */
final class CapsuleSearch {
    private static final int MOVES_A_PIECE = 250;
    private static final double HOT = 0.12;
    private static final double COLD = 0.002;
    /** Every second round starts afresh instead of from the best choice. */
    private static final int ANEW = 2;
    /** Every fourth of those first looks for the best choice under one limit more. */
    private static final int NARROWED = 8;
    /** Variety must leave at least this share of the outfits in every context. */
    private static final double KEPT_IN_EACH = 0.6;

    private static final double LEAST_DIFFERENCE = 1e-9;

    private final Aim aim;
    private final List<Aim> narrower;
    private final int pieces;
    private final int[] free;
    private final int[] must;
    private final int[] pool;
    private final SplittableRandom random;
    private Consumer<Found> listener = found -> {};

    /** A choice and its score. */
    record Found(Choice choice, Score score) {}

    /**
     * @param narrower aims with one limit more whose best choices are places to start from
     * @param must indices of the pieces that must be in it
     * @param pool indices of the other pieces that may be chosen
     */
    CapsuleSearch(Aim aim, List<Aim> narrower, int pieces, int[] free, int[] must, int[] pool, long seed) {
        this.aim = aim;
        this.narrower = narrower;
        this.pieces = pieces;
        this.free = free;
        this.must = must;
        this.pool = pool;
        this.random = new SplittableRandom(seed);
    }

    /** @param listener called for every improvement */
    void onBetter(Consumer<Found> listener) {
        this.listener = listener;
    }

    /** How scores are compared, and a number for them that the annealing can use. */
    private interface Ranking {
        double value(Score score);

        /** Whether the first is better than the second, given their values. */
        boolean isBetter(Score one, double value, Score other, double otherValue);
    }

    /** By all criteria, with more outfits ranked before more variety. */
    private record MostOutfits(double scale, int size) implements Ranking {
        @Override
        public boolean isBetter(Score one, double value, Score other, double otherValue) {
            return Score.BY_OUTFITS.compare(one, other) < 0;
        }

        @Override
        public double value(Score score) {
            return -score.missed()
                    + 20 * score.needsMet()
                    + 10 * score.needsMetByBases()
                    + 4.0 * score.earning() / size
                    + score.outfits() / scale;
        }
    }

    /**
     * By variety, then preference, among choices that equal a given one in everything ranked before outfits and have
     * almost as many outfits.
     */
    private final class MostVaried implements Ranking {
        private final Score best;
        private final double least;
        private final long[] leastIn;

        MostVaried(Found best, double costFraction) {
            this.best = best.choice().score(aim);
            this.least = (1 - costFraction) * best.score().outfits();
            this.leastIn = new long[contexts()];
            for (int i = 0; i < leastIn.length; i++) {
                leastIn[i] = (long) Math.ceil(KEPT_IN_EACH * aim.outfits().in(i));
            }
        }

        private int contexts() {
            return aim.outfits().contexts();
        }

        @Override
        public boolean isBetter(Score one, double value, Score other, double otherValue) {
            return value >= 0 && otherValue >= 0
                    ? Score.BY_VARIETY.compare(one, other) < 0
                    : value > otherValue + LEAST_DIFFERENCE;
        }

        /** The value of the choice scored last; below 0 when it gives up too much. */
        @Override
        public double value(Score score) {
            double lacks = Math.max(0, score.missed() - best.missed())
                    + 10 * Math.max(0, best.needsMet() - score.needsMet())
                    + 10 * Math.max(0, best.needsMetByBases() - score.needsMetByBases())
                    + Math.max(0, best.earning() - score.earning())
                    + Math.max(0, least - score.outfits()) / Math.max(1, least);
            for (int i = 0; i < leastIn.length; i++) {
                lacks += Math.max(0, leastIn[i] - aim.outfits().in(i)) / (double) Math.max(1, leastIn[i]);
            }
            return lacks > 0 ? -lacks : score.variety();
        }
    }

    /**
     * The best choice found, ranked by the number of outfits.
     *
     * @param from where to start, or null
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    Found mostOutfits(int size, Choice from, int rounds, Progress progress) {
        Choice begin = from == null ? random(size) : from.copy();
        Score score = begin.score(aim);
        Found best = new Found(begin, score);
        best = climb(best, new MostOutfits(Math.max(1, score.outfits()), size));
        listener.accept(best);
        for (int round = 0; round < rounds; round++) {
            goOn(progress, round, rounds);
            Ranking ranking = new MostOutfits(Math.max(1, best.score().outfits()), size);
            Found found = climb(annealed(round, size, best.choice(), ranking), ranking);
            if (Score.BY_OUTFITS.compare(found.score(), best.score()) < 0) {
                best = found;
                listener.accept(best);
            }
        }
        return best;
    }

    private Found annealed(int round, int size, Choice best, Ranking ranking) {
        if (round % ANEW != ANEW - 1) {
            return anneal(best.copy(), ranking, aim);
        }
        boolean isNarrowed = !narrower.isEmpty() && round % NARROWED == NARROWED - 1;
        return anneal(random(size), ranking, isNarrowed ? narrower.get(round / NARROWED % narrower.size()) : aim);
    }

    /**
     * The most varied choice found near the one with the most outfits.
     *
     * @param costFraction share of the outfits that may be given up, 0..1
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    Found mostVaried(Found most, double costFraction, int rounds, Progress progress) {
        Found best = most;
        Ranking ranking = new MostVaried(most, costFraction);
        double value = ranking.value(most.choice().score(aim));
        for (int round = 0; round < rounds; round++) {
            goOn(progress, round, rounds);
            Found found = climb(anneal(best.choice().copy(), ranking, aim), ranking);
            double now = ranking.value(found.choice().score(aim));
            if (ranking.isBetter(found.score(), now, best.score(), value)) {
                best = found;
                value = now;
                listener.accept(best);
            }
        }
        return best;
    }

    private static void goOn(Progress progress, int round, int rounds) {
        if (!progress.goOn((double) round / rounds)) {
            throw new CountingStoppedException();
        }
    }

    private Choice random(int size) {
        List<Integer> rest = new ArrayList<>();
        for (int place : pool) {
            rest.add(place);
        }
        int[] members = new int[Math.min(size, must.length + pool.length)];
        System.arraycopy(must, 0, members, 0, Math.min(must.length, members.length));
        for (int i = must.length; i < members.length; i++) {
            members[i] = rest.remove(random.nextInt(rest.size()));
        }
        return new Choice(pieces, free, members);
    }

    /** The best choice seen in one round. Required pieces come first and are never moved. */
    private Found anneal(Choice choice, Ranking ranking, Aim aim) {
        Score score = choice.score(aim);
        double value = ranking.value(score);
        Found best = new Found(choice.copy(), score);
        double bestValue = value;
        int movable = choice.size() - must.length;
        if (movable <= 0 || pool.length <= movable) {
            return best;
        }
        int moves = MOVES_A_PIECE * choice.size();
        double cooling = Math.pow(COLD / HOT, 1.0 / moves);
        double heat = HOT;
        for (int move = 0; move < moves; move++, heat *= cooling) {
            int i = must.length + random.nextInt(movable);
            int in = pool[random.nextInt(pool.length)];
            if (choice.has(in)) {
                continue;
            }
            int out = choice.swap(i, in);
            Score next = choice.score(aim);
            double nextValue = ranking.value(next);
            if (nextValue >= value || random.nextDouble() < Math.exp((nextValue - value) / heat)) {
                value = nextValue;
                if (ranking.isBetter(next, value, best.score(), bestValue)) {
                    bestValue = value;
                    best = new Found(choice.copy(), next);
                }
            } else {
                choice.swap(i, out);
            }
        }
        return best;
    }

    /** Applies improving swaps until there are none. */
    private Found climb(Found from, Ranking ranking) {
        Choice choice = from.choice().copy();
        Score score = choice.score(aim);
        double value = ranking.value(score);
        int sinceBetter = 0;
        int movable = choice.size() - must.length;
        for (int step = 0; sinceBetter < movable * pool.length; step = (step + 1) % (movable * pool.length)) {
            sinceBetter++;
            int in = pool[step % pool.length];
            if (choice.has(in)) {
                continue;
            }
            int i = must.length + step / pool.length;
            int out = choice.swap(i, in);
            Score next = choice.score(aim);
            double nextValue = ranking.value(next);
            if (ranking.isBetter(next, nextValue, score, value)) {
                score = next;
                value = nextValue;
                sinceBetter = 0;
            } else {
                choice.swap(i, out);
            }
        }
        return new Found(choice, score);
    }
}
