package jomble.core.counting.enumeration;

import java.util.ArrayList;
import java.util.List;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.piece.Slot;

/**
 * One of several partitions of the bodies of a structure, which follow each other in the stable order: those with the options of a range
 * in the slot that is decided first.
 *
 * @param slot null where there is only one partition
 * @param from the index of the first option, {@code to} of the first of the next partition
 * @param first whether it is the first partition, which has the bodies without that slot
 */
public record Partition(Slot slot, int from, int to, boolean first) {
    static final Partition WHOLE = new Partition(null, 0, 0, true);

    /** Partitions of about so many options of a slot. */
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

    /** @param option null where the slot is empty */
    boolean takes(Slot there, Option option) {
        return there != slot || (option == null ? first : from <= option.index() && option.index() < to);
    }
}
