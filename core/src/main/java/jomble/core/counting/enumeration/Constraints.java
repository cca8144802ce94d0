package jomble.core.counting.enumeration;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Options that must be worn, by the slot's ordinal; null for no constraint.
 *
 * <p>A piece that fits a counted slot must be worn in one. Each assignment to slots is counted separately, and no
 * combination belongs to two of them. A piece that fits no counted slot must be part of the completion, in any slot it
 * fits.
 *
 * @param counted one array for each assignment of counted slots
 * @param filled one array for each assignment of uncounted slots
 */
public record Constraints(List<Option[]> counted, List<Option[]> filled) {
    public static Constraints by(CountQuestion question, Options options) {
        List<Option[]> counted = free();
        List<Option[]> filled = free();
        for (PieceId id : question.containing()) {
            List<Option> places =
                    options.all().stream().filter(option -> option.contains(id)).toList();
            List<Option> there = places.stream()
                    .filter(option -> question.counted().has(option.slot()))
                    .toList();
            if (there.isEmpty()) {
                filled = spread(filled, places);
            } else {
                counted = spread(counted, there);
            }
        }
        for (Map.Entry<Slot, PieceId> place : question.placed().entrySet()) {
            List<Option> there = options.in(place.getKey()).stream()
                    .filter(option -> option.contains(place.getValue()))
                    .toList();
            boolean inCounted = question.counted().has(place.getKey());
            counted = inCounted ? spread(counted, there) : counted;
            filled = inCounted ? filled : spread(filled, there);
        }
        return new Constraints(counted, filled);
    }

    /** No constraints. */
    public static Constraints nothing() {
        return new Constraints(free(), free());
    }

    /** Whether there are no constraints. */
    boolean isFree() {
        return fillsFreely() && isFree(counted);
    }

    /** Whether there are no constraints on uncounted slots. */
    public boolean fillsFreely() {
        return isFree(filled);
    }

    private static boolean isFree(List<Option[]> choices) {
        return choices.stream().flatMap(Arrays::stream).allMatch(Objects::isNull) && !choices.isEmpty();
    }

    /** A single assignment without constraints. */
    private static List<Option[]> free() {
        return List.<Option[]>of(new Option[Slot.values().length]);
    }

    /** Every array extended by each of the options; those that would use a slot or a piece twice are dropped. */
    public static List<Option[]> spread(List<Option[]> arrays, List<Option> options) {
        Set<List<Option>> seen = new LinkedHashSet<>();
        for (Option[] array : arrays) {
            for (Option option : options) {
                Option[] more = with(array, option);
                if (more != null) {
                    seen.add(Arrays.asList(more));
                }
            }
        }
        return seen.stream().map(list -> list.toArray(Option[]::new)).toList();
    }

    private static Option[] with(Option[] array, Option option) {
        int ordinal = option.slot().ordinal();
        for (Option other : array) {
            if (other != null && other != option && (other.slot() == option.slot() || other.overlaps(option))) {
                return null;
            }
        }
        Option[] more = array.clone();
        more[ordinal] = option;
        return more;
    }

    /** The options of both arrays, or null when they conflict. */
    public static Option[] together(Option[] one, Option[] other) {
        Option[] both = one;
        for (Option option : other) {
            both = option == null || both == null ? both : with(both, option);
        }
        return both;
    }
}
