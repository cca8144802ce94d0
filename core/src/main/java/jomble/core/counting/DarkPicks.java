package jomble.core.counting;

import java.util.BitSet;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/** The picks of one piece for each mandatory slot, and which of them some combination completes. */
final class DarkPicks {
    private final Options options;
    private final boolean wantsShoes;
    private final Map<Structure, BitSet> completed = new EnumMap<>(Structure.class);

    DarkPicks(Options options, boolean wantsShoes) {
        this.options = options;
        this.wantsShoes = wantsShoes;
        for (Structure structure : Structure.values()) {
            completed.put(structure, new BitSet());
        }
    }

    void complete(Structure structure, Option[] combination) {
        int index = 0;
        for (Slot slot : structure.mandatory(wantsShoes)) {
            List<Option> choices = options.in(slot);
            int place = combination[slot.ordinal()].index() - choices.get(0).index();
            index = Math.addExact(Math.multiplyExact(index, choices.size()), place);
        }
        completed.get(structure).set(index);
    }

    DarkShare share() {
        long works = 0;
        long all = 0;
        for (Structure structure : Structure.values()) {
            works += completed.get(structure).cardinality();
            all += picks(structure, structure.mandatory(wantsShoes), new Option[Slot.values().length], 0);
        }
        return new DarkShare(works, all);
    }

    /** Picks that use no piece twice. */
    private long picks(Structure structure, List<Slot> slots, Option[] picked, int depth) {
        if (depth == slots.size()) {
            return 1;
        }
        Slot slot = slots.get(depth);
        long sum = 0;
        for (Option option : options.in(slot)) {
            boolean fits = structure.takes(slot, option.pieces().get(0));
            for (int i = 0; i < depth && fits; i++) {
                fits = !picked[i].overlaps(option);
            }
            if (fits) {
                picked[depth] = option;
                sum += picks(structure, slots, picked, depth + 1);
            }
        }
        return sum;
    }
}
