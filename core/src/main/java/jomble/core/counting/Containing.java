package jomble.core.counting;

import java.util.ArrayList;
import java.util.List;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * The pieces every combination of a question must contain.
 *
 * <p>A piece that can sit in a counted slot must sit in one; a piece that cannot must be part of the completion.
 */
final class Containing {
    private final List<PieceId> inCounted = new ArrayList<>();
    private final List<PieceId> onlyHere = new ArrayList<>();
    private final List<Slot> onlySlots = new ArrayList<>();
    private List<Option[]> mustWear = new ArrayList<>();

    Containing(CountQuestion question, Options options) {
        mustWear.add(new Option[Slot.values().length]);
        for (PieceId id : question.containing()) {
            List<Option> places =
                    options.all().stream().filter(option -> option.contains(id)).toList();
            List<Slot> counted = places.stream()
                    .map(Option::slot)
                    .filter(question.counted()::has)
                    .distinct()
                    .toList();
            if (counted.isEmpty()) {
                mustWear = spread(mustWear, places);
            } else {
                inCounted.add(id);
                if (counted.size() == 1) {
                    onlyHere.add(id);
                    onlySlots.add(counted.get(0));
                }
            }
        }
    }

    private static List<Option[]> spread(List<Option[]> soFar, List<Option> places) {
        List<Option[]> spread = new ArrayList<>();
        for (Option[] worn : soFar) {
            for (Option place : places) {
                if (worn[place.slot().ordinal()] == null) {
                    Option[] more = worn.clone();
                    more[place.slot().ordinal()] = place;
                    spread.add(more);
                }
            }
        }
        return spread;
    }

    /** Uncounted options that must be worn, one array by ordinal of the slot for each alternative. */
    List<Option[]> mustWear() {
        return mustWear;
    }

    /** Whether the slot must be filled by one of the pieces. */
    boolean fills(Slot slot) {
        return onlySlots.contains(slot);
    }

    /** False when the option would keep a piece out of the only slot it can have. */
    boolean admits(Option option) {
        for (int i = 0; i < onlyHere.size(); i++) {
            if (onlySlots.get(i) == option.slot() && !option.contains(onlyHere.get(i))) {
                return false;
            }
        }
        return true;
    }

    boolean isMetBy(Option[] combination) {
        for (PieceId id : inCounted) {
            boolean found = false;
            for (Option option : combination) {
                found |= option != null && option.contains(id);
            }
            if (!found) {
                return false;
            }
        }
        return true;
    }
}
