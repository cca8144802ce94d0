package jomble.core.entry;

import java.util.List;
import java.util.Map;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kind;

/**
 * What was understood of an entry line.
 *
 * @param kind null when no kind was named
 * @param set attribute values in document form
 * @param count how many alike, 1..99
 */
public record EntryReading(List<Chip> chips, Kind kind, Map<Attribute<?>, Object> set, int count) {
    public EntryReading {
        chips = List.copyOf(chips);
    }

    /** Whether a piece can be recorded from it: a kind was named and every word was understood. */
    public boolean isComplete() {
        return kind != null && chips.stream().allMatch(Chip::isUnderstood);
    }
}
