package jomble.core.counting.census;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
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
 * Counts by walking the bodies one by one and looking up what can be put on over each in a decision diagram.
 *
 * <p>The price is the number of bodies that pair rules leave, times the ways to wear them, times the contexts; what is put on over a
 * body costs a lookup, unless it is a body no other was like.
 */
public final class DiagramCounter implements Counter, SolutionFinder {
    /** Of a count with the figures of uncounted pieces, the share of the count itself in what is reported. */
    static final double FIRST_SHARE = 0.2;

    /** Of a list, the share of finding what there is; the rest is completing it. */
    private static final double FIND_SHARE = 0.9;

    /** Fewer than these are walked before a second thread has started; many more take too large tables. */
    private static final int OPTIONS_OF_A_SHARE = 24;

    private final RuleCatalogue catalogue;
    private final FieldPool fields;

    public DiagramCounter(RuleCatalogue catalogue) {
        this(catalogue, OPTIONS_OF_A_SHARE);
    }

    /** @param optionsOfAShare of the slot of the body that is decided first, how many are walked together */
    public DiagramCounter(RuleCatalogue catalogue, int optionsOfAShare) {
        this.catalogue = catalogue;
        this.fields = new FieldPool(catalogue, optionsOfAShare);
    }

    @Override
    public Counts count(CountQuestion question, List<SlotPair> crossings, Progress progress) {
        return orRefused(() -> fields.ask(question, field -> count(field, crossings, progress)));
    }

    /** Does what may be too much to be done. */
    private static <T> T orRefused(Supplier<T> work) {
        try {
            return work.get();
        } catch (ArithmeticException e) {
            throw new TooManyCombinationsException(e);
        } catch (TableFullException e) {
            throw WardrobeTooLargeException.ofMemory(e);
        }
    }

    private Counts count(Field field, List<SlotPair> crossings, Progress progress) {
        CountQuestion question = field.question();
        Options options = field.options();
        Forced forced = Forced.by(question, options);
        double share = question.completions() ? FIRST_SHARE : 1;
        Tally tally = new Tally(question, options, crossings);
        Company company = new Company(question, options);
        DarkPicks dark = new DarkPicks(options, field.wantsShoes(), question.includeDaring());
        boolean decidesTheDark = question.counted().equals(CountedSlots.OUTFITS) && isFree(question);
        field.tell(forced, progress.part(0, share), census -> {
            tally.add(census);
            company.add(census);
            if (decidesTheDark) {
                dark.add(census);
            }
        });
        if (!decidesTheDark) {
            Field whole = field.asking(
                    question.containing(List.of()).wearing(Map.of()).built(null).counting(CountedSlots.OUTFITS));
            whole.tell(Forced.nothing(), Progress.NONE, dark::add);
        }
        List<NeverTogether> never = new NeverTogetherFinder(catalogue, field).find(crossings, tally.crossed());
        Counts counts = counts(field, tally, company, dark, never);
        if (question.completions()) {
            counts = counts.with(UncountedFigures.of(this, field, forced, progress.part(share, 1)));
        }
        progress.goOn(1);
        return counts;
    }

    @Override
    public Totals totals(CountQuestion question, Progress progress) {
        return orRefused(() -> fields.ask(question, field -> {
            Tally tally = new Tally(question, field.options(), List.of());
            field.tell(Forced.by(question, field.options()), progress, tally::add);
            return new Totals(tally.total(), tally.daring());
        }));
    }

    @Override
    public Completions completions(CountQuestion question, Progress progress) {
        return orRefused(() -> fields.ask(
                question, field -> UncountedFigures.of(this, field, Forced.by(question, field.options()), progress)));
    }

    @Override
    public Optional<CountDifference> without(
            CountQuestion question, Counts known, Set<PieceId> out, Progress progress) {
        return out.isEmpty() || !isFree(question)
                ? Optional.empty()
                : orRefused(() -> fields.ask(question, field -> new Loss(this, field, out).of(known, progress)));
    }

    private static boolean isFree(CountQuestion question) {
        return question.containing().isEmpty() && question.placed().isEmpty() && question.structure() == null;
    }

    private static Counts counts(Field field, Tally tally, Company company, DarkPicks dark, List<NeverTogether> never) {
        CountQuestion question = field.question();
        Options options = field.options();
        Map<PieceId, BigInteger> perPiece = perPiece(field, tally);
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
                PaperCount.of(options, question.counted(), field.wantsShoes()),
                perPiece,
                company.reach(),
                company.keeps(question.counted()),
                tally.perStructure(),
                tally.perPair(),
                dark.share(),
                options.missing(field.wantsShoes()),
                orphans,
                never);
    }

    /** Of each piece that can be counted, or sits nowhere. */
    public static Map<PieceId, BigInteger> perPiece(Field field, Tally tally) {
        CountQuestion question = field.question();
        Map<PieceId, BigInteger> perPiece = new TreeMap<>();
        for (Piece piece : question.pieces()) {
            boolean counted = piece.roles().stream().anyMatch(question.counted()::has);
            if (counted || piece.roles().isEmpty()) {
                perPiece.put(piece.id(), BigInteger.ZERO);
            }
        }
        for (Option option : field.options().all()) {
            option.ids().forEach(id -> perPiece.computeIfPresent(id, (i, n) -> n.add(tally.of(option))));
        }
        return perPiece;
    }

    @Override
    public CombinationPage list(CountQuestion question, long offset, int limit, Progress progress) {
        return orRefused(() -> fields.ask(question, field -> page(field, offset, limit, progress)));
    }

    private static CombinationPage page(Field field, long offset, int limit, Progress progress) {
        CountQuestion question = field.question();
        Forced forced = Forced.by(question, field.options());
        Listing works = listed(field, forced, Verdict.WORKS, offset, limit, progress.part(0, FIND_SHARE));
        List<Combination> page = new ArrayList<>(new CombinationCompleter(field, forced, Verdict.WORKS)
                .complete(works.page(), progress.part(FIND_SHARE, 1)));
        if (!question.includeDaring()) {
            return new CombinationPage(works.total(), page);
        }
        Listing daring = listed(
                field, forced, Verdict.DARING, works.left(offset), limit - page.size(), progress.part(FIND_SHARE, 1));
        page.addAll(new CombinationCompleter(field, forced, Verdict.DARING)
                .complete(daring.page(), progress.part(FIND_SHARE, 1)));
        return new CombinationPage(works.total().add(daring.total()), page);
    }

    private static Listing listed(
            Field field, Forced forced, Verdict wanted, long offset, int limit, Progress progress) {
        Listing listing = new Listing(wanted, offset, limit);
        field.tell(forced, progress, listing::add);
        return listing;
    }

    @Override
    public List<Map<Slot, List<PieceId>>> tuples(CountQuestion question, Progress progress) {
        return orRefused(() -> fields.ask(question, field -> {
            Forced forced = Forced.by(question, field.options());
            return listed(field, forced, Verdict.WORKS, 0, Integer.MAX_VALUE, progress).page().stream()
                    .map(found -> piecesBySlot(found.options()))
                    .toList();
        }));
    }

    @Override
    public SolutionSet find(CountQuestion question, Progress progress) {
        return orRefused(() -> fields.ask(question.withoutCompletions(), field -> {
            Solutions solutions = new Solutions(field);
            field.tell(Forced.by(question, field.options()), progress, solutions::add);
            return solutions.found();
        }));
    }

    @Override
    public List<Combination> complete(CountQuestion question, Collection<Found> found, Progress progress) {
        return orRefused(() -> fields.ask(question, field -> {
            Map<Verdict, CombinationCompleter> completers = new EnumMap<>(Verdict.class);
            List<Combination> completed = new ArrayList<>();
            for (Found given : found) {
                Found one = field.own(given);
                Progress part = progress.partOf(completed.size(), found.size());
                completed.addAll(completers
                        .computeIfAbsent(
                                one.verdict(),
                                verdict ->
                                        new CombinationCompleter(field, Forced.by(question, field.options()), verdict))
                        .complete(List.of(one), part));
            }
            return completed;
        }));
    }

    @Override
    public void ensembles(CountQuestion question, EnsembleListener listener, Progress progress) {
        CountQuestion told = question.counting(CountedSlots.OUTFITS.and(Slot.COAT))
                .withoutCompletions()
                .daring(false);
        orRefused(() -> fields.ask(told, field -> {
            EnsembleFinder finder = new EnsembleFinder(field, listener);
            field.tell(Forced.nothing(), progress, finder::add);
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
