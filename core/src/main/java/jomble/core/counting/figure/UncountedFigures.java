package jomble.core.counting.figure;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import jomble.core.counting.Completions;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.enumeration.CompiledQuestion;
import jomble.core.counting.enumeration.Constraints;
import jomble.core.counting.remaining.RemainingSlots;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Computes the figures of pieces in uncounted slots.
 *
 * <p>A single enumeration whose diagram tracks completions yields them all. It would not see pieces in uncounted slots
 * of the body, so those slots are counted as well: each combination such a piece completes is then one of its own. A
 * piece with several such slots could complete the same combination twice; it is counted separately, placed before
 * everything else.
 */
public final class UncountedFigures {
    /** The share of a whole count's progress at which this work begins. */
    public static final double STARTS_AT = 0.2;

    private final Counter counter;
    private final CompiledQuestion compiled;
    private final Constraints constraints;
    /**
     * Pieces that fit one uncounted slot, by slot. Those that also fit counted slots are only needed to find what
     * others depend on.
     */
    private final Map<Slot, List<Option>> bySlot = new EnumMap<>(Slot.class);

    private final Map<PieceId, List<Option>> bySelf = new LinkedHashMap<>();
    private final Map<PieceId, BigInteger> perPiece = new TreeMap<>();
    private final Map<PieceId, Integer> reach = new TreeMap<>();
    private final Map<PieceId, List<PieceId>> keeps = new TreeMap<>();
    /** The orphans of the whole wardrobe; null until computed. */
    private List<PieceId> orphans;

    UncountedFigures(Counter counter, CompiledQuestion compiled, Constraints constraints) {
        this.counter = counter;
        this.compiled = compiled;
        this.constraints = constraints;
        boolean fillsFreely = constraints.fillsFreely();
        for (Piece piece : compiled.question().pieces()) {
            List<Option> places = compiled.options().all().stream()
                    .filter(option -> option.contains(piece.id()) && !isCounted(option.slot()))
                    .filter(option -> !isCounted(piece.id()) || CountedSlots.FILLED.contains(option.slot()))
                    .toList();
            if (fillsFreely && places.size() == 1) {
                bySlot.computeIfAbsent(places.get(0).slot(), slot -> new ArrayList<>())
                        .add(places.get(0));
            } else if (!places.isEmpty()) {
                bySelf.put(piece.id(), places);
            }
        }
    }

    public static Completions of(
            Counter counter, CompiledQuestion compiled, Constraints constraints, Progress progress) {
        UncountedFigures figures = new UncountedFigures(counter, compiled, constraints);
        if (figures.dresses()) {
            figures.countSlotBySlot(progress);
        } else if (figures.places().findAny().isPresent()) {
            figures.countTogether(progress);
        }
        return new Completions(figures.perPiece, figures.reach, figures.keeps);
    }

    /** The pieces that fit no counted slot. */
    Stream<PieceId> uncounted() {
        return places().flatMap(option -> option.ids().stream()).distinct().filter(id -> !isCounted(id));
    }

    /** Whether some uncounted piece is worn on the body. */
    boolean dresses() {
        return Stream.concat(constraints.filled().stream().flatMap(Arrays::stream), places())
                .anyMatch(UncountedFigures::isDress);
    }

    private static boolean isDress(Option option) {
        return option != null && RemainingSlots.CLOTHES.contains(option.slot());
    }

    private Stream<Option> places() {
        return Stream.concat(bySlot.values().stream(), bySelf.values().stream()).flatMap(List::stream);
    }

    /** Runs one enumeration whose diagram tracks completions. */
    private void countTogether(Progress progress) {
        CompiledQuestion completing = compiled.completing();
        CompletionTally tally = new CompletionTally(compiled.question(), compiled.options());
        CoOccurrence coOccurrence = new CoOccurrence(compiled.question(), compiled.options());
        completing.tell(constraints, progress, solutions -> {
            tally.add(solutions);
            coOccurrence.add(solutions);
        });
        Map<PieceId, List<PieceId>> kept =
                coOccurrence.keeps(compiled.question().counted());
        places().flatMap(option -> option.ids().stream()).distinct().forEach(id -> {
            if (!isCounted(id)) {
                perPiece.put(id, tally.of(id));
                reach.put(id, coOccurrence.worn(id));
            }
            keep(id, kept.getOrDefault(id, List.of()));
        });
    }

    private void countSlotBySlot(Progress progress) {
        int parts = bySlot.size() + bySelf.size();
        int part = 0;
        for (Map.Entry<Slot, List<Option>> there : bySlot.entrySet()) {
            countSlot(there.getKey(), there.getValue(), progress.partOf(part++, parts));
        }
        for (Map.Entry<PieceId, List<Option>> one : bySelf.entrySet()) {
            Progress here = progress.partOf(part++, parts);
            boolean completes = isCounted(one.getKey()) || countPiece(one.getKey(), one.getValue(), here);
            boolean isNeeded = completes && fills(one.getValue());
            keep(one.getKey(), isNeeded ? lostWithout(one.getKey(), here) : List.of());
        }
    }

    private void countSlot(Slot slot, List<Option> options, Progress progress) {
        CompiledQuestion also = compiled.asking(
                compiled.question().counting(compiled.question().counted().and(slot)));
        Tally tally = new Tally(also.question(), also.options(), List.of());
        CoOccurrence coOccurrence = new CoOccurrence(also.question(), also.options());
        sweep(also, tally, coOccurrence, constraints.filled(), progress);
        Map<PieceId, Integer> reached = coOccurrence.reach();
        Map<PieceId, List<PieceId>> kept =
                coOccurrence.keeps(compiled.question().counted());
        for (Option option : options) {
            PieceId id = option.ids().get(0);
            if (!isCounted(id)) {
                perPiece.put(id, tally.of(option));
                reach.put(id, reached.getOrDefault(id, 0));
            }
            keep(id, fills(List.of(option)) ? kept.getOrDefault(id, List.of()) : List.of());
        }
    }

    private void sweep(
            CompiledQuestion asked, Tally tally, CoOccurrence coOccurrence, List<Option[]> filled, Progress progress) {
        asked.tell(new Constraints(constraints.counted(), filled), progress, solutions -> {
            tally.add(solutions);
            coOccurrence.add(solutions);
        });
    }

    /** Counts the combinations a piece completes; returns whether there are any. */
    private boolean countPiece(PieceId id, List<Option> places, Progress progress) {
        Tally tally = new Tally(compiled.question(), compiled.options(), List.of());
        CoOccurrence coOccurrence = new CoOccurrence(compiled.question(), compiled.options());
        sweep(compiled, tally, coOccurrence, Constraints.spread(constraints.filled(), places), progress);
        perPiece.put(id, tally.total());
        reach.put(id, coOccurrence.others(id));
        return tally.total().signum() > 0;
    }

    /** Whether the piece is ever worn to improve a verdict, without being required. */
    private boolean fills(List<Option> places) {
        return places.stream()
                .anyMatch(option -> CountedSlots.FILLED.contains(option.slot()) && compiled.helps(option));
    }

    private void keep(PieceId id, List<PieceId> kept) {
        List<PieceId> counted = kept.stream().filter(this::isCounted).toList();
        if (!counted.isEmpty()) {
            keeps.put(id, counted);
        }
    }

    private boolean isCounted(Slot slot) {
        return compiled.question().counted().has(slot);
    }

    private boolean isCounted(PieceId id) {
        return compiled.question().pieces().stream()
                .filter(piece -> piece.id().equals(id))
                .anyMatch(piece -> piece.roles().stream().anyMatch(this::isCounted));
    }

    /** The pieces that become orphans when a piece is removed, found by counting without it. */
    private List<PieceId> lostWithout(PieceId id, Progress progress) {
        CountQuestion question = compiled.question().withoutCompletions();
        Progress quiet = done -> progress.goOn(1);
        if (orphans == null) {
            orphans = counter.count(question, List.of(), quiet).orphans();
        }
        return counter.count(question.without(Set.of(id)), List.of(), quiet).orphans().stream()
                .filter(orphan -> !orphans.contains(orphan))
                .toList();
    }
}
