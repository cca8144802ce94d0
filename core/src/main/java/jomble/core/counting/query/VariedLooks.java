package jomble.core.counting.query;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import jomble.core.colour.Ciede2000;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.query.FarthestLooks.Standing;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Selects looks with one piece that are as different from each other as possible: no partner is used more often than it
 * must be ({@link PartnerUse}), then the smallest distance between any two ({@link LookDistance}) is as large as can be
 * found, then the sum of all distances.
 *
 * <p>Starts with the best combination and repeatedly adds the one that stands best beside those selected (farthest
 * first, doi:10.1016/0304-3975(85)90224-5). Then looks are exchanged one at a time as long as the selection gets better.
 * The first look is one a stylist would show first; ties are broken by the least similar pieces in kind and colour.
 */
public final class VariedLooks {
    /** The most looks that can be requested; nobody compares more. */
    public static final int MOST = 20;

    private static final int CANDIDATES = 24;
    private static final int ROUNDS = 3;
    private static final int STARTS = 5;
    /** Up to this many combinations, an exhaustive search is tried. */
    private static final int SMALL = 300;

    private static final int MOST_STEPS = 1_000_000;
    /** Two garments of one kind and nearly one colour look alike: a quarter as different as any other two. */
    private static final double ALIKE = 0.25;

    private static final double ALIKE_DE00 = 12;
    private static final double SAME_KIND = 0.6;

    private final SolutionSet set;
    private final LookDistance distance;
    private final CheapestPaths all;
    private final BigInteger total;
    private final int wanted;
    private final ToDoubleFunction<Found> score;
    private final Progress progress;
    private final PartnerUse use;
    private final FarthestLooks farthest;
    /** By two options' indices, how different their pieces look; 0 until it is computed. */
    private final double[][] unlike;
    /** Share of the starts that have been tried, 0..1. */
    private double started;

    /**
     * The selected looks.
     *
     * @param smallestDistance between any two of them, as {@link LookDistance} weighs it; 0 for fewer than two
     * @param fewestDifferences the smallest number of visible slots in which two of them differ; 0 for fewer than two
     * @param isExact whether it is proven that no other choice of as many is better
     */
    public record Looks(List<Found> found, int smallestDistance, int fewestDifferences, boolean isExact) {}

    private VariedLooks(SolutionSet set, PieceId hero, int most, ToDoubleFunction<Found> score, Progress progress) {
        this.set = set;
        this.score = score;
        this.progress = progress;
        this.all = new CheapestPaths(set, (slot, option) -> 0);
        this.total = all.count(0);
        this.wanted = total.min(BigInteger.valueOf(most)).intValueExact();
        this.distance = new LookDistance(set, hero);
        this.use = new PartnerUse(set, distance, Math.max(1, wanted));
        this.unlike = new double[set.options().all().size()][set.options().all().size()];
        this.farthest = new FarthestLooks(set, distance, use);
    }

    /**
     * @param hero a piece that every combination of the set has
     * @param most 1..{@value #MOST}
     * @param score how suitable a combination is to be shown first; higher is better
     * @return fewer when there are not as many
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    public static Looks of(SolutionSet set, PieceId hero, int most, ToDoubleFunction<Found> score, Progress progress) {
        VariedLooks looks = new VariedLooks(set, hero, most, score, progress);
        return looks.proved(looks.bestOfStarts());
    }

    /** The best selection found from several first ones: farthest first, and some drawn at random. */
    private List<Found> bestOfStarts() {
        if (wanted == 0) {
            return List.of();
        }
        List<Found> best = farthestFirst();
        if (isOnlyChoice()) {
            return best;
        }
        Standing bound = bound();
        best = improved(best, bound);
        Random random = new Random(STARTS);
        for (int i = 1; i < STARTS && standing(best).compareTo(bound) > 0; i++) {
            started = (double) i / STARTS;
            best = better(best, improved(drawn(random), bound));
        }
        return best;
    }

    private List<Found> better(List<Found> one, List<Found> other) {
        return standing(other).compareTo(standing(one)) < 0 ? other : one;
    }

    private List<Found> farthestFirst() {
        List<Found> chosen = new ArrayList<>();
        while (chosen.size() < wanted) {
            goOn(0.7 * chosen.size() / wanted);
            chosen.add(chosen.isEmpty() ? shownFirst() : next(chosen));
        }
        return chosen;
    }

    private void goOn(double done) {
        if (!progress.goOn(started + done / STARTS)) {
            throw new CountingStoppedException();
        }
    }

    /** Some combinations at even distances in the list of all. */
    private List<Found> evenly(int number) {
        return IntStream.range(0, number)
                .mapToObj(i -> total.multiply(BigInteger.valueOf(i)).divide(BigInteger.valueOf(number)))
                .distinct()
                .map(this::at)
                .toList();
    }

    /** As many different combinations as are wanted, at random. */
    private List<Found> drawn(Random random) {
        Set<BigInteger> places = new LinkedHashSet<>();
        while (places.size() < wanted) {
            places.add(new BigInteger(total.bitLength() + 1, random).mod(total));
        }
        return places.stream().map(this::at).toList();
    }

    private Found at(BigInteger place) {
        long within = place.min(BigInteger.valueOf(Long.MAX_VALUE)).longValueExact();
        return all.list(0, within, 1).get(0);
    }

    /** Of equally good candidates one that works, and of these the least similar to the others. */
    private Found next(List<Found> others) {
        return farthest.besides(others, CANDIDATES).stream()
                .min(Comparator.comparing(Found::verdict).thenComparing(one -> -unlikeness(one, others)))
                .orElseThrow();
    }

    /** The look a stylist would show first, among some of all. */
    private Found shownFirst() {
        return evenly(CANDIDATES).stream()
                .min(Comparator.comparing(Found::verdict)
                        .thenComparing(Comparator.comparingDouble(score).reversed()))
                .orElseThrow();
    }

    /** How different a combination is from the most similar of the others, from 0 on; 0 for the first. */
    private double unlikeness(Found one, List<Found> others) {
        double least = others.isEmpty() ? 0 : Double.MAX_VALUE;
        for (Found other : others) {
            double sum = 0;
            for (Slot slot : distance.visible()) {
                sum += LookDistance.weight(slot)
                        * unlikeness(one.options()[slot.ordinal()], other.options()[slot.ordinal()]);
            }
            least = Math.min(least, sum);
        }
        return least;
    }

    private double unlikeness(Option one, Option other) {
        if (one == other) {
            return 0;
        }
        if (one == null || other == null) {
            return 1;
        }
        double[] row = unlike[one.index()];
        if (row[other.index()] == 0) {
            row[other.index()] = unlikeness(one.pieces().get(0), other.pieces().get(0));
        }
        return row[other.index()];
    }

    private static double unlikeness(Piece a, Piece b) {
        boolean sameColour = Ciede2000.difference(
                        a.dominantColour().colour().lab(),
                        b.dominantColour().colour().lab())
                < ALIKE_DE00;
        boolean sameKind = a.kind().equals(b.kind());
        return sameKind && sameColour ? ALIKE : sameKind || sameColour ? SAME_KIND : 1;
    }

    private Standing standing(List<Found> looks) {
        int[] uses = new int[set.options().all().size()];
        int excess = 0;
        for (Found look : looks) {
            excess += use.excess(look.options(), uses);
            PartnerUse.count(look.options(), uses, 1);
        }
        return Standing.of(excess, distances(looks));
    }

    private int[] distances(List<Found> looks) {
        int[] distances = new int[looks.size() * (looks.size() - 1) / 2];
        int pair = 0;
        for (int i = 0; i < looks.size(); i++) {
            for (int j = 0; j < i; j++) {
                distances[pair++] =
                        distance.between(looks.get(i).options(), looks.get(j).options());
            }
        }
        return distances;
    }

    /** Whether there is nothing to choose: all looks are shown, or one, which cannot differ from another. */
    private boolean isOnlyChoice() {
        return wanted < 2 || total.equals(BigInteger.valueOf(wanted));
    }

    /** Exchanges one look after the other as long as the selection gets better. */
    private List<Found> improved(List<Found> looks, Standing bound) {
        List<Found> chosen = looks;
        for (int round = 0; round < ROUNDS && standing(chosen).compareTo(bound) > 0; round++) {
            List<Found> before = chosen;
            for (int i = 0; i < wanted; i++) {
                goOn(0.7 + 0.3 * (round * wanted + i) / (ROUNDS * wanted));
                List<Found> changed = new ArrayList<>(chosen);
                changed.remove(i);
                changed.add(i, next(changed));
                chosen = better(chosen, changed);
            }
            if (chosen == before) {
                return chosen;
            }
        }
        return chosen;
    }

    /**
     * What no selection can exceed. In a slot with c contents, k looks agree in at least the pairs that an even spread
     * leaves; and where some slots can be filled in fewer ways than there are looks, two looks agree in all of them.
     */
    private Standing bound() {
        int pairs = wanted * (wanted - 1) / 2;
        int sum = 0;
        int whole = 0;
        for (PartnerUse.Contents slot : use.contents()) {
            int weight = LookDistance.weight(slot.slot());
            int each = wanted / slot.number();
            int more = wanted % slot.number();
            int agreeing = more * (each + 1) * each / 2 + (slot.number() - more) * each * (each - 1) / 2;
            sum += weight * (pairs - agreeing);
            whole += weight;
        }
        int shared = sharedWeight(0, 1);
        return new Standing(0, Math.min(whole - shared, sum / pairs), sum);
    }

    /** The largest weight of slots, from one on, that together with those taken can be filled in fewer ways than there are looks. */
    private int sharedWeight(int from, long ways) {
        int most = 0;
        for (int i = from; i < use.contents().size(); i++) {
            PartnerUse.Contents slot = use.contents().get(i);
            if (ways * slot.number() < wanted) {
                most = Math.max(most, LookDistance.weight(slot.slot()) + sharedWeight(i + 1, ways * slot.number()));
            }
        }
        return most;
    }

    private Looks proved(List<Found> looks) {
        if (isOnlyChoice()) {
            return result(looks, true);
        }
        Standing standing = standing(looks);
        if (standing.compareTo(bound()) <= 0) {
            return result(looks, true);
        }
        if (total.compareTo(BigInteger.valueOf(SMALL)) > 0) {
            return result(looks, false);
        }
        ExhaustiveChoice search = new ExhaustiveChoice(looks, standing);
        search.extend(0, 0, Integer.MAX_VALUE, 0);
        return result(search.best, search.steps <= MOST_STEPS);
    }

    private Looks result(List<Found> looks, boolean isExact) {
        int fewest = Integer.MAX_VALUE;
        for (int i = 0; i < looks.size(); i++) {
            for (int j = 0; j < i; j++) {
                fewest = Math.min(
                        fewest,
                        distance.differences(
                                looks.get(i).options(), looks.get(j).options()));
            }
        }
        boolean isPair = looks.size() > 1;
        return new Looks(List.copyOf(looks), isPair ? standing(looks).smallest() : 0, isPair ? fewest : 0, isExact);
    }

    /** Goes through every choice from a small set that could still be better than the best so far. */
    private final class ExhaustiveChoice {
        private final List<Found> some = all.list(0, 0, SMALL);
        private final int[][] distances = new int[some.size()][some.size()];
        private final int[] uses = new int[set.options().all().size()];
        private final List<Found> taken = new ArrayList<>();
        private final List<Integer> indices = new ArrayList<>();
        private List<Found> best;
        private Standing standing;
        private int steps;

        ExhaustiveChoice(List<Found> best, Standing standing) {
            this.best = best;
            this.standing = standing;
            for (int i = 0; i < distances.length; i++) {
                for (int j = 0; j < i; j++) {
                    distances[i][j] =
                            distance.between(some.get(i).options(), some.get(j).options());
                    distances[j][i] = distances[i][j];
                }
            }
        }

        void extend(int from, int excess, int smallest, int sum) {
            if (taken.size() == wanted) {
                standing = new Standing(excess, smallest, sum);
                best = List.copyOf(taken);
                return;
            }
            for (int i = from; i <= some.size() - (wanted - taken.size()) && steps <= MOST_STEPS; i++) {
                if (++steps % 1024 == 0) {
                    goOn(1);
                }
                Found one = some.get(i);
                int with = excess + use.excess(one.options(), uses);
                int least = smallest;
                int more = sum;
                for (int other : indices) {
                    least = Math.min(least, distances[i][other]);
                    more += distances[i][other];
                }
                if (couldBeBetter(with, least, more)) {
                    PartnerUse.count(one.options(), uses, 1);
                    taken.add(one);
                    indices.add(i);
                    extend(i + 1, with, least, more);
                    indices.remove(indices.size() - 1);
                    taken.remove(taken.size() - 1);
                    PartnerUse.count(one.options(), uses, -1);
                }
            }
        }

        /** Further looks only add overuse and only lower the smallest distance. */
        private boolean couldBeBetter(int excess, int smallest, int sum) {
            boolean isWhole = taken.size() + 1 == wanted;
            int mostSum = isWhole ? sum : Integer.MAX_VALUE;
            return new Standing(excess, smallest, mostSum).compareTo(standing) < 0;
        }
    }
}
