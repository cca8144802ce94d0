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
 * Options that must be worn, by ordinal of the slot; null where free.
 *
 * <p>A piece that can sit in a counted slot must sit in one: each choice of places is a count of its own, and no combination is in two
 * of them. A piece that cannot must be part of the completion, in any of its places.
 *
 * @param counted one array for each choice of places in counted slots
 * @param filled one array for each choice of places in the others
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

    /** Nothing at all. */
    public static Constraints nothing() {
        return new Constraints(free(), free());
    }

    /** Whether nothing must be worn. */
    boolean isFree() {
        return fillsFreely() && isFree(counted);
    }

    /** Whether nothing must be worn that is not counted. */
    public boolean fillsFreely() {
        return isFree(filled);
    }

    private static boolean isFree(List<Option[]> choices) {
        return choices.stream().flatMap(Arrays::stream).allMatch(Objects::isNull) && !choices.isEmpty();
    }

    /** One choice that forces nothing. */
    private static List<Option[]> free() {
        return List.<Option[]>of(new Option[Slot.values().length]);
    }

    /** Every array with each of the options besides; none where a slot or a piece would be used twice. */
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

    /** The options of both, or null where they do not go together. */
    public static Option[] together(Option[] one, Option[] other) {
        Option[] both = one;
        for (Option option : other) {
            both = option == null || both == null ? both : with(both, option);
        }
        return both;
    }
}
