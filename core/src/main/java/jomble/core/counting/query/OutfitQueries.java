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
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.counting.Combination;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.judgement.Verdict;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Answers a stylist's questions about outfits exactly, from the set of all that work. When an outfit uses slots the
 * question does not count, those slots are counted as well. Every method throws {@link
 * CountingStoppedException} when its progress listener asks to stop.
 */
public final class OutfitQueries {
    /** Number of paths listed; beyond it they are only counted. */
    public static final int MOST_PATHS = 200;

    private static final int MOST_NEIGHBOURS = 5000;
    private static final int DRAWS = 40;
    private static final double FIND_SHARE = 0.5;

    /** What can be carried in a bag and put on later. */
    private static final Set<Slot> CARRIED =
            EnumSet.of(Slot.SHOES, Slot.BELT, Slot.BAG, Slot.JEWELLERY, Slot.NECK, Slot.TIE, Slot.WATCH, Slot.LEGWEAR);

    /** What can be taken off while staying dressed. */
    private static final Set<Slot> TAKEN_OFF =
            EnumSet.of(Slot.MID, Slot.JACKET, Slot.COAT, Slot.HAT, Slot.HANDS, Slot.EXTRA);

    private final SolutionFinder finder;

    public OutfitQueries(SolutionFinder finder) {
        this.finder = finder;
    }

    /**
     * Computes the solution set of a question, the slow part of every query, so that the other methods answer at once.
     */
    public void prepare(CountQuestion question, Progress progress) {
        finder.find(question.withoutCompletions(), progress);
    }

    /**
     * Outfits with a piece that are as different as possible.
     *
     * @param total number of outfits with it
     * @param smallestDistance between any two of them, as {@link LookDistance} weighs it
     * @param fewestDifferences the smallest number of visible counted slots in which two of them differ
     * @param isExact whether no other choice of the same size is proven to do better
     */
    public record Ways(
            BigInteger total,
            List<Combination> outfits,
            int smallestDistance,
            int fewestDifferences,
            boolean isExact) {}

    /** @param most 1..{@value VariedLooks#MOST} */
    public Ways ways(CountQuestion question, PieceId hero, int most, Progress progress) {
        CountQuestion asked = question.containing(List.of(hero)).withoutCompletions();
        SolutionSet set = finder.find(asked, progress.part(0, FIND_SHARE));
        VariedLooks.Looks looks = VariedLooks.of(
                set,
                hero,
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
                looks.fewestDifferences(),
                looks.isExact());
    }

    /**
     * An outfit drawn at random: the best of several not seen before, or of all of them when each was seen.
     *
     * @param seen whether the client knows an outfit, for example from wearing it
     * @return empty when the question has no outfit
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
     * A possible choice for a slot of a half-built outfit.
     *
     * @param verdict the best verdict of an outfit with it and everything chosen so far; NO when there is none
     * @param changes how many other pieces would have to be replaced: 0 when it fits, null when nothing works with it
     */
    public record Choice(Slot slot, List<Piece> pieces, Verdict verdict, Integer changes) {}

    /** Every choice for each counted slot beside what is worn already; those that fit come first. */
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

    /** Every outfit one edit away, by slot; removals come first. */
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
     * The shortest sequences of edits from an outfit to one that meets the question.
     *
     * @param length number of edits in each; null when there is none within the limit
     * @param paths the edits of each sequence, removals first
     * @param more whether there are further sequences of this length
     */
    public record Paths(Integer length, List<List<OutfitChange>> paths, boolean more) {}

    /**
     * @param question describes the target outfits
     * @param carry whether pieces may only be added or replaced if they fit in a bag; others may only be taken off
     * @param longest number of edits at most
     */
    public Paths paths(
            CountQuestion question, Map<Slot, List<PieceId>> outfit, boolean carry, int longest, Progress progress) {
        return paths(question, outfit, carry, longest, 0, progress);
    }

    /**
     * Sequences that take a few more edits than the shortest.
     *
     * @param longest number of edits of the shortest at most
     * @param beyond number of additional edits; 0 for the shortest
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
        if (cheapest.least() > longest) {
            return new Paths(null, List.of(), false);
        }
        int length = cheapest.least() + beyond;
        List<List<OutfitChange>> paths = cheapest.list(length, 0, MOST_PATHS).stream()
                .map(found -> steps(outfit, found.pieces()))
                .toList();
        boolean more = cheapest.count(length).compareTo(BigInteger.valueOf(paths.size())) > 0;
        return new Paths(length, paths, more);
    }

    /** The question with more slots counted. */
    static CountQuestion counting(CountQuestion question, Set<Slot> besides) {
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

    /** The edits from one outfit to another: removals, replacements, additions. */
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
