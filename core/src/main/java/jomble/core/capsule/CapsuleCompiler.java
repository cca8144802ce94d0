package jomble.core.capsule;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.Progress;
import jomble.core.judgement.JudgementContext;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/**
 * Prepares wardrobes for the capsule search. The most recent tables are cached, because they depend only on the pieces
 * and the needs, and a stylist asks many questions about the same ones. Thread-safe.
 */
final class CapsuleCompiler {
    private static final int MOST_REMEMBERED = 6;
    /** Share of the short list's time spent on the table without weather. */
    private static final double ROUGH = 0.8;
    /** Share of the time spent on the short list. */
    private static final double SHORTENED = 0.6;

    /** A cache that evicts the least recently used entry. */
    private static final class Latest<K, V> extends LinkedHashMap<K, V> {
        private static final long serialVersionUID = 1;
        private final int most;

        Latest(int most) {
            super(16, 0.75f, true);
            this.most = most;
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > most;
        }
    }

    private record Key(List<Piece> pieces, List<Need> needs) {}

    private final Counter counter;
    private final Map<Key, EnsembleTable> tables = new Latest<>(MOST_REMEMBERED);
    /** The short lists of large wardrobes. */
    private final Map<Key, Set<PieceId>> shortLists = new Latest<>(MOST_REMEMBERED);

    CapsuleCompiler(Counter counter) {
        this.counter = counter;
    }

    /** Prepares a wardrobe without a capsule to start from. */
    CompiledCapsule compile(CapsuleProblem problem, long seed, Progress progress) {
        return compile(problem, new CapsulePlanner.Search(seed, 1, Set.of()), progress);
    }

    /**
     * Prepares a wardrobe; of a large one, pieces that are unlikely to be chosen are dropped.
     *
     * @param how the search that shortens the list; a capsule to start from is not dropped
     * @throws jomble.core.counting.CountingStoppedException when the progress listener asks to stop
     * @throws jomble.core.counting.WardrobeTooLargeException when the wardrobe would need more memory than one count
     *     may use
     */
    CompiledCapsule compile(CapsuleProblem problem, CapsulePlanner.Search how, Progress progress) {
        long candidates = problem.pieces().stream().filter(problem::isCandidate).count();
        if (candidates <= ShortList.SMALL) {
            return laidOut(problem, progress);
        }
        Progress shortening = progress.part(0, SHORTENED);
        CompiledCapsule rough =
                laidOut(problem.needing(ShortList.withoutWeather(problem.needs())), shortening.part(0, ROUGH));
        int size = Math.min(problem.wishes().size().max(), rough.largest());
        CapsuleSearch.Found found = rough.search(how.seed()).mostOutfits(size, null, 1, shortening.part(ROUGH, 1));
        Map<Integer, Score> bySwap = new LinkedHashMap<>();
        Swaps.forEach(
                rough,
                found.choice(),
                (out, in, score) -> bySwap.merge(
                        in, score, (one, other) -> Score.BY_OUTFITS.compare(one, other) <= 0 ? one : other));
        Set<PieceId> leftOut = ShortList.leftOut(problem.pieces(), rough.pool(), found.choice(), bySwap);
        leftOut.removeAll(how.start());
        CapsuleProblem shorter = problem.without(leftOut);
        synchronized (tables) {
            shortLists.put(
                    new Key(problem.pieces(), problem.needs()),
                    shorter.pieces().stream().map(Piece::id).collect(Collectors.toSet()));
        }
        return laidOut(shorter, progress.part(SHORTENED, 1));
    }

    /** Prepares a wardrobe for a choice made by hand, reusing the last short list if it contains the chosen pieces. */
    CompiledCapsule compileAround(CapsuleProblem problem, Collection<PieceId> pieces, long seed, Progress progress) {
        Set<PieceId> there;
        synchronized (tables) {
            there = shortLists.get(new Key(problem.pieces(), problem.needs()));
        }
        if (there == null || !there.containsAll(pieces)) {
            Set<PieceId> counted = problem.pieces().stream()
                    .filter(piece -> pieces.contains(piece.id()) && problem.counts(piece))
                    .map(Piece::id)
                    .collect(Collectors.toSet());
            CapsuleWishes.Range size = new CapsuleWishes.Range(counted.size(), counted.size());
            there =
                    compile(problem.wishing(problem.wishes().with(counted, size)), seed, progress)
                            .problem()
                            .pieces()
                            .stream()
                            .map(Piece::id)
                            .collect(Collectors.toSet());
        }
        Set<PieceId> kept = there;
        Set<PieceId> out = problem.pieces().stream()
                .map(Piece::id)
                .filter(id -> !kept.contains(id))
                .collect(Collectors.toSet());
        return laidOut(problem.without(out), progress);
    }

    private CompiledCapsule laidOut(CapsuleProblem problem, Progress progress) {
        List<Piece> pieces = problem.searched();
        List<Need> needs = Needed.withinBounds(problem.needs());
        EnsembleTable table = table(pieces, needs, progress);
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
        List<Requirement> asked = Function.of(pieces, candidates, problem.wishes(), needs, table);
        Aim aim = new Aim(
                new Outfits(table),
                needs,
                ofNeeds,
                asked,
                new Variety(pieces, candidates),
                new Preferences(pieces, problem.timesWorn()),
                free,
                pieces.size());
        List<Aim> narrower = problem.wishes().narrower().stream()
                .map(wishes -> Function.of(pieces, candidates, wishes, needs, table))
                .filter(requirements -> requirements.size() > asked.size())
                .map(aim::with)
                .toList();
        return new CompiledCapsule(problem, table, aim, narrower, candidates, free, must, pool);
    }

    private EnsembleTable table(List<Piece> pieces, List<Need> needs, Progress progress) {
        Key key = new Key(pieces, needs);
        synchronized (tables) {
            EnsembleTable known = tables.get(key);
            if (known != null) {
                return known;
            }
        }
        EnsembleTable.Builder builder =
                new EnsembleTable.Builder(pieces.stream().map(Piece::id).toList());
        List<JudgementContext> contexts = needs.stream()
                .flatMap(need -> need.months().stream())
                .map(Need.Month::context)
                .toList();
        for (int i = 0; i < contexts.size(); i++) {
            CountQuestion question =
                    new CountQuestion(pieces, List.of(contexts.get(i)), CountedSlots.OUTFITS, false, List.of(), false);
            counter.ensembles(question, builder, progress.partOf(i, contexts.size()));
        }
        EnsembleTable table = builder.build();
        synchronized (tables) {
            tables.put(key, table);
        }
        return table;
    }

    private static int[] places(List<Piece> pieces, Predicate<Piece> which) {
        return IntStream.range(0, pieces.size())
                .filter(i -> which.test(pieces.get(i)))
                .toArray();
    }
}
