package jomble.core.counting.enumeration;

import java.util.ArrayList;
import java.util.List;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.piece.Slot;

/**
 * A partition of the bodies of a structure: those whose first slot holds an option from a range. Partitions follow each
 * other in the stable order.
 *
 * @param slot null when there is only one partition
 * @param from index of the first option; {@code to} is the first of the next partition
 * @param first whether it is the first partition, which also holds the bodies without that slot
 */
public record Partition(Slot slot, int from, int to, boolean first) {
    static final Partition WHOLE = new Partition(null, 0, 0, true);

    /** Partitions with about {@code each} options of a slot. */
    static List<Partition> of(Slot slot, Options options, int each) {
        List<Option> there = options.in(slot);
        int parts = there.size() / each + (there.size() % each == 0 ? 0 : 1);
        if (parts < 2) {
            return List.of(WHOLE);
        }
        List<Partition> partitions = new ArrayList<>();
        int begin = there.get(0).index();
        for (int part = 0; part < parts; part++) {
            partitions.add(new Partition(
                    slot, begin + there.size() * part / parts, begin + there.size() * (part + 1) / parts, part == 0));
        }
        return partitions;
    }

    /** @param option null for an empty slot */
    boolean takes(Slot there, Option option) {
        return there != slot || (option == null ? first : from <= option.index() && option.index() < to);
    }
}
