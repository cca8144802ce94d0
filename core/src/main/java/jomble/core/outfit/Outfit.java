package jomble.core.outfit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Pieces in slots, each worn in one way. Invariant: a slot holds at most one way, and a piece is worn at most once. */
public final class Outfit {
    private final Map<Slot, Worn> bySlot = new EnumMap<>(Slot.class);

    private Outfit(Collection<Worn> worn) {
        Set<PieceId> seen = new HashSet<>();
        for (Worn w : worn) {
            if (bySlot.put(w.slot(), w) != null) {
                throw new IllegalArgumentException("the slot " + w.slot().id() + " is filled twice");
            }
            w.pieces().forEach(piece -> {
                if (!seen.add(piece.id())) {
                    throw new IllegalArgumentException("the piece " + piece.id() + " is worn twice");
                }
            });
        }
    }

    public static Outfit of(Collection<Worn> worn) {
        return new Outfit(worn);
    }

    public Optional<Worn> in(Slot slot) {
        return Optional.ofNullable(bySlot.get(slot));
    }

    /** In slot order. */
    public List<Worn> worn() {
        return new ArrayList<>(bySlot.values());
    }

    /** By the slot's ordinal, null for an empty slot. */
    public Worn[] bySlotOrdinal() {
        Worn[] array = new Worn[Slot.values().length];
        bySlot.forEach((slot, worn) -> array[slot.ordinal()] = worn);
        return array;
    }

    @Override
    public String toString() {
        return bySlot.values().toString();
    }
}
