package jomble.core.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import jomble.core.judgement.Verdict;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Adds up combinations: in all, per piece and per pair. */
final class Tally {
    private static final Set<Slot> TRIMMINGS =
            EnumSet.of(Slot.BAG, Slot.HAT, Slot.NECK, Slot.TIE, Slot.JEWELLERY, Slot.WATCH, Slot.HANDS, Slot.EXTRA);

    private final CountQuestion question;
    private final List<SlotPair> crossings;
    private final long[] perOption;
    /** For each group of uncounted pieces that no rule can tell apart, the places its first piece can take. */
    private final List<List<Option>> alike = new ArrayList<>();

    private final Map<PieceId, Integer> groupOf = new LinkedHashMap<>();
    private final long[] completedBy;
    private final Options options;
    private final Predicate<Option> inert;
    private final List<Map<Option, Map<Option, long[]>>> crossed = new ArrayList<>();
    private long works;
    private long daring;

    /** @param unremarkable whether no pair or piece rule has anything to say of an option */
    Tally(
            CountQuestion question,
            Options options,
            List<SlotPair> crossings,
            Predicate<Option> unremarkable,
            Predicate<Option> inert) {
        this.question = question;
        this.crossings = crossings;
        this.options = options;
        this.inert = options.all().stream().filter(inert).collect(Collectors.toSet())::contains;
        this.perOption = new long[options.all().size()];
        crossings.forEach(pair -> crossed.add(new LinkedHashMap<>()));
        Map<List<Object>, Integer> groups = new HashMap<>();
        for (Piece piece : question.pieces()) {
            boolean counted = piece.roles().stream().anyMatch(question.counted()::has);
            if (!counted && !piece.roles().isEmpty() && question.completions()) {
                List<Option> places = options.all().stream()
                        .filter(o -> o.contains(piece.id()))
                        .toList();
                int group = groups.computeIfAbsent(effect(places, unremarkable), effect -> {
                    alike.add(places);
                    return alike.size() - 1;
                });
                groupOf.put(piece.id(), group);
            }
        }
        this.completedBy = new long[alike.size()];
    }

    /** Rules read trimmings through warmth and metal only; two alike in both, in the same slots, complete the same. */
    private static List<Object> effect(List<Option> places, Predicate<Option> unremarkable) {
        List<Object> effect = new ArrayList<>();
        for (Option place : places) {
            boolean trimming = TRIMMINGS.contains(place.slot()) && unremarkable.test(place);
            boolean filled = CountedSlots.FILLED.contains(place.slot());
            effect.add(trimming ? (filled ? place.slot() : "loose") : place.index());
            place.pieces().forEach(piece -> effect.add(List.of(piece.centiClo(), piece.metal())));
        }
        return effect;
    }

    /** @return whether the combination counts */
    boolean add(Option[] combination, Verdict verdict, Searches searches) {
        if (verdict == Verdict.WORKS) {
            works++;
        } else {
            daring++;
        }
        if (verdict == Verdict.DARING && !question.includeDaring()) {
            return false;
        }
        for (Option option : combination) {
            if (option != null) {
                perOption[option.index()]++;
            }
        }
        for (int i = 0; i < crossings.size(); i++) {
            Option a = combination[crossings.get(i).first().ordinal()];
            Option b = combination[crossings.get(i).second().ordinal()];
            if (a != null && b != null) {
                crossed.get(i).computeIfAbsent(a, o -> new LinkedHashMap<>()).computeIfAbsent(b, o -> new long[1])[0]++;
            }
        }
        complete(combination, searches);
        return true;
    }

    /** Credits each uncounted piece that can complete the combination; pieces alike in every rule's eyes at once. */
    private void complete(Option[] combination, Searches searches) {
        int atMost = (question.includeDaring() ? Verdict.DARING : Verdict.WORKS).mostPoints();
        for (int i = 0; i < alike.size(); i++) {
            boolean found = false;
            for (Option option : alike.get(i)) {
                found = found || inert.test(option) || searches.verdict(combination, option, atMost) != Completion.NONE;
            }
            completedBy[i] += found ? 1 : 0;
        }
    }

    /** For each crossing asked for, how often two options met. */
    List<Map<Option, Map<Option, long[]>>> crossed() {
        return crossed;
    }

    private long completions(PieceId id) {
        Integer group = groupOf.get(id);
        return group == null ? 0 : completedBy[group];
    }

    Counts counts(BigInteger paper, DarkShare dark, List<NeverTogether> never) {
        boolean shoes = question.contexts().get(0).wantsShoes();
        Map<PieceId, Long> perPiece = new TreeMap<>();
        for (Piece piece : question.pieces()) {
            boolean counted = piece.roles().stream().anyMatch(question.counted()::has);
            if (counted || question.completions()) {
                perPiece.put(piece.id(), completions(piece.id()));
            }
        }
        for (Option option : options.all()) {
            option.ids().forEach(id -> perPiece.computeIfPresent(id, (i, n) -> n + perOption[option.index()]));
        }
        List<PieceId> orphans = question.pieces().stream()
                .filter(piece -> perPiece.getOrDefault(piece.id(), 1L) == 0
                        && !piece.roles().isEmpty())
                .map(Piece::id)
                .sorted()
                .toList();
        Map<SlotPair, List<Crossing>> perPair = new LinkedHashMap<>();
        for (int i = 0; i < crossings.size(); i++) {
            List<Crossing> cells = new ArrayList<>();
            crossed.get(i)
                    .forEach((a, row) -> row.forEach((b, n) -> cells.add(new Crossing(
                            a.pieces().get(0).id(), b.pieces().get(0).id(), n[0]))));
            perPair.put(crossings.get(i), cells);
        }
        long total = question.includeDaring() ? works + daring : works;
        return new Counts(total, daring, paper, perPiece, perPair, dark, options.missing(shoes), orphans, never);
    }
}
