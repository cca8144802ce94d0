package jomble.core.counting.query;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import jomble.core.brief.Palette;
import jomble.core.counting.Combination;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.formula.Formula;
import jomble.core.formula.SlotFormula;
import jomble.core.judgement.Verdict;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * What a stylist asks of outfits, answered exactly from the set of all that work. Where an outfit or a formula speaks of slots that the
 * question does not count, these are counted as well. Every method throws {@link CountingStoppedException} when its progress asks to stop.
 */
public final class OutfitQueries {
    /** Paths listed at most; the others are only counted. */
    public static final int MOST_PATHS = 200;

    private static final int MOST_NEIGHBOURS = 5000;
    private static final int DRAWS = 40;
    private static final double FIND_SHARE = 0.5;

    /** What goes into a bag and is put on where one arrives. */
    private static final Set<Slot> CARRIED =
            EnumSet.of(Slot.SHOES, Slot.BELT, Slot.BAG, Slot.JEWELLERY, Slot.NECK, Slot.TIE, Slot.WATCH, Slot.LEGWEAR);

    /** What can be taken off and leaves somebody dressed. */
    private static final Set<Slot> TAKEN_OFF =
            EnumSet.of(Slot.MID, Slot.JACKET, Slot.COAT, Slot.HAT, Slot.HANDS, Slot.EXTRA);

    private final SolutionFinder finder;

    public OutfitQueries(SolutionFinder finder) {
        this.finder = finder;
    }

    /** Finds all that is asked of a question, so that the other methods answer at once; this is what takes their time. */
    public void prepare(CountQuestion question, Progress progress) {
        finder.find(question.withoutCompletions(), progress);
    }

    /**
     * Looks with a piece that differ as much as can be.
     *
     * @param total how many there are with it
     * @param smallestDistance the least number of counted slots in which two of them differ
     * @param isExact whether it is proved that no choice of as many has a larger one
     */
    public record Ways(BigInteger total, List<Combination> outfits, int smallestDistance, boolean isExact) {}

    /** @param most 1..{@value VariedLooks#MOST} */
    public Ways ways(CountQuestion question, PieceId hero, int most, Progress progress) {
        CountQuestion asked = question.containing(List.of(hero)).withoutCompletions();
        SolutionSet set = finder.find(asked, progress.part(0, FIND_SHARE));
        VariedLooks.Looks looks = VariedLooks.of(
                set,
                most,
                one -> finder.complete(asked, List.of(one), part -> progress.goOn(FIND_SHARE))
                        .get(0)
                        .score()
                        .total(),
                progress.part(FIND_SHARE, 1));
        CheapestPaths all = new CheapestPaths(set, (slot, option) -> 0);
        return new Ways(
                all.count(0),
                finder.complete(asked, looks.found(), part -> progress.goOn(1)),
                looks.smallestDistance(),
                looks.isExact());
    }

    /**
     * An outfit drawn at random: the best of several that were not seen before, or of all where each of them was.
     *
     * @param seen whether an outfit is one the client knows, such as one that was worn
     * @return nothing where the question has no outfit
     */
    public Optional<Combination> surprise(
            CountQuestion question, Predicate<Map<Slot, List<PieceId>>> seen, Random random, Progress progress) {
        CountQuestion asked = question.withoutCompletions();
        SolutionSet set = finder.find(asked, progress.part(0, FIND_SHARE));
        CheapestPaths all = new CheapestPaths(set, (slot, option) -> 0);
        BigInteger total = all.count(0);
        if (total.signum() == 0) {
            return Optional.empty();
        }
        long within = total.min(BigInteger.valueOf(Long.MAX_VALUE)).longValue();
        List<Found> drawn = random.longs(DRAWS, 0, within)
                .distinct()
                .mapToObj(at -> all.list(0, at, 1).get(0))
                .toList();
        List<Found> unseen =
                drawn.stream().filter(one -> !seen.test(one.pieces())).toList();
        return finder.complete(asked, unseen.isEmpty() ? drawn : unseen, progress.part(FIND_SHARE, 1)).stream()
                .min(Comparator.comparing(Combination::verdict)
                        .thenComparing(one -> -one.score().total()));
    }

    /**
     * What a slot of a half-built outfit may hold.
     *
     * @param verdict the best that an outfit with it and all that is there comes to; NO where there is none
     * @param changes how many other pieces of the outfit would have to make way for it: 0 where it fits, null where nothing works with it
     */
    public record Choice(Slot slot, List<Piece> pieces, Verdict verdict, Integer changes) {}

    /** Everything each counted slot may hold beside what is there already, what fits first. */
    public List<Choice> choices(CountQuestion question, Map<Slot, List<PieceId>> halfBuilt, Progress progress) {
        CountQuestion asked = counting(question, halfBuilt.keySet());
        SolutionSet working = finder.find(asked.daring(false), progress.part(0, FIND_SHARE));
        SolutionSet daring = finder.find(asked.daring(true), progress.part(FIND_SHARE, 1));
        Map<Slot, Option> there = working.optionsOf(halfBuilt);
        List<int[]> least = Stream.of(working, daring)
                .parallel()
                .map(set -> new CheapestPaths(set, SlotCost.departuresFrom(there)).leastWith())
                .toList();
        int[] toWork = least.get(0);
        int[] toDare = least.get(1);
        List<Choice> choices = new ArrayList<>();
        for (Option option : working.options().all()) {
            Slot slot = option.slot();
            if (asked.counted().has(slot)) {
                int ownPlace = there.containsKey(slot) && there.get(slot) != option ? 1 : 0;
                int fewest = (question.includeDaring() ? toDare : toWork)[option.index()];
                Verdict verdict = toWork[option.index()] == ownPlace
                        ? Verdict.WORKS
                        : toDare[option.index()] == ownPlace ? Verdict.DARING : Verdict.NO;
                choices.add(new Choice(
                        slot, option.pieces(), verdict, fewest == SlotCost.NEVER ? null : fewest - ownPlace));
            }
        }
        choices.sort(Comparator.comparing(Choice::slot)
                .thenComparing(one -> one.changes() == null ? SlotCost.NEVER : one.changes()));
        return choices;
    }

    /**
     * An outfit one edit away.
     *
     * @param verdict of the outfit after it
     */
    public record Neighbour(OutfitChange change, Verdict verdict) {}

    /** Every outfit of the question one edit away, by slot, what is taken off first. */
    public List<Neighbour> neighbours(CountQuestion question, Map<Slot, List<PieceId>> outfit, Progress progress) {
        SolutionSet set = finder.find(counting(question, outfit.keySet()), progress);
        return new CheapestPaths(set, changesFrom(set, outfit))
                .list(1, 0, MOST_NEIGHBOURS).stream()
                        .map(found ->
                                new Neighbour(steps(outfit, found.pieces()).get(0), found.verdict()))
                        .sorted(Comparator.comparing(
                                        (Neighbour one) -> one.change().slot())
                                .thenComparing(one -> one.change().kind()))
                        .toList();
    }

    /**
     * The shortest ways from an outfit to one of the question.
     *
     * @param length edits each of them takes; null where there is none so short
     * @param paths the edits of each, what is taken off first
     * @param more whether there are more as short
     */
    public record Paths(Integer length, List<List<OutfitChange>> paths, boolean more) {}

    /**
     * @param question where to
     * @param carry whether only what fits a bag may be put on or changed, and the rest only taken off
     * @param longest edits at most
     */
    public Paths paths(
            CountQuestion question, Map<Slot, List<PieceId>> outfit, boolean carry, int longest, Progress progress) {
        return paths(question, outfit, carry, longest, 0, progress);
    }

    /**
     * The ways that take a few edits more than the shortest.
     *
     * @param beyond how many more; 0 for the shortest
     */
    public Paths paths(
            CountQuestion question,
            Map<Slot, List<PieceId>> outfit,
            boolean carry,
            int longest,
            int beyond,
            Progress progress) {
        SolutionSet set = finder.find(counting(question, outfit.keySet()), progress);
        SlotCost cost = changesFrom(set, outfit);
        CheapestPaths cheapest = new CheapestPaths(set, carry ? SlotCost.within(cost, CARRIED, TAKEN_OFF) : cost);
        int length = cheapest.least() + beyond;
        if (length > longest) {
            return new Paths(null, List.of(), false);
        }
        List<List<OutfitChange>> paths = cheapest.list(length, 0, MOST_PATHS).stream()
                .map(found -> steps(outfit, found.pieces()))
                .toList();
        boolean more = cheapest.count(length).compareTo(BigInteger.valueOf(paths.size())) > 0;
        return new Paths(length, paths, more);
    }

    /**
     * Why a formula has no outfit.
     *
     * @param slot what would have to be other than it is
     */
    public record Missing(Slot slot, String text) {}

    /**
     * The outfits that keep to a formula.
     *
     * @param missing nothing where there are any
     */
    public record Matches(BigInteger total, List<Combination> outfits, List<Missing> missing) {}

    /** A page of the outfits that keep to a formula, in the stable order of each structure. */
    public Matches matches(CountQuestion question, Formula formula, long offset, int limit, Progress progress) {
        return matches(question, formula, keeping -> keeping.list(0, offset, limit), progress);
    }

    /** Outfits that keep to a formula, drawn from all of them at even distances: neighbours in the stable order are much alike. */
    public Matches spread(CountQuestion question, Formula formula, int most, Progress progress) {
        return matches(question, formula, keeping -> spread(keeping, most), progress);
    }

    private static List<Found> spread(CheapestPaths keeping, int most) {
        BigInteger total = keeping.count(0);
        if (total.compareTo(BigInteger.valueOf(most)) <= 0) {
            return keeping.list(0, 0, most);
        }
        long within = total.min(BigInteger.valueOf(Long.MAX_VALUE / most)).longValue();
        return LongStream.range(0, most)
                .mapToObj(i -> keeping.list(0, i * within / most, 1).get(0))
                .toList();
    }

    private Matches matches(
            CountQuestion question, Formula formula, Function<CheapestPaths, List<Found>> picking, Progress progress) {
        CountQuestion asked = counting(question, formula.slots().keySet());
        SolutionSet set = finder.find(asked, progress.part(0, FIND_SHARE));
        CheapestPaths keeping = new CheapestPaths(set, SlotCost.restrictedTo(predicates(asked, formula)));
        BigInteger total = keeping.count(0);
        return new Matches(
                total,
                finder.complete(asked, picking.apply(keeping), progress.part(FIND_SHARE, 1)),
                total.signum() > 0 ? List.of() : missing(set, asked, formula));
    }

    /** How many outfits keep to a formula. */
    public BigInteger count(CountQuestion question, Formula formula, Progress progress) {
        CountQuestion asked = counting(question, formula.slots().keySet());
        SolutionSet set = finder.find(asked, progress);
        return new CheapestPaths(set, SlotCost.restrictedTo(predicates(asked, formula))).count(0);
    }

    private static Map<Slot, Predicate<Option>> predicates(CountQuestion question, Formula formula) {
        Palette palette = question.contexts().get(0).brief().palette();
        Map<Slot, Predicate<Option>> predicates = new EnumMap<>(Slot.class);
        formula.slots().forEach((slot, asked) -> predicates.put(slot, option -> takes(asked, option, palette)));
        return predicates;
    }

    private static boolean takes(SlotFormula asked, Option option, Palette palette) {
        return option.pieces().stream().allMatch(piece -> asked.takes(piece, palette));
    }

    private static List<Missing> missing(SolutionSet set, CountQuestion question, Formula formula) {
        Map<Slot, Predicate<Option>> predicates = predicates(question, formula);
        List<Missing> missing = new ArrayList<>();
        formula.slots().forEach((slot, asked) -> {
            if (set.options().in(slot).stream().noneMatch(predicates.get(slot))) {
                missing.add(new Missing(slot, "Nothing to wear as " + name(slot) + " is " + asked.words() + "."));
            }
        });
        if (!missing.isEmpty()) {
            return missing;
        }
        for (Slot slot : formula.slots().keySet()) {
            Map<Slot, Predicate<Option>> freed = new EnumMap<>(predicates);
            freed.put(slot, option -> true);
            BigInteger opened = new CheapestPaths(set, SlotCost.restrictedTo(freed)).count(0);
            if (opened.signum() > 0) {
                String outfits = opened.equals(BigInteger.ONE) ? "1 outfit" : String.format("%,d outfits", opened);
                missing.add(new Missing(
                        slot,
                        "There are such pieces, but they do not work together; with another " + name(slot)
                                + " there would be " + outfits + "."));
            }
        }
        return missing;
    }

    private static String name(Slot slot) {
        return slot == Slot.ONEPIECE ? "one-piece" : slot == Slot.MID ? "layer" : slot.id();
    }

    private static CountQuestion counting(CountQuestion question, Set<Slot> besides) {
        CountedSlots counted = question.counted();
        for (Slot slot : besides) {
            counted = counted.and(slot);
        }
        return question.counting(counted).withoutCompletions();
    }

    private static SlotCost changesFrom(SolutionSet set, Map<Slot, List<PieceId>> outfit) {
        Map<Slot, Option> worn = set.optionsOf(outfit);
        Set<Slot> elsewhere = outfit.keySet().stream()
                .filter(slot -> !worn.containsKey(slot))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Slot.class)));
        return SlotCost.changesFrom(worn, elsewhere);
    }

    /** The edits from one outfit to another: what is taken off, what is changed, what is put on. */
    static List<OutfitChange> steps(Map<Slot, List<PieceId>> from, Map<Slot, List<PieceId>> to) {
        Set<Slot> slots = new TreeSet<>(from.keySet());
        slots.addAll(to.keySet());
        List<OutfitChange> edits = slots.stream()
                .map(slot -> OutfitChange.of(
                        slot, from.getOrDefault(slot, List.of()), to.getOrDefault(slot, List.of()), Map.of()))
                .filter(edit -> !edit.from().equals(edit.to()))
                .sorted(Comparator.comparing(OutfitChange::kind))
                .toList();
        List<OutfitChange> steps = new ArrayList<>();
        Map<Slot, List<PieceId>> worn = new EnumMap<>(Slot.class);
        worn.putAll(from);
        for (OutfitChange edit : edits) {
            if (edit.to().isEmpty()) {
                worn.remove(edit.slot());
            } else {
                worn.put(edit.slot(), edit.to());
            }
            steps.add(OutfitChange.of(edit.slot(), edit.from(), edit.to(), new LinkedHashMap<>(worn)));
        }
        return steps;
    }
}
