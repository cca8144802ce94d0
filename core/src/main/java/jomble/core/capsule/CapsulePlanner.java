package jomble.core.capsule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import jomble.core.counting.Counter;
import jomble.core.counting.Progress;
import jomble.core.piece.PieceId;

/**
 * Plans capsules: compiles the outfits of a wardrobe once, searches among them, and has the counter compute the exact
 * figures of the result.
 */
public final class CapsulePlanner {
    private static final int SMALLEST = 8;
    private static final int BEYOND = 5;
    /** The largest capsule that can be planned; nobody needs more. */
    private static final int LARGEST = 40;

    /** Sizes whose share of needs met is within this of the best count as almost as good. */
    private static final double ALMOST = 0.01;

    /** Boxes the bound tries for each round of the search. */
    private static final int BOUND_STEPS = 60;

    private static final int ROUNDS_OF_A_SIZE = 2;
    /** Share of the rounds spent on the most outfits. */
    private static final double FOR_OUTFITS = 0.7;
    /** Shares of the whole time: compiling, searching, reporting. */
    private static final double COMPILED = 0.35;

    private static final double SEARCHED_FOR_OUTFITS = 0.7;
    private static final double SEARCHED = 0.75;
    private static final double BOUNDED = 0.9;

    private final Counter counter;
    private final CapsuleCompiler compiler;

    public CapsulePlanner(Counter counter) {
        this.counter = counter;
        this.compiler = new CapsuleCompiler(counter);
    }

    CapsuleCompiler compiler() {
        return compiler;
    }

    /**
     * Plans a capsule.
     *
     * @param seed the same seed gives the same capsule
     * @param rounds of the search, at least 1; more rounds never give fewer outfits
     * @throws jomble.core.counting.CountingStoppedException when the progress listener asks to stop
     * @throws jomble.core.counting.WardrobeTooLargeException when the wardrobe would need more memory than one count
     *     may use
     */
    public CapsulePlan plan(CapsuleProblem problem, long seed, int rounds, Progress progress) {
        return plan(problem, new Search(seed, rounds, Set.of()), progress, better -> {});
    }

    /**
     * How to search.
     *
     * @param seed the same seed gives the same capsule
     * @param rounds at least 1; more rounds never give fewer outfits
     * @param start pieces of a capsule to start from, such as the one on the screen; empty for none. As far as it is
     *     possible under the wishes, the search finds nothing with fewer outfits before variety is weighed
     */
    public record Search(long seed, int rounds, Set<PieceId> start) {
        public Search {
            start = Set.copyOf(start);
        }
    }

    /**
     * Plans a capsule.
     *
     * @param listener called for every improvement
     */
    public CapsulePlan plan(
            CapsuleProblem problem, Search how, Progress progress, Consumer<CapsulePlan.Better> listener) {
        long seed = how.seed();
        int rounds = how.rounds();
        CompiledCapsule compiled = compiler.compile(problem, how, progress.part(0, COMPILED));
        CapsuleSearch search = compiled.search(seed);
        search.onBetter(found -> listener.accept(better(compiled, found)));
        int size = size(compiled, search, rounds, progress.part(COMPILED, COMPILED));
        int first = Math.max(1, (int) Math.round(rounds * FOR_OUTFITS));
        CapsuleSearch.Found most = search.mostOutfits(
                size, compiled.start(how.start(), size), first, progress.part(COMPILED, SEARCHED_FOR_OUTFITS));
        CapsuleSearch.Found best = search.mostVaried(
                most,
                problem.wishes().varietyCostFraction(),
                Math.max(1, rounds - first),
                progress.part(SEARCHED_FOR_OUTFITS, SEARCHED));
        search.onBetter(found -> {});
        Progress still = progress.part(SEARCHED, SEARCHED);
        List<CapsulePlan.Size> curve = curve(compiled, search, most, size, still);
        Integer wouldDo = most.score().missed() == 0 ? null : sizeThatWouldDo(compiled, search, most, still);
        boolean isWhole = compiled.problem() == problem;
        boolean isCountedExactly = compiled.aim().needs().equals(problem.needs())
                && problem.searched().equals(problem.pieces());
        boolean isAll = isWhole && compiled.largest() <= size;
        Long bound = isWhole && isCountedExactly
                ? bound(compiled, most, size, rounds, progress.part(SEARCHED, BOUNDED))
                : null;
        Curve drawn = new Curve(
                curve, elbow(curve), most.score().outfits() - best.score().outfits(), isAll, bound, wouldDo);
        return report(compiled, best, drawn, progress.part(BOUNDED, 1));
    }

    /** An upper bound of the outfits of a capsule of this size that misses no more wishes, or null when unknown. */
    private static Long bound(
            CompiledCapsule compiled, CapsuleSearch.Found most, int size, int rounds, Progress progress) {
        return OutfitBound.of(compiled, size, most.score().missed() == 0, rounds * BOUND_STEPS, progress)
                .map(found -> Math.max(found, most.score().outfits()))
                .orElse(null);
    }

    /**
     * Computes the figures of a choice made by hand, without a search.
     *
     * @param pieces those that count towards the size, any number of them
     * @return without a curve and without a comparison to others of its size
     * @throws jomble.core.counting.CountingStoppedException when the progress listener asks to stop
     */
    public CapsulePlan look(CapsuleProblem problem, Collection<PieceId> pieces, long seed, Progress progress) {
        CompiledCapsule compiled = compiler.compileAround(problem, pieces, seed, progress.part(0, COMPILED));
        Choice choice = compiled.choice(pieces);
        CapsuleSearch.Found found = new CapsuleSearch.Found(choice, choice.score(compiled.aim()));
        return report(
                compiled, found, new Curve(List.of(), choice.size(), 0, false, null, null), progress.part(COMPILED, 1));
    }

    /** What the search found at other sizes. */
    private record Curve(
            List<CapsulePlan.Size> sizes,
            int elbow,
            long givenUpForVariety,
            boolean isOnlyOne,
            Long upperBound,
            Integer sizeThatWouldDo) {}

    private CapsulePlan report(CompiledCapsule compiled, CapsuleSearch.Found found, Curve curve, Progress progress) {
        List<CapsulePlan.Swap> swaps = Swaps.best(compiled, found.choice());
        List<CapsulePlan.Nearest> nearest = Swaps.nearest(compiled, found.choice());
        Score score = found.choice().score(compiled.aim());
        CapsuleReport report = new CapsuleReport(counter, compiled, found.choice());
        CapsulePlan.Figures figures = report.figures(score, curve.givenUpForVariety(), progress);
        return new CapsulePlan(
                report.pieces(),
                report.free(),
                figures,
                report.reasons(),
                report.seasonal(),
                swaps,
                nearest,
                curve.sizes(),
                curve.elbow(),
                report.missed(curve.sizeThatWouldDo()),
                provedFor(curve, score, found.choice().size()),
                curve.upperBound());
    }

    /**
     * The criteria proved, from the most important down to the first that is not: each is at the most it can be, or
     * there is no other choice.
     */
    private static List<CapsulePlan.Criterion> provedFor(Curve curve, Score score, int size) {
        if (curve.isOnlyOne()) {
            return List.of(CapsulePlan.Criterion.values());
        }
        List<CapsulePlan.Criterion> proved = new ArrayList<>();
        for (CapsulePlan.Criterion criterion : CapsulePlan.Criterion.values()) {
            boolean isBest = switch (criterion) {
                case FUNCTION -> score.missed() == 0;
                case NEEDS -> score.needsMet() == 1 && score.needsMetByBases() == 1;
                case EARNING -> score.earning() == size;
                case OUTFITS -> curve.upperBound() != null && score.outfits() == curve.upperBound();
                case VARIETY, PREFERENCE -> false;
            };
            if (!isBest) {
                break;
            }
            proved.add(criterion);
        }
        return List.copyOf(proved);
    }

    static CapsulePlan.Better better(CompiledCapsule compiled, CapsuleSearch.Found found) {
        List<PieceId> pieces =
                Arrays.stream(found.choice().sorted()).mapToObj(compiled::id).toList();
        Score score = found.score();
        return new CapsulePlan.Better(
                pieces, score.missed(), score.needsMet(), score.earning(), score.outfits(), score.variety());
    }

    /** The requested size; for a range, the smallest at which function and needs are met as well as at any. */
    private static int size(CompiledCapsule compiled, CapsuleSearch search, int rounds, Progress progress) {
        CapsuleWishes.Range range = compiled.problem().wishes().size();
        int most = Math.min(range.max(), compiled.largest());
        int least = Math.min(most, Math.max(range.min(), compiled.must().length));
        int chosen = most;
        Score best = null;
        Choice from = null;
        Comparator<Score> byLife = Comparator.comparingInt(Score::missed)
                .thenComparing(Comparator.comparingDouble(Score::needsMet).reversed())
                .thenComparing(
                        Comparator.comparingDouble(Score::needsMetByBases).reversed());
        for (int size = least; size <= most && least < most; size++) {
            CapsuleSearch.Found found = search.mostOutfits(
                    size,
                    from == null ? null : Swaps.grown(compiled, from),
                    Math.min(rounds, ROUNDS_OF_A_SIZE),
                    progress);
            from = found.choice();
            if (best == null || byLife.compare(found.score(), best) < 0) {
                best = found.score();
                chosen = size;
            }
        }
        return chosen;
    }

    /** The best by outfits at smaller and larger sizes; each search starts from the neighbouring size. */
    private static List<CapsulePlan.Size> curve(
            CompiledCapsule compiled, CapsuleSearch search, CapsuleSearch.Found most, int size, Progress progress) {
        List<CapsulePlan.Size> curve = new ArrayList<>();
        curve.add(point(size, most.score()));
        int least = Math.max(compiled.must().length, Math.min(SMALLEST, size));
        int largest = Math.min(size + BEYOND, compiled.largest());
        Choice from = most.choice();
        for (int n = size - 1; n >= least; n--) {
            CapsuleSearch.Found found = search.mostOutfits(n, Swaps.shrunk(compiled, from), 0, progress);
            curve.add(0, point(n, found.score()));
            from = found.choice();
        }
        from = most.choice();
        for (int n = size + 1; n <= largest; n++) {
            CapsuleSearch.Found found = search.mostOutfits(n, Swaps.grown(compiled, from), 0, progress);
            curve.add(point(n, found.score()));
            from = found.choice();
        }
        return curve;
    }

    /**
     * The smallest larger size that meets all wishes, each search starting from its neighbour; null when none was
     * found.
     */
    private static Integer sizeThatWouldDo(
            CompiledCapsule compiled, CapsuleSearch search, CapsuleSearch.Found most, Progress progress) {
        Choice from = most.choice();
        int largest = Math.min(compiled.largest(), LARGEST);
        for (int size = from.size() + 1; size <= largest; size++) {
            CapsuleSearch.Found found = search.mostOutfits(size, Swaps.grown(compiled, from), 0, progress);
            if (found.score().missed() == 0) {
                return size;
            }
            from = found.choice();
        }
        return null;
    }

    /** The smallest size that meets function wishes and needs almost as well as any. */
    static int elbow(List<CapsulePlan.Size> curve) {
        int missed = curve.stream().mapToInt(CapsulePlan.Size::missed).min().orElseThrow();
        double most = curve.stream()
                .mapToDouble(CapsulePlan.Size::needsMetFraction)
                .max()
                .orElseThrow();
        return curve.stream()
                .filter(size -> size.missed() == missed && size.needsMetFraction() >= most - ALMOST)
                .mapToInt(CapsulePlan.Size::size)
                .findFirst()
                .orElse(curve.get(curve.size() - 1).size());
    }

    private static CapsulePlan.Size point(int size, Score score) {
        return new CapsulePlan.Size(size, score.missed(), score.needsMet(), score.needsMetByBases(), score.outfits());
    }
}
