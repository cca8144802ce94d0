package jomble.core.counting.census;

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
import jomble.core.counting.tail.Tail;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Finds the figures of pieces in slots that are not counted.
 *
 * <p>One walk has them all, with a diagram that ends in all who complete a combination. Where a slot is not counted that dresses the
 * body, the walk would not see its pieces: there the slot is counted as well, for then a combination that a piece completes is a
 * combination of its own, and a piece with several such places, which could complete one combination in two of them, is counted by
 * itself, put on before all else.
 */
final class UncountedFigures {
    private final Counter counter;
    private final Field field;
    private final Forced forced;
    /** Pieces with one place that is not counted, by slot; those among them that can be counted as well only keep others. */
    private final Map<Slot, List<Option>> bySlot = new EnumMap<>(Slot.class);

    private final Map<PieceId, List<Option>> bySelf = new LinkedHashMap<>();
    private final Map<PieceId, BigInteger> perPiece = new TreeMap<>();
    private final Map<PieceId, Integer> reach = new TreeMap<>();
    private final Map<PieceId, List<PieceId>> keeps = new TreeMap<>();
    /** With all pieces there; null until they were asked for. */
    private List<PieceId> orphans;

    UncountedFigures(Counter counter, Field field, Forced forced) {
        this.counter = counter;
        this.field = field;
        this.forced = forced;
        boolean fillsFreely = forced.fillsFreely();
        for (Piece piece : field.question().pieces()) {
            List<Option> places = field.options().all().stream()
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

    static Completions of(Counter counter, Field field, Forced forced, Progress progress) {
        UncountedFigures figures = new UncountedFigures(counter, field, forced);
        if (figures.dresses()) {
            figures.countSlotBySlot(progress);
        } else if (figures.places().findAny().isPresent()) {
            figures.countTogether(progress);
        }
        return new Completions(figures.perPiece, figures.reach, figures.keeps);
    }

    /** The pieces that are counted nowhere. */
    Stream<PieceId> uncounted() {
        return places().flatMap(option -> option.ids().stream()).distinct().filter(id -> !isCounted(id));
    }

    /** Whether a piece that dresses the body is not counted. */
    boolean dresses() {
        return Stream.concat(forced.filled().stream().flatMap(Arrays::stream), places())
                .anyMatch(UncountedFigures::isDress);
    }

    private static boolean isDress(Option option) {
        return option != null && Tail.CLOTHES.contains(option.slot());
    }

    private Stream<Option> places() {
        return Stream.concat(bySlot.values().stream(), bySelf.values().stream()).flatMap(List::stream);
    }

    /** One walk with a diagram that ends in all who complete a combination. */
    private void countTogether(Progress progress) {
        Field completing = field.completing();
        CompletionTally tally = new CompletionTally(field.question(), field.options());
        Company company = new Company(field.question(), field.options());
        completing.tell(forced, progress, census -> {
            tally.add(census);
            company.add(census);
        });
        Map<PieceId, List<PieceId>> kept = company.keeps(field.question().counted());
        places().flatMap(option -> option.ids().stream()).distinct().forEach(id -> {
            if (!isCounted(id)) {
                perPiece.put(id, tally.of(id));
                reach.put(id, company.worn(id));
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
            Progress told = progress.partOf(part++, parts);
            boolean completes = isCounted(one.getKey()) || countPiece(one.getKey(), one.getValue(), told);
            boolean isNeeded = completes && fills(one.getValue());
            keep(one.getKey(), isNeeded ? lostWithout(one.getKey(), told) : List.of());
        }
    }

    private void countSlot(Slot slot, List<Option> options, Progress progress) {
        Field also = field.asking(
                field.question().counting(field.question().counted().and(slot)));
        Tally tally = new Tally(also.question(), also.options(), List.of());
        Company company = new Company(also.question(), also.options());
        sweep(also, tally, company, forced.filled(), progress);
        Map<PieceId, Integer> reached = company.reach();
        Map<PieceId, List<PieceId>> kept = company.keeps(field.question().counted());
        for (Option option : options) {
            PieceId id = option.ids().get(0);
            if (!isCounted(id)) {
                perPiece.put(id, tally.of(option));
                reach.put(id, reached.getOrDefault(id, 0));
            }
            keep(id, fills(List.of(option)) ? kept.getOrDefault(id, List.of()) : List.of());
        }
    }

    private void sweep(Field asked, Tally tally, Company company, List<Option[]> filled, Progress progress) {
        asked.tell(new Forced(forced.counted(), filled), progress, census -> {
            tally.add(census);
            company.add(census);
        });
    }

    /** Answers whether it completes anything. */
    private boolean countPiece(PieceId id, List<Option> places, Progress progress) {
        Tally tally = new Tally(field.question(), field.options(), List.of());
        Company company = new Company(field.question(), field.options());
        sweep(field, tally, company, Forced.spread(forced.filled(), places), progress);
        perPiece.put(id, tally.total());
        reach.put(id, company.others(id));
        return tally.total().signum() > 0;
    }

    /** Whether it is ever put on without being asked for, because a verdict is better with it. */
    private boolean fills(List<Option> places) {
        return places.stream().anyMatch(option -> CountedSlots.FILLED.contains(option.slot()) && field.helps(option));
    }

    private void keep(PieceId id, List<PieceId> kept) {
        List<PieceId> counted = kept.stream().filter(this::isCounted).toList();
        if (!counted.isEmpty()) {
            keeps.put(id, counted);
        }
    }

    private boolean isCounted(Slot slot) {
        return field.question().counted().has(slot);
    }

    private boolean isCounted(PieceId id) {
        return field.question().pieces().stream()
                .filter(piece -> piece.id().equals(id))
                .anyMatch(piece -> piece.roles().stream().anyMatch(this::isCounted));
    }

    /** The pieces that become orphans when a piece is taken out, by counting without it. */
    private List<PieceId> lostWithout(PieceId id, Progress progress) {
        CountQuestion question = field.question().withoutCompletions();
        Progress quiet = done -> progress.goOn(1);
        if (orphans == null) {
            orphans = counter.count(question, List.of(), quiet).orphans();
        }
        return counter.count(question.without(Set.of(id)), List.of(), quiet).orphans().stream()
                .filter(orphan -> !orphans.contains(orphan))
                .toList();
    }
}
