package jomble.core.counting.query;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.compiled.Option;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * A combination of a solution set.
 *
 * @param options of the counted slots by ordinal, null where empty
 */
public record Found(Structure structure, Option[] options, Verdict verdict) {
    /** The pieces worn, by slot. */
    public Map<Slot, List<PieceId>> pieces() {
        Map<Slot, List<PieceId>> pieces = new EnumMap<>(Slot.class);
        for (Option option : options) {
            if (option != null) {
                pieces.put(option.slot(), option.ids());
            }
        }
        return pieces;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Found found && structure == found.structure && Arrays.equals(options, found.options);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(options);
    }
}
