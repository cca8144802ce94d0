package jomble.core.counting.completion;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.compiled.Penalties;
import jomble.core.counting.compiled.ReadyCheck;
import jomble.core.judgement.Summary;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/**
 * Finds the simplest way to wear a combination and fill its uncounted slots, in one context and one structure.
 *
 * <p>Backtracks over the ways to wear the counted pieces, then over the uncounted slots. A whole-outfit rule is judged
 * as soon as every slot it reads is decided. Not thread-safe.
 */
public final class CompletionSearch {
    private static final Slot[] SLOTS = Slot.values();
    /**
     * Slots with many options that rules can hardly distinguish; options that look the same to every rule are merged.
     */
    private static final Set<Slot> TRIMMINGS = Set.of(Slot.NECK, Slot.TIE, Slot.HAT);

    private final CompiledContext context;
    private final Structure structure;
    private final List<Slot> fillSlots = new ArrayList<>();
    private final List<List<Option>> fillOptions = new ArrayList<>();
    private final boolean[] mandatory;
    private final List<ReadyCheck> onceDecided = new ArrayList<>();
    private final List<ReadyCheck> waysDecided = new ArrayList<>();
    private final List<List<ReadyCheck>> fillDecided = new ArrayList<>();
    private final List<ReadyCheck> onceBound = new ArrayList<>();
    private final List<ReadyCheck> waysBound = new ArrayList<>();
    private final List<List<ReadyCheck>> fillBound = new ArrayList<>();
    /** By stage and number of pieces that may still be added, lower bounds of the warmth rules. */
    private final List<List<List<WarmthBound>>> warmthBounds = new ArrayList<>();
    /** Packed clo sums by option index, computed on first use. */
    private final long[] cloOf;

    private final Worn[] worn = new Worn[SLOTS.length];
    private final int[] placedWays = new int[SLOTS.length];
    private int placed;
    private final Option[] chosen = new Option[SLOTS.length];
    private int chosenCount;
    private boolean[] taken;
    private int limit;
    /** How many pieces may still be added to complete the outfit. */
    private int left;

    private Completion best;

    public CompletionSearch(CompiledContext context, Options options, Structure structure, CountedSlots counted) {
        this.context = context;
        this.structure = structure;
        List<Slot> wanted = structure.mandatory(context.context().wantsShoes());
        for (Slot slot : SLOTS) {
            boolean fillable = counted.fills(slot) && structure.allows(slot);
            List<Option> candidates = fillable ? candidates(slot, options, wanted.contains(slot)) : List.of();
            if (!candidates.isEmpty() || (fillable && wanted.contains(slot))) {
                fillSlots.add(slot);
                fillOptions.add(candidates);
            }
        }
        this.mandatory = new boolean[fillSlots.size()];
        for (int i = 0; i < mandatory.length; i++) {
            mandatory[i] = wanted.contains(fillSlots.get(i));
            fillDecided.add(new ArrayList<>());
            fillBound.add(new ArrayList<>());
        }
        this.cloOf = new long[options.all().size()];
        Arrays.fill(cloOf, -1);
        List<ReadyCheck> aboutWarmth = new ArrayList<>();
        for (ReadyCheck check : context.checks()) {
            if (check.rule().readsWarmthOnly()) {
                aboutWarmth.add(check);
            } else {
                schedule(check);
            }
        }
        for (List<Set<Long>> byPieces : sumsOfClo()) {
            warmthBounds.add(byPieces.stream()
                    .map(sums -> aboutWarmth.stream()
                            .map(check -> new WarmthBound(check, sums))
                            .toList())
                    .toList());
        }
    }

    /**
     * A check is final once no open slot affects it. If open slots can only make it worse, its faults are penalised
     * early, so hopeless combinations end before their slots are tried.
     */
    private void schedule(ReadyCheck check) {
        int touched = -1;
        int softened = -1;
        for (int i = 0; i < fillSlots.size(); i++) {
            for (Option option : fillOptions.get(i)) {
                Worn way = option.ways().get(0);
                touched = check.rule().isTouchedBy(way, structure) ? i : touched;
                softened = check.rule().maySoften(way, structure) ? i : softened;
            }
        }
        stage(touched, check, onceDecided, waysDecided, fillDecided);
        if (softened < touched) {
            stage(softened, check, onceBound, waysBound, fillBound);
        }
    }

    private static void stage(
            int last,
            ReadyCheck check,
            List<ReadyCheck> atOnce,
            List<ReadyCheck> afterWays,
            List<List<ReadyCheck>> afterFill) {
        if (last >= 0) {
            afterFill.get(last).add(check);
        } else {
            (check.rule().readsFinishes() ? afterWays : atOnce).add(check);
        }
    }

    /** By stage, every packed clo sum that at most so many pieces in the slots from there on can add. */
    private List<List<Set<Long>>> sumsOfClo() {
        int slots = fillSlots.size();
        List<List<Set<Long>>> sums = new ArrayList<>();
        sums.add(Collections.nCopies(slots + 1, Set.of(0L)));
        for (int stage = slots - 1; stage >= 0; stage--) {
            List<Set<Long>> later = sums.get(0);
            Set<Long> own = fillOptions.get(stage).stream().map(this::clo).collect(Collectors.toSet());
            List<Set<Long>> byPieces = new ArrayList<>(List.of(later.get(0)));
            for (int pieces = 1; pieces <= slots; pieces++) {
                Set<Long> all = new HashSet<>(later.get(pieces));
                later.get(pieces - 1).forEach(sum -> own.forEach(added -> all.add(sum + added)));
                byPieces.add(all);
            }
            sums.add(0, byPieces);
        }
        return sums;
    }

    /** Clo of an option: full in the upper 32 bits, peeled in the lower 32. */
    private long clo(Option option) {
        if (cloOf[option.index()] < 0) {
            Worn[] alone = new Worn[SLOTS.length];
            alone[option.slot().ordinal()] = option.ways().get(0);
            Summary own = context.summarise(alone);
            cloOf[option.index()] = WarmthBound.pack(own.warmth(), own.peeledCentiClo());
        }
        return cloOf[option.index()];
    }

    /**
     * The options that can improve an outfit, or all of them for a slot that must be filled. Among accessories that no
     * rule can tell apart, the first.
     */
    private List<Option> candidates(Slot slot, Options all, boolean isWanted) {
        Set<List<Object>> seen = new HashSet<>();
        return all.in(slot).stream()
                .filter(option -> isWanted || context.helps(option, structure))
                .filter(option ->
                        !TRIMMINGS.contains(slot) || all.hasOtherPlaces(option) || seen.add(context.effect(option)))
                .toList();
    }

    /**
     * The simplest completion that is good enough: the one with the fewest pieces, then the fewest points, then the
     * most credits.
     *
     * @return {@link Completion#NONE} if there is none
     */
    public Completion plainest(Option[] combination, Verdict wanted) {
        best = Completion.NONE;
        for (int pieces = 0; pieces <= fillSlots.size() && best == Completion.NONE; pieces++) {
            search(combination, wanted.mostPoints(), pieces);
        }
        return best;
    }

    private void search(Option[] combination, int mostPoints, int pieces) {
        taken = new boolean[SLOTS.length];
        limit = mostPoints;
        left = pieces;
        placed = 0;
        Arrays.fill(worn, null);
        chosenCount = 0;
        for (Option option : combination) {
            if (option != null) {
                chosen[chosenCount++] = option;
                worn[option.slot().ordinal()] = option.ways().get(0);
                taken[option.slot().ordinal()] = true;
            }
        }
        long clo = 0;
        for (int i = 0; i < chosenCount; i++) {
            clo += clo(chosen[i]);
        }
        Penalties found = judged(Penalties.NONE, onceDecided, onceBound).plus(ofWarmth(0, clo));
        if (found.points() <= limit) {
            chooseWays(0, found, clo);
        }
    }

    private Penalties ofWarmth(int stage, long clo) {
        Penalties found = Penalties.NONE;
        for (WarmthBound bound : warmthBounds.get(stage).get(left)) {
            found = found.plus(bound.penalties(clo));
        }
        return found;
    }

    /** Adds the findings of whole-outfit rules; credits that may still change are not counted. */
    private Penalties judged(Penalties found, List<ReadyCheck> decided, List<ReadyCheck> bound) {
        if (decided.isEmpty() && bound.isEmpty()) {
            return found;
        }
        Summary summary = context.summarise(worn);
        Penalties early = found.plus(bound, summary);
        return early.withCredit(found.credit()).plus(decided, summary);
    }

    private void chooseWays(int next, Penalties found, long clo) {
        if (next == chosenCount) {
            fill(0, judged(found, waysDecided, waysBound), clo);
            return;
        }
        Option option = chosen[next];
        for (int i = 0; i < option.ways().size(); i++) {
            int way = option.firstWay() + i;
            Penalties wearing = found.wearing(way, placedWays, placed, context);
            if (wearing.points() <= limit) {
                Penalties credited = wearing.crediting(way, placedWays, placed, context);
                worn[option.slot().ordinal()] = option.ways().get(i);
                placedWays[placed++] = way;
                chooseWays(next + 1, credited, clo);
                placed--;
            }
        }
    }

    private void fill(int stage, Penalties found, long clo) {
        if (found.points() > limit) {
            return;
        }
        if (stage == fillSlots.size()) {
            settle(found);
            return;
        }
        int slot = fillSlots.get(stage).ordinal();
        if (taken[slot] || !mandatory[stage]) {
            next(stage, found, clo);
        }
        if (taken[slot]) {
            return;
        }
        for (Option option : fillOptions.get(stage)) {
            for (int i = 0; i < option.ways().size() && left > 0 && !isWornAlready(option); i++) {
                int way = option.firstWay() + i;
                worn[slot] = option.ways().get(i);
                Penalties wearing = found.wearing(way, placedWays, placed, context);
                if (wearing.points() <= limit) {
                    Penalties credited = wearing.crediting(way, placedWays, placed, context);
                    placedWays[placed++] = way;
                    left--;
                    next(stage, credited, clo + clo(option));
                    left++;
                    placed--;
                }
                worn[slot] = null;
            }
        }
    }

    private void next(int stage, Penalties found, long clo) {
        Penalties judged = judged(found, fillDecided.get(stage), fillBound.get(stage));
        fill(stage + 1, judged.plus(ofWarmth(stage + 1, clo)), clo);
    }

    private void settle(Penalties penalties) {
        int points = penalties.points();
        int credits = context.credits(penalties);
        Completion found = new Completion(Verdict.of(false, points), points, credits, worn.clone());
        if (found.isBetterThan(best)) {
            best = found;
            limit = points;
        }
    }

    private boolean isWornAlready(Option option) {
        for (Worn w : worn) {
            if (w != null && w.slot() != option.slot()) {
                for (Piece piece : w.pieces()) {
                    if (option.contains(piece.id())) {
                        return true;
                    }
                }
            }
        }
        return false;
    }
}
