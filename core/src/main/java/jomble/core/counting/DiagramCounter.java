package jomble.core.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Supplier;
import jomble.core.counting.table.TableFullException;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/**
 * Counts by walking the bodies one by one and looking up what can be put on over each in a decision diagram.
 *
 * <p>The price is the number of bodies that pair rules leave, times the ways to wear them, times the contexts; what is put on over a
 * body costs a lookup, unless it is a body no other was like.
 */
public final class DiagramCounter implements Counter {
    /** Of a count with the figures of uncounted pieces, the share of the count itself in what is reported. */
    private static final double FIRST_SHARE = 0.2;

    /** Fewer bodies than these are walked before a second thread has started. */
    private static final long WORTH_SHARING = 4_000;

    /** Beyond these it is no slower to count what is left. */
    private static final int MOST_TAKEN_ONE_BY_ONE = 4;

    private final RuleCatalogue catalogue;
    private final FieldPool fields;

    public DiagramCounter(RuleCatalogue catalogue) {
        this(catalogue, WORTH_SHARING);
    }

    /** @param worthSharing from how many bodies on a walk is shared out between threads */
    DiagramCounter(RuleCatalogue catalogue, long worthSharing) {
        this.catalogue = catalogue;
        this.fields = new FieldPool(catalogue, worthSharing);
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
        Tally tally = new Tally(question, options, crossings);
        Company company = new Company(question, options);
        DarkPicks dark = new DarkPicks(options, field.wantsShoes(), question.includeDaring());
        boolean decidesTheDark = question.counted().equals(CountedSlots.OUTFITS) && isFree(question);
        List<Collector> collectors = decidesTheDark ? List.of(tally, company, dark) : List.of(tally, company);
        Forced forced = Forced.by(question, options);
        double share = question.completions() ? FIRST_SHARE : 1;
        new Sweep(field, collectors, progress.part(0, share)).run(forced.counted(), forced.filled());
        if (!decidesTheDark) {
            Field whole = field.asking(
                    question.containing(List.of()).wearing(Map.of()).built(null).counting(CountedSlots.OUTFITS));
            new Sweep(whole, List.of(dark), Progress.NONE).run(Forced.free(), Forced.free());
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
    public Completions completions(CountQuestion question, Progress progress) {
        return orRefused(() -> fields.ask(
                question, field -> UncountedFigures.of(this, field, Forced.by(question, field.options()), progress)));
    }

    @Override
    public Optional<CountDifference> without(
            CountQuestion question, Counts known, Set<PieceId> out, Progress progress) {
        boolean onlyCounted = question.pieces().stream()
                .filter(piece -> out.contains(piece.id()))
                .allMatch(piece -> piece.roles().stream().allMatch(question.counted()::has));
        boolean tells = !out.isEmpty() && out.size() <= MOST_TAKEN_ONE_BY_ONE && onlyCounted && isFree(question);
        return tells ? Optional.of(orRefused(() -> taking(question, known, out, progress))) : Optional.empty();
    }

    /**
     * Pieces that fill no slot unasked take nothing with them but the combinations they are counted in: of each piece those that are
     * left are counted, and it is taken out.
     */
    private CountDifference taking(CountQuestion question, Counts known, Set<PieceId> out, Progress progress) {
        BigInteger total = BigInteger.ZERO;
        BigInteger daring = BigInteger.ZERO;
        Map<PieceId, BigInteger> perPiece = new TreeMap<>();
        CountQuestion left = question;
        int part = 0;
        for (PieceId id : out) {
            Progress told = progress.partOf(part++, out.size());
            CountDifference.Combinations with =
                    fields.ask(left.containing(List.of(id)), field -> combinations(field, told));
            total = total.add(with.total());
            daring = daring.add(with.daring());
            with.perPiece().forEach((piece, n) -> perPiece.merge(piece, n, BigInteger::add));
            left = left.without(Set.of(id));
        }
        Options options = new Options(left.pieces(), left.contexts().get(0));
        boolean wantsShoes = left.contexts().get(0).wantsShoes();
        return CountDifference.taking(
                out,
                new CountDifference.Combinations(total, daring, perPiece),
                known,
                PaperCount.of(options, left.counted(), wantsShoes),
                options.missing(wantsShoes));
    }

    /** The figures alone. */
    private CountDifference.Combinations combinations(Field field, Progress progress) {
        double share = field.question().completions() ? FIRST_SHARE : 1;
        Forced forced = Forced.by(field.question(), field.options());
        Tally tally = new Tally(field.question(), field.options(), List.of());
        new Sweep(field, List.of(tally), progress.part(0, share)).run(forced.counted(), forced.filled());
        Map<PieceId, BigInteger> perPiece = perPiece(field, tally);
        if (field.question().completions()) {
            perPiece.putAll(UncountedFigures.perPiece(this, field, forced, progress.part(share, 1)));
        }
        return new CountDifference.Combinations(tally.total(), tally.daring(), perPiece);
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

    private static Map<PieceId, BigInteger> perPiece(Field field, Tally tally) {
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
        List<Listing.Part> parts = new ArrayList<>();
        for (Structure structure : Structure.values()) {
            Approvals approvals = field.approvals(structure);
            for (Option[] counted : forced.counted()) {
                Field.Search search = field.search(structure, counted, forced.filled(), Share.WHOLE);
                if (search != null) {
                    parts.add(new Listing.Part(
                            search, approvals.combinations(counted, forced.filled()), approvals, forced.filled()));
                }
            }
        }
        Listing works = new Listing(field, parts, Verdict.WORKS, offset, limit, progress.part(0, 0.5));
        List<Combination> page = new ArrayList<>(works.page());
        if (!question.includeDaring()) {
            return new CombinationPage(works.total(), page);
        }
        Listing daring = new Listing(
                field, parts, Verdict.DARING, works.left(offset), limit - page.size(), progress.part(0.5, 1));
        page.addAll(daring.page());
        return new CombinationPage(works.total().add(daring.total()), page);
    }
}
