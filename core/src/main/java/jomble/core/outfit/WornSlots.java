package jomble.core.outfit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** Infers the slots of pieces that are only known to have been worn together. */
public final class WornSlots {

    private WornSlots() {}

    /**
     * Assigns each piece to a slot, preferably the one it is made for; several pieces of jewellery form one set.
     *
     * @return empty when they cannot all be worn at once
     */
    public static Optional<Map<Slot, List<Piece>>> of(List<Piece> pieces) {
        List<Piece> single = new ArrayList<>();
        List<Piece> jewellery = new ArrayList<>();
        pieces.forEach(piece -> (piece.isFirstOf(Slot.JEWELLERY) ? jewellery : single).add(piece));
        // Of two pieces that can both be the top, the thinner goes beneath, but a knit goes over a shirt.
        single.sort(Comparator.comparing((Piece piece) -> piece.roles().size())
                .thenComparing(piece -> piece.is(Trait.PULLOVER))
                .thenComparing(Piece::centiClo));
        Best best = new Best();
        best.place(single, 0, new EnumMap<>(Slot.class), 0);
        if (best.slots == null) {
            return Optional.empty();
        }
        Map<Slot, List<Piece>> slots = new EnumMap<>(Slot.class);
        best.slots.forEach((slot, piece) -> slots.put(slot, List.of(piece)));
        if (!jewellery.isEmpty()) {
            slots.put(Slot.JEWELLERY, jewellery);
        }
        return Optional.of(slots);
    }

    /** The assignment that moves the fewest pieces from their usual slot. */
    private static final class Best {
        /** With trousers or a skirt, a dress is a layer. */
        private static final int DRESS_WITH_BOTTOM = 5;

        private Map<Slot, Piece> slots;
        private int cost = Integer.MAX_VALUE;

        void place(List<Piece> pieces, int at, Map<Slot, Piece> placed, int soFar) {
            if (soFar >= cost) {
                return;
            }
            if (at == pieces.size()) {
                int whole = soFar
                        + (placed.containsKey(Slot.ONEPIECE) && placed.containsKey(Slot.BOTTOM)
                                ? DRESS_WITH_BOTTOM
                                : 0);
                if (whole < cost) {
                    slots = new EnumMap<>(placed);
                    cost = whole;
                }
                return;
            }
            List<Slot> roles = pieces.get(at).roles();
            for (int role = 0; role < roles.size(); role++) {
                if (!placed.containsKey(roles.get(role))) {
                    placed.put(roles.get(role), pieces.get(at));
                    place(pieces, at + 1, placed, soFar + role);
                    placed.remove(roles.get(role));
                }
            }
        }
    }
}
