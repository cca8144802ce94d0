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
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.judgement.Summary;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/**
 * Finds the plainest way to wear a combination and to fill its uncounted slots, in one context and one structure.
 *
 * <p>Backtracking over the ways of the counted pieces and then over the uncounted slots. A rule about the whole is judged
 * as soon as every slot it reads is decided. Not for use by several threads.
 */
public final class CompletionSearch {
    private static final Slot[] SLOTS = Slot.values();
    /** Slots with many options that the rules can hardly tell apart: those alike to every rule are one. */
    private static final Set<Slot> TRIMMINGS = Set.of(Slot.NECK, Slot.TIE, Slot.HAT);

    private final CompiledContext context;
    private final Structure structure;
    private final List<Slot> fillSlots = new ArrayList<>();
    private final List<List<Option>> fillOptions = new ArrayList<>();
    private final boolean[] mandatory;
    private final List<CompiledContext.ReadyCheck> onceDecided = new ArrayList<>();
    private final List<CompiledContext.ReadyCheck> waysDecided = new ArrayList<>();
    private final List<List<CompiledContext.ReadyCheck>> fillDecided = new ArrayList<>();
    private final List<CompiledContext.ReadyCheck> onceBound = new ArrayList<>();
    private final List<CompiledContext.ReadyCheck> waysBound = new ArrayList<>();
    private final List<List<CompiledContext.ReadyCheck>> fillBound = new ArrayList<>();
    /** For each stage, and how many pieces may still be put on, the warmth rules bounded by what those can add. */
    private final List<List<List<WarmthBound>>> warmthBounds = new ArrayList<>();
    /** Packed sums of clo by index of the option, worked out when first worn. */
    private final long[] cloOf;

    private final Worn[] worn = new Worn[SLOTS.length];
    private final int[] placedWays = new int[SLOTS.length];
    private int placed;
    private long addedMinor;
    private long addedMajor;
    private final Option[] chosen = new Option[SLOTS.length];
    private int chosenCount;
    private boolean[] taken;
    private int limit;
    /** How many pieces may still be put on unasked. */
    private int left;

    private Completion best;

    public CompletionSearch(CompiledContext context, Options options, Structure structure, CountedSlots counted) {
        this.context = context;
        this.structure = structure;
        List<Slot> wanted = structure.mandatory(context.context().wantsShoes());
        for (Slot slot : CountedSlots.FILLED) {
            boolean fillable = !counted.has(slot) && structure.allows(slot);
            List<Option> candidates = fillable ? distinct(slot, options) : List.of();
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
        List<CompiledContext.ReadyCheck> aboutWarmth = new ArrayList<>();
        for (CompiledContext.ReadyCheck check : context.checks()) {
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
     * A check is final once no open slot can touch it. Where the open slots can only make it worse, its cautions already
     * hold and are penalised early, so that hopeless combinations end before the slots are tried.
     */
    private void schedule(CompiledContext.ReadyCheck check) {
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
            CompiledContext.ReadyCheck check,
            List<CompiledContext.ReadyCheck> atOnce,
            List<CompiledContext.ReadyCheck> afterWays,
            List<List<CompiledContext.ReadyCheck>> afterFill) {
        if (last >= 0) {
            afterFill.get(last).add(check);
        } else {
            (check.rule().readsFinishes() ? afterWays : atOnce).add(check);
        }
    }

    /** For each stage, every sum of clo that so many pieces at most can add in the slots from there on, packed. */
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

    /** Σ clo of an option, full in the upper and peeled in the lower 32 bits. */
    private long clo(Option option) {
        if (cloOf[option.index()] < 0) {
            Worn[] alone = new Worn[SLOTS.length];
            alone[option.slot().ordinal()] = option.ways().get(0);
            Summary own = context.summarise(alone);
            cloOf[option.index()] = WarmthBound.pack(own.fullCentiClo(), own.peeledCentiClo());
        }
        return cloOf[option.index()];
    }

    /** Of trimmings that no rule could tell apart, the first; those it could not tell from nothing are left out. */
    private List<Option> distinct(Slot slot, Options all) {
        List<Option> options = all.in(slot);
        if (!TRIMMINGS.contains(slot)) {
            return options;
        }
        Set<List<Object>> seen = new HashSet<>();
        return options.stream()
                .filter(option -> all.hasOtherPlaces(option) || seen.add(context.effect(option)))
                .toList();
    }

    /**
     * The plainest completion that is as good as is wanted: with as few pieces as can be, of those the best by points and credits.
     *
     * @return {@link Completion#NONE} where there is none
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
        CompiledContext.Penalties penalties = penalties(onceDecided, onceBound);
        chargeWarmth(0, clo, penalties);
        if (PenaltySets.points(penalties.minor, penalties.major) <= limit) {
            chooseWays(0, penalties.minor, penalties.major, penalties.credit, clo);
        }
    }

    private void chargeWarmth(int stage, long clo, CompiledContext.Penalties penalties) {
        for (WarmthBound bound : warmthBounds.get(stage).get(left)) {
            bound.penalties(penalties, clo);
        }
    }

    private CompiledContext.Penalties penalties(
            List<CompiledContext.ReadyCheck> decided, List<CompiledContext.ReadyCheck> bound) {
        CompiledContext.Penalties penalties = new CompiledContext.Penalties();
        if (!decided.isEmpty() || !bound.isEmpty()) {
            Summary summary = context.summarise(worn);
            penalties.add(bound, summary);
            penalties.credit = 0;
            penalties.add(decided, summary);
        }
        return penalties;
    }

    private void chooseWays(int next, long minor, long major, long credit, long clo) {
        if (next == chosenCount) {
            CompiledContext.Penalties penalties = penalties(waysDecided, waysBound);
            fill(0, minor | penalties.minor, major | penalties.major, credit | penalties.credit, clo);
            return;
        }
        Option option = chosen[next];
        int ordinal = option.slot().ordinal();
        for (int i = 0; i < option.ways().size(); i++) {
            int way = option.firstWay() + i;
            addUp(way);
            long withMinor = minor | addedMinor;
            long withMajor = major | addedMajor;
            if (PenaltySets.points(withMinor, withMajor) <= limit) {
                worn[ordinal] = option.ways().get(i);
                placedWays[placed++] = way;
                chooseWays(next + 1, withMinor, withMajor, credit | creditOf(way), clo);
                placed--;
            }
        }
    }

    private void fill(int stage, long minor, long major, long credit, long clo) {
        if (PenaltySets.points(minor, major) > limit) {
            return;
        }
        if (stage == fillSlots.size()) {
            settle(minor, major, credit);
            return;
        }
        int slot = fillSlots.get(stage).ordinal();
        if (taken[slot]) {
            next(stage, minor, major, credit, clo);
            return;
        }
        if (!mandatory[stage]) {
            next(stage, minor, major, credit, clo);
        }
        for (Option option : fillOptions.get(stage)) {
            if (left > 0 && !isWornAlready(option)) {
                int way = option.firstWay();
                worn[slot] = option.ways().get(0);
                addUp(way);
                long withMinor = minor | addedMinor;
                long withMajor = major | addedMajor;
                if (PenaltySets.points(withMinor, withMajor) <= limit) {
                    long withCredit = credit | creditOf(way);
                    placedWays[placed++] = way;
                    left--;
                    next(stage, withMinor, withMajor, withCredit, clo + clo(option));
                    left++;
                    placed--;
                }
                worn[slot] = null;
            }
        }
    }

    private void next(int stage, long minor, long major, long credit, long clo) {
        CompiledContext.Penalties penalties = penalties(fillDecided.get(stage), fillBound.get(stage));
        chargeWarmth(stage + 1, clo, penalties);
        fill(stage + 1, minor | penalties.minor, major | penalties.major, credit | penalties.credit, clo);
    }

    private void settle(long minor, long major, long credit) {
        int points = PenaltySets.points(minor, major);
        int credits = context.credits(credit, minor, major);
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

    /** Findings between a way and all that is placed, into {@link #addedMinor} and {@link #addedMajor}. */
    private void addUp(int way) {
        long minor = context.minor(way, way);
        long major = context.major(way, way);
        for (int i = 0; i < placed; i++) {
            minor |= context.minor(way, placedWays[i]);
            major |= context.major(way, placedWays[i]);
        }
        addedMinor = minor;
        addedMajor = major;
    }

    private long creditOf(int way) {
        long mask = context.credit(way, way);
        for (int i = 0; i < placed; i++) {
            mask |= context.credit(way, placedWays[i]);
        }
        return mask;
    }
}
