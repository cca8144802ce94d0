package jomble.core.capsule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.Progress;
import jomble.core.judgement.JudgementContext;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/** Plans capsules: compiles the outfits of a wardrobe once, searches among them, and has the counter say what was found. */
public final class CapsulePlanner {
    private static final int SWAPS = 5;
    private static final int NEAREST = 8;
    private static final int SMALLEST = 8;
    private static final int BEYOND = 5;
    /** Needs met within this of the most are met almost as well. */
    private static final double ALMOST = 0.01;

    private static final int ROUNDS_OF_A_SIZE = 2;
    /** Of the rounds, those that seek the most outfits. */
    private static final double FOR_OUTFITS = 0.7;
    /** Parts of the whole time: compiling, searching, and saying what was found. */
    private static final double SHORTENED = 0.2;

    private static final double COMPILED = 0.35;
    private static final double SEARCHED_FOR_OUTFITS = 0.7;
    private static final double SEARCHED = 0.85;

    private final Counter counter;

    public CapsulePlanner(Counter counter) {
        this.counter = counter;
    }

    /**
     * Plans a capsule.
     *
     * @param seed the same one gives the same capsule
     * @param rounds of the search, at least 1; more never give a worse one by outfits
     * @throws jomble.core.counting.CountingStoppedException when the progress asks to stop
     * @throws jomble.core.counting.WardrobeTooLargeException when the wardrobe would need more memory than one count may take
     */
    public CapsulePlan plan(CapsuleProblem problem, long seed, int rounds, Progress progress) {
        CapsuleProblem shorter = shortened(problem, seed, progress.part(0, SHORTENED));
        Compiled compiled = compile(shorter, progress.part(SHORTENED, COMPILED));
        CapsuleSearch search = compiled.search(seed);
        int size = size(compiled, search, rounds, progress.part(COMPILED, COMPILED));
        int first = Math.max(1, (int) Math.round(rounds * FOR_OUTFITS));
        CapsuleSearch.Found most = search.mostOutfits(size, null, first, progress.part(COMPILED, SEARCHED_FOR_OUTFITS));
        CapsuleSearch.Found best = search.mostVaried(
                most,
                problem.wishes().varietyCostFraction(),
                Math.max(1, rounds - first),
                progress.part(SEARCHED_FOR_OUTFITS, SEARCHED));
        long givenUp = most.score().outfits() - best.score().outfits();
        List<CapsulePlan.Swap> swaps = swaps(compiled, best);
        List<CapsulePlan.Nearest> nearest = nearest(compiled, best);
        List<CapsulePlan.Size> curve = curve(compiled, search, most, size, progress.part(SEARCHED, SEARCHED));
        Score score = best.choice().score(compiled.aim());
        CapsuleReport report = new CapsuleReport(counter, shorter, compiled, best.choice());
        CapsulePlan.Figures figures = report.figures(score, givenUp, progress.part(SEARCHED, 1));
        boolean isAll = shorter == problem && compiled.pool().length <= size - compiled.must().length;
        return new CapsulePlan(
                report.pieces(),
                figures,
                report.reasons(),
                swaps,
                nearest,
                curve,
                elbow(curve),
                report.missed(curve),
                isAll);
    }

    /** Without the pieces of a large wardrobe that would hardly be chosen. */
    private CapsuleProblem shortened(CapsuleProblem problem, long seed, Progress progress) {
        long candidates = problem.pieces().stream().filter(problem::isCandidate).count();
        if (candidates <= ShortList.SMALL) {
            return problem;
        }
        Compiled rough = compile(problem.needing(ShortList.withoutWeather(problem.needs())), progress.part(0, 0.8));
        int size = Math.min(problem.wishes().size().max(), rough.must().length + rough.pool().length);
        CapsuleSearch.Found found = rough.search(seed).mostOutfits(size, null, 1, progress.part(0.8, 1));
        Map<Integer, Score> bySwap = new LinkedHashMap<>();
        forEachSwap(
                rough,
                found.choice(),
                (out, in, score) -> bySwap.merge(
                        in, score, (one, other) -> Score.BY_OUTFITS.compare(one, other) <= 0 ? one : other));
        return problem.without(ShortList.leftOut(problem.pieces(), rough.pool(), found.choice(), bySwap));
    }

    /** A wardrobe made ready to be searched. */
    record Compiled(
            CapsuleProblem problem,
            EnsembleTable table,
            Aim aim,
            boolean[] candidates,
            int[] free,
            int[] must,
            int[] pool) {
        CapsuleSearch search(long seed) {
            return new CapsuleSearch(aim, problem.pieces().size(), free, must, pool, seed);
        }

        PieceId id(int place) {
            return problem.pieces().get(place).id();
        }
    }

    Compiled compile(CapsuleProblem problem, Progress progress) {
        List<Piece> pieces = problem.searched();
        List<Need> needs = Needed.withinBounds(problem.needs());
        List<JudgementContext> contexts = needs.stream()
                .flatMap(need -> need.months().stream())
                .map(Need.Month::context)
                .toList();
        EnsembleTable.Builder builder =
                new EnsembleTable.Builder(pieces.stream().map(Piece::id).toList());
        for (int i = 0; i < contexts.size(); i++) {
            CountQuestion question =
                    new CountQuestion(pieces, List.of(contexts.get(i)), CountedSlots.OUTFITS, false, List.of(), false);
            counter.ensembles(question, builder, progress.partOf(i, contexts.size()));
        }
        EnsembleTable table = builder.build();
        boolean[] candidates = new boolean[pieces.size()];
        for (int i = 0; i < candidates.length; i++) {
            candidates[i] = problem.isCandidate(pieces.get(i));
        }
        int[] free = places(pieces, piece -> !problem.counts(piece));
        int[] must = places(pieces, piece -> problem.wishes().must().contains(piece.id()) && problem.counts(piece));
        int[] pool = places(
                pieces,
                piece -> problem.isCandidate(piece) && !problem.wishes().must().contains(piece.id()));
        int[][] ofNeeds = new int[needs.size()][];
        int next = 0;
        for (int i = 0; i < ofNeeds.length; i++) {
            ofNeeds[i] =
                    IntStream.range(next, next += needs.get(i).months().size()).toArray();
        }
        Aim aim = new Aim(
                new Outfits(table),
                needs,
                ofNeeds,
                Function.of(pieces, candidates, problem.wishes(), needs, table),
                new Variety(pieces, candidates),
                free,
                pieces.size());
        return new Compiled(problem, table, aim, candidates, free, must, pool);
    }

    private static int[] places(List<Piece> pieces, java.util.function.Predicate<Piece> which) {
        return IntStream.range(0, pieces.size())
                .filter(i -> which.test(pieces.get(i)))
                .toArray();
    }

    /** The size asked for; of a range the smallest with which function and needs are met as well as with any. */
    private static int size(Compiled compiled, CapsuleSearch search, int rounds, Progress progress) {
        CapsuleWishes.Range range = compiled.problem().wishes().size();
        int most = Math.min(range.max(), compiled.must().length + compiled.pool().length);
        int least = Math.min(most, Math.max(range.min(), compiled.must().length));
        int chosen = most;
        Score best = null;
        Choice from = null;
        Comparator<Score> byLife = Comparator.comparingInt(Score::missed)
                .thenComparing(Comparator.comparingDouble(Score::needsMet).reversed())
                .thenComparing(
                        Comparator.comparingDouble(Score::needsMetByBases).reversed());
        for (int size = least; size <= most && least < most; size++) {
            CapsuleSearch.Found found =
                    search.mostOutfits(size, grown(compiled, from), Math.min(rounds, ROUNDS_OF_A_SIZE), progress);
            from = found.choice();
            if (best == null || byLife.compare(found.score(), best) < 0) {
                best = found.score();
                chosen = size;
            }
        }
        return chosen;
    }

    /** With the piece that adds most; null where there was nothing. */
    private static Choice grown(Compiled compiled, Choice choice) {
        if (choice == null) {
            return null;
        }
        Choice best = null;
        Score score = null;
        for (int place : compiled.pool()) {
            if (!choice.has(place)) {
                Choice more = choice.with(place);
                Score next = more.score(compiled.aim());
                if (score == null || Score.BY_OUTFITS.compare(next, score) < 0) {
                    best = more;
                    score = next;
                }
            }
        }
        return best;
    }

    private static Choice shrunk(Compiled compiled, Choice choice) {
        Choice best = null;
        Score score = null;
        for (int place : choice.sorted()) {
            if (Arrays.stream(compiled.must()).noneMatch(must -> must == place)) {
                Choice less = choice.without(place);
                Score next = less.score(compiled.aim());
                if (score == null || Score.BY_OUTFITS.compare(next, score) < 0) {
                    best = less;
                    score = next;
                }
            }
        }
        return best;
    }

    /** Of all swaps of one piece for another the best by what matters first. */
    private static List<CapsulePlan.Swap> swaps(Compiled compiled, CapsuleSearch.Found best) {
        Map<CapsulePlan.Swap, Score> all = new LinkedHashMap<>();
        forEachSwap(
                compiled,
                best.choice(),
                (out, in, score) -> all.put(
                        new CapsulePlan.Swap(
                                compiled.id(out),
                                compiled.id(in),
                                score.needsMet(),
                                score.earning(),
                                score.outfits(),
                                score.variety()),
                        score));
        return all.entrySet().stream()
                .sorted(Map.Entry.comparingByValue(Score.BY_OUTFITS))
                .limit(SWAPS)
                .map(Map.Entry::getKey)
                .toList();
    }

    private interface Swapped {
        void hear(int out, int in, Score score);
    }

    private static void forEachSwap(Compiled compiled, Choice from, Swapped heard) {
        Choice choice = from.copy();
        for (int i = compiled.must().length; i < choice.size(); i++) {
            for (int in : compiled.pool()) {
                if (!choice.has(in)) {
                    int out = choice.swap(i, in);
                    Score score = choice.score(compiled.aim());
                    choice.swap(i, out);
                    heard.hear(out, in, score);
                }
            }
        }
    }

    private static List<CapsulePlan.Nearest> nearest(Compiled compiled, CapsuleSearch.Found best) {
        Map<Integer, Score> scores = new LinkedHashMap<>();
        Map<Integer, Integer> instead = new LinkedHashMap<>();
        forEachSwap(compiled, best.choice(), (out, in, score) -> {
            if (!scores.containsKey(in) || Score.BY_OUTFITS.compare(score, scores.get(in)) < 0) {
                scores.put(in, score);
                instead.put(in, out);
            }
        });
        List<CapsulePlan.Nearest> nearest = new ArrayList<>();
        scores.forEach((in, score) -> {
            long adds = best.choice().with(in).score(compiled.aim()).outfits()
                    - best.score().outfits();
            nearest.add(new CapsulePlan.Nearest(
                    compiled.id(in), adds, compiled.id(instead.get(in)), score.outfits(), score.needsMet()));
        });
        nearest.sort(Comparator.comparingLong(CapsulePlan.Nearest::adds).reversed());
        return List.copyOf(nearest.subList(0, Math.min(NEAREST, nearest.size())));
    }

    /** The best by outfits with fewer pieces and with more, each begun from its neighbour. */
    private static List<CapsulePlan.Size> curve(
            Compiled compiled, CapsuleSearch search, CapsuleSearch.Found most, int size, Progress progress) {
        List<CapsulePlan.Size> curve = new ArrayList<>();
        curve.add(point(size, most.score()));
        int least = Math.max(compiled.must().length, Math.min(SMALLEST, size));
        int largest = Math.min(size + BEYOND, compiled.must().length + compiled.pool().length);
        Choice from = most.choice();
        for (int n = size - 1; n >= least; n--) {
            CapsuleSearch.Found found = search.mostOutfits(n, shrunk(compiled, from), 0, progress);
            curve.add(0, point(n, found.score()));
            from = found.choice();
        }
        from = most.choice();
        for (int n = size + 1; n <= largest; n++) {
            CapsuleSearch.Found found = search.mostOutfits(n, grown(compiled, from), 0, progress);
            curve.add(point(n, found.score()));
            from = found.choice();
        }
        return curve;
    }

    /** The smallest size with function and needs almost as with any. */
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
