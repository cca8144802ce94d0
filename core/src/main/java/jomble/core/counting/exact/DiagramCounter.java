package jomble.core.counting.exact;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import jomble.core.counting.Combination;
import jomble.core.counting.CombinationPage;
import jomble.core.counting.Completions;
import jomble.core.counting.CountDifference;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.EnsembleListener;
import jomble.core.counting.NeverTogether;
import jomble.core.counting.Progress;
import jomble.core.counting.SlotPair;
import jomble.core.counting.TooManyCombinationsException;
import jomble.core.counting.Totals;
import jomble.core.counting.WardrobeTooLargeException;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.enumeration.CompiledQuestion;
import jomble.core.counting.enumeration.Constraints;
import jomble.core.counting.figure.CoOccurrence;
import jomble.core.counting.figure.NeverTogetherFinder;
import jomble.core.counting.figure.PaperCount;
import jomble.core.counting.figure.RandomPicks;
import jomble.core.counting.figure.RemovalDelta;
import jomble.core.counting.figure.Tally;
import jomble.core.counting.figure.UncountedFigures;
import jomble.core.counting.listing.CombinationCompleter;
import jomble.core.counting.listing.EnsembleFinder;
import jomble.core.counting.listing.SolutionSetBuilder;
import jomble.core.counting.listing.Unranking;
import jomble.core.counting.query.Found;
import jomble.core.counting.query.SolutionFinder;
import jomble.core.counting.query.SolutionSet;
import jomble.core.counting.table.TableFullException;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Counts by enumerating the bodies and looking up, for each, everything that can be added to it in a decision diagram.
 *
 * <p>The cost is the number of bodies that survive the pair rules, times the ways to wear them, times the contexts.
 * What can be added to a body costs a lookup, unless the body is unlike any before.
 */
public final class DiagramCounter implements Counter, SolutionFinder {
    /** The share of a list's time spent finding combinations; the rest is spent completing them. */
    private static final double FIND_SHARE = 0.9;

    /**
     * With fewer options an enumeration ends before a second thread has started; many more need tables that are too
     * large.
     */
    private static final int OPTIONS_PER_PARTITION = 24;

    private final RuleCatalogue catalogue;
    private final CompiledQuestionCache cache;

    public DiagramCounter(RuleCatalogue catalogue) {
        this(catalogue, OPTIONS_PER_PARTITION);
    }

    /** @param optionsPerPartition options of the body's first slot that are enumerated together */
    public DiagramCounter(RuleCatalogue catalogue, int optionsPerPartition) {
        this.catalogue = catalogue;
        this.cache = new CompiledQuestionCache(catalogue, optionsPerPartition);
    }

    @Override
    public Counts count(CountQuestion question, List<SlotPair> crossings, Progress progress) {
        return orRefused(() -> cache.ask(question, compiled -> count(compiled, crossings, progress)));
    }

    /** Turns running out of table space into {@link WardrobeTooLargeException}. */
    private static <T> T orRefused(Supplier<T> work) {
        try {
            return work.get();
        } catch (ArithmeticException e) {
            throw new TooManyCombinationsException(e);
        } catch (TableFullException e) {
            throw WardrobeTooLargeException.ofMemory(e);
        }
    }

    private Counts count(CompiledQuestion compiled, List<SlotPair> crossings, Progress progress) {
        CountQuestion question = compiled.question();
        Options options = compiled.options();
        Constraints constraints = Constraints.by(question, options);
        double share = question.completions() ? UncountedFigures.STARTS_AT : 1;
        Tally tally = new Tally(question, options, crossings);
        CoOccurrence coOccurrence = new CoOccurrence(question, options);
        RandomPicks randomPicks = new RandomPicks(options, compiled.wantsShoes(), question.includeDaring());
        boolean countsRandomPicks = question.counted().equals(CountedSlots.OUTFITS) && isFree(question);
        compiled.tell(constraints, progress.part(0, share), solutions -> {
            tally.add(solutions);
            coOccurrence.add(solutions);
            if (countsRandomPicks) {
                randomPicks.add(solutions);
            }
        });
        if (!countsRandomPicks) {
            CompiledQuestion whole = compiled.asking(
                    question.containing(List.of()).wearing(Map.of()).built(null).counting(CountedSlots.OUTFITS));
            whole.tell(Constraints.nothing(), Progress.NONE, randomPicks::add);
        }
        List<NeverTogether> never = new NeverTogetherFinder(catalogue, compiled).find(crossings, tally.crossed());
        Counts counts = counts(compiled, tally, coOccurrence, randomPicks, never);
        if (question.completions()) {
            counts = counts.with(UncountedFigures.of(compiled, constraints, progress.part(share, 1)));
        }
        progress.goOn(1);
        return counts;
    }

    @Override
    public Totals totals(CountQuestion question, Progress progress) {
        return orRefused(() -> cache.ask(question, compiled -> {
            Tally tally = new Tally(question, compiled.options(), List.of());
            compiled.tell(Constraints.by(question, compiled.options()), progress, tally::add);
            return new Totals(tally.total(), tally.daring());
        }));
    }

    @Override
    public Completions completions(CountQuestion question, Progress progress) {
        return orRefused(() -> cache.ask(
                question,
                compiled -> UncountedFigures.of(compiled, Constraints.by(question, compiled.options()), progress)));
    }

    @Override
    public Optional<CountDifference> without(
            CountQuestion question, Counts known, Set<PieceId> out, Progress progress) {
        return out.isEmpty() || !isFree(question)
                ? Optional.empty()
                : orRefused(() -> cache.ask(question, compiled -> new RemovalDelta(compiled, out).of(known, progress)));
    }

    private static boolean isFree(CountQuestion question) {
        return question.containing().isEmpty() && question.placed().isEmpty() && question.structure() == null;
    }

    private static Counts counts(
            CompiledQuestion compiled,
            Tally tally,
            CoOccurrence coOccurrence,
            RandomPicks randomPicks,
            List<NeverTogether> never) {
        CountQuestion question = compiled.question();
        Options options = compiled.options();
        Map<PieceId, BigInteger> perPiece = tally.perPiece();
        List<PieceId> orphans = question.pieces().stream()
                .filter(piece ->
                        perPiece.getOrDefault(piece.id(), BigInteger.ONE).signum() == 0
                                && !piece.roles().isEmpty())
                .map(Piece::id)
                .sorted()
                .toList();
        return new Counts(
                tally.total(),
                tally.daring(),
                PaperCount.of(options, question.counted(), compiled.wantsShoes()),
                perPiece,
                coOccurrence.reach(),
                coOccurrence.keeps(question.counted()),
                tally.perStructure(),
                tally.perPair(),
                randomPicks.share(),
                options.missing(compiled.wantsShoes()),
                orphans,
                never);
    }

    @Override
    public CombinationPage list(CountQuestion question, long offset, int limit, Progress progress) {
        return orRefused(() -> cache.ask(question, compiled -> page(compiled, offset, limit, progress)));
    }

    private static CombinationPage page(CompiledQuestion compiled, long offset, int limit, Progress progress) {
        CountQuestion question = compiled.question();
        Constraints constraints = Constraints.by(question, compiled.options());
        Unranking works = listed(compiled, constraints, Verdict.WORKS, offset, limit, progress.part(0, FIND_SHARE));
        List<Combination> page = new ArrayList<>(new CombinationCompleter(compiled, constraints, Verdict.WORKS)
                .complete(works.page(), progress.part(FIND_SHARE, 1)));
        if (!question.includeDaring()) {
            return new CombinationPage(works.total(), page);
        }
        Unranking daring = listed(
                compiled,
                constraints,
                Verdict.DARING,
                works.left(offset),
                limit - page.size(),
                progress.part(FIND_SHARE, 1));
        page.addAll(new CombinationCompleter(compiled, constraints, Verdict.DARING)
                .complete(daring.page(), progress.part(FIND_SHARE, 1)));
        return new CombinationPage(works.total().add(daring.total()), page);
    }

    private static Unranking listed(
            CompiledQuestion compiled,
            Constraints constraints,
            Verdict wanted,
            long offset,
            int limit,
            Progress progress) {
        Unranking unranking = new Unranking(wanted, offset, limit);
        compiled.tell(constraints, progress, unranking::add);
        return unranking;
    }

    @Override
    public List<Map<Slot, List<PieceId>>> tuples(CountQuestion question, Progress progress) {
        return orRefused(() -> cache.ask(question, compiled -> {
            Constraints constraints = Constraints.by(question, compiled.options());
            return listed(compiled, constraints, Verdict.WORKS, 0, Integer.MAX_VALUE, progress).page().stream()
                    .map(found -> piecesBySlot(found.options()))
                    .toList();
        }));
    }

    @Override
    public SolutionSet find(CountQuestion question, Progress progress) {
        return orRefused(() -> cache.ask(question.withoutCompletions(), compiled -> {
            SolutionSetBuilder solutions = new SolutionSetBuilder(compiled);
            compiled.tell(Constraints.by(question, compiled.options()), progress, solutions::add);
            return solutions.found();
        }));
    }

    @Override
    public List<Combination> complete(CountQuestion question, Collection<Found> found, Progress progress) {
        return orRefused(() -> cache.ask(question, compiled -> {
            Map<Verdict, CombinationCompleter> completionSets = new EnumMap<>(Verdict.class);
            List<Combination> completed = new ArrayList<>();
            for (Found given : found) {
                Found one = compiled.own(given);
                Progress part = progress.partOf(completed.size(), found.size());
                completed.addAll(completionSets
                        .computeIfAbsent(
                                one.verdict(),
                                verdict -> new CombinationCompleter(
                                        compiled, Constraints.by(question, compiled.options()), verdict))
                        .complete(List.of(one), part));
            }
            return completed;
        }));
    }

    @Override
    public void ensembles(CountQuestion question, EnsembleListener listener, Progress progress) {
        CountQuestion withCoats = question.counting(CountedSlots.OUTFITS.and(Slot.COAT))
                .withoutCompletions()
                .daring(false);
        orRefused(() -> cache.ask(withCoats, compiled -> {
            EnsembleFinder finder = new EnsembleFinder(compiled, listener);
            compiled.tell(Constraints.nothing(), progress, finder::add);
            return true;
        }));
    }

    private static Map<Slot, List<PieceId>> piecesBySlot(Option[] options) {
        Map<Slot, List<PieceId>> bySlot = new EnumMap<>(Slot.class);
        for (Option option : options) {
            if (option != null) {
                bySlot.put(option.slot(), option.ids());
            }
        }
        return bySlot;
    }
}
