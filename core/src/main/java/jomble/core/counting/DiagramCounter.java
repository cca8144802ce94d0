package jomble.core.counting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
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

    private final RuleCatalogue catalogue;

    public DiagramCounter(RuleCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    @Override
    public Counts count(CountQuestion question, List<SlotPair> crossings, Progress progress) {
        try {
            return countAll(question, crossings, progress);
        } catch (ArithmeticException e) {
            throw new TooManyCombinationsException(e);
        }
    }

    private Counts countAll(CountQuestion question, List<SlotPair> crossings, Progress progress) {
        Field field = new Field(question, catalogue);
        Options options = field.options();
        Tally tally = new Tally(question, options, crossings);
        DarkPicks dark = new DarkPicks(options, field.wantsShoes(), question.includeDaring());
        boolean decidesTheDark = question.counted().equals(CountedSlots.OUTFITS) && isFree(question);
        Forced forced = Forced.by(question, options);
        double share = question.completions() ? FIRST_SHARE : 1;
        run(field, forced.counted(), forced.filled(), tally, decidesTheDark ? dark : null, part(progress, 0, share));
        if (!decidesTheDark) {
            Field whole = field.asking(
                    question.containing(List.of()).wearing(Map.of()).counting(CountedSlots.OUTFITS));
            run(
                    whole,
                    Forced.free(),
                    Forced.free(),
                    new Tally(whole.question(), options, List.of()),
                    dark,
                    Progress.NONE);
        }
        Map<PieceId, Long> completed =
                question.completions() ? completions(field, forced, part(progress, share, 1)) : Map.of();
        List<NeverTogether> never =
                new NeverTogetherFinder(question, catalogue, options).find(crossings, tally.crossed());
        progress.goOn(1);
        return counts(field, tally, dark, completed, never);
    }

    private static boolean isFree(CountQuestion question) {
        return question.containing().isEmpty() && question.placed().isEmpty();
    }

    private static Progress part(Progress whole, double from, double to) {
        return done -> whole.goOn(from + (to - from) * done);
    }

    /** Counts every structure into a tally. */
    private static void run(
            Field field,
            List<Option[]> counted,
            List<Option[]> filled,
            Tally tally,
            DarkPicks dark,
            Progress progress) {
        Structure[] structures = Structure.values();
        int parts = structures.length * counted.size();
        int part = 0;
        for (Structure structure : structures) {
            Approvals approvals = field.approvals(structure);
            for (Option[] forced : counted) {
                Progress told = part(progress, (double) part / parts, (double) (part + 1) / parts);
                part++;
                Field.Search search = field.search(structure, forced, filled);
                if (search != null) {
                    Tally.OfStructure bodies = tally.of(search);
                    DarkPicks.OfStructure picks = dark == null ? null : dark.of(search);
                    search.walk()
                            .walk(
                                    (body, node) -> {
                                        bodies.add(body, node);
                                        if (picks != null) {
                                            picks.add(body, node);
                                        }
                                        return true;
                                    },
                                    told);
                    bodies.finish();
                    approve(approvals, forced, filled, search, tally, picks);
                    if (picks != null) {
                        picks.finish();
                    }
                }
            }
        }
    }

    /** Adds the approved outfits the rules would not have let pass: few enough to be looked at one by one. */
    private static void approve(
            Approvals approvals,
            Option[] forced,
            List<Option[]> filled,
            Field.Search search,
            Tally tally,
            DarkPicks.OfStructure picks) {
        for (Option[] combination : approvals.combinations(forced, filled)) {
            int verdict = search.verdictOf(combination);
            if (verdict != Diagram.WORKS) {
                tally.addApproved(combination, verdict == Diagram.DARING);
            }
            if (picks != null) {
                picks.addApproved(combination);
            }
        }
    }

    /** For each piece that is in no counted slot, the combinations it can complete; pieces alike in every rule's eyes at once. */
    private static Map<PieceId, Long> completions(Field field, Forced forced, Progress progress) {
        Map<Object, List<PieceId>> alike = new LinkedHashMap<>();
        Map<Object, List<Option>> placesOf = new HashMap<>();
        for (Piece piece : field.question().pieces()) {
            boolean counted = piece.roles().stream().anyMatch(field.question().counted()::has);
            if (!counted && !piece.roles().isEmpty()) {
                List<Option> places = field.options().all().stream()
                        .filter(option -> option.contains(piece.id()))
                        .toList();
                Object likeness =
                        places.size() > 1 || isApproved(piece, field) ? piece.id() : field.effect(places.get(0));
                alike.computeIfAbsent(likeness, key -> new ArrayList<>()).add(piece.id());
                placesOf.putIfAbsent(likeness, places);
            }
        }
        Map<PieceId, Long> completed = new HashMap<>();
        int done = 0;
        for (Map.Entry<Object, List<PieceId>> group : alike.entrySet()) {
            List<Option[]> wearing = Forced.spread(forced.filled(), placesOf.get(group.getKey()));
            Tally tally = new Tally(field.question(), field.options(), List.of());
            Progress told = part(progress, (double) done / alike.size(), (double) (done + 1) / alike.size());
            run(field, forced.counted(), wearing, tally, null, told);
            done++;
            long n = field.question().includeDaring() ? tally.works() + tally.daring() : tally.works();
            group.getValue().forEach(id -> completed.put(id, n));
        }
        return completed;
    }

    /** A piece that an approval names is like no other. */
    private static boolean isApproved(Piece piece, Field field) {
        return field.question().contexts().stream()
                .flatMap(context -> context.overrides().approvedOutfits().stream())
                .anyMatch(ruling -> ruling.pieces().contains(piece.id()));
    }

    private static Counts counts(
            Field field, Tally tally, DarkPicks dark, Map<PieceId, Long> completed, List<NeverTogether> never) {
        CountQuestion question = field.question();
        Options options = field.options();
        Map<PieceId, Long> perPiece = new TreeMap<>();
        for (Piece piece : question.pieces()) {
            boolean counted = piece.roles().stream().anyMatch(question.counted()::has);
            if (counted || question.completions()) {
                perPiece.put(piece.id(), completed.getOrDefault(piece.id(), 0L));
            }
        }
        for (Option option : options.all()) {
            option.ids().forEach(id -> perPiece.computeIfPresent(id, (i, n) -> n + tally.of(option)));
        }
        List<PieceId> orphans = question.pieces().stream()
                .filter(piece -> perPiece.getOrDefault(piece.id(), 1L) == 0
                        && !piece.roles().isEmpty())
                .map(Piece::id)
                .sorted()
                .toList();
        long total = question.includeDaring() ? Math.addExact(tally.works(), tally.daring()) : tally.works();
        return new Counts(
                total,
                tally.daring(),
                PaperCount.of(options, question.counted(), field.wantsShoes()),
                perPiece,
                tally.perPair(),
                dark.share(),
                options.missing(field.wantsShoes()),
                orphans,
                never);
    }

    @Override
    public CombinationPage list(CountQuestion question, long offset, int limit, Progress progress) {
        try {
            return page(question, offset, limit, progress);
        } catch (ArithmeticException e) {
            throw new TooManyCombinationsException(e);
        }
    }

    private CombinationPage page(CountQuestion question, long offset, int limit, Progress progress) {
        Field field = new Field(question, catalogue);
        Forced forced = Forced.by(question, field.options());
        List<Listing.Part> parts = new ArrayList<>();
        for (Structure structure : Structure.values()) {
            Approvals approvals = field.approvals(structure);
            for (Option[] counted : forced.counted()) {
                Field.Search search = field.search(structure, counted, forced.filled());
                if (search != null) {
                    parts.add(new Listing.Part(
                            search, approvals.combinations(counted, forced.filled()), approvals, forced.filled()));
                }
            }
        }
        Listing works = new Listing(field, parts, Verdict.WORKS, offset, limit, part(progress, 0, 0.5));
        List<Combination> page = new ArrayList<>(works.page());
        if (!question.includeDaring()) {
            return new CombinationPage(works.total(), page);
        }
        Listing daring = new Listing(
                field,
                parts,
                Verdict.DARING,
                Math.max(0, offset - works.total()),
                limit - page.size(),
                part(progress, 0.5, 1));
        page.addAll(daring.page());
        return new CombinationPage(Math.addExact(works.total(), daring.total()), page);
    }
}
