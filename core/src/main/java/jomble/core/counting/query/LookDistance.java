package jomble.core.counting.query;

import java.util.Set;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.Option;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * How different two looks with one piece are to the eye: the weights of the counted slots that differ, without the slot
 * that holds the piece itself. Trousers make more of a difference than a belt, and what nobody sees makes none.
 */
final class LookDistance {
    private final Slot[] visible;
    /** By option index, whether it is or contains the piece that all looks have. */
    private final boolean[] isHero;

    /** @param hero the piece that all looks have */
    LookDistance(SolutionSet set, PieceId hero) {
        Set<Slot> counted = set.question().counted().slots();
        this.visible = counted.stream().filter(slot -> weight(slot) > 0).toArray(Slot[]::new);
        this.isHero = new boolean[set.options().all().size()];
        set.options()
                .all()
                .forEach(option -> isHero[option.index()] = option.ids().contains(hero));
    }

    /** 3 for what covers the legs or the whole body, 2 for other clothes and shoes, 1 for the rest, 0 for what is unseen. */
    static int weight(Slot slot) {
        return switch (slot) {
            case BOTTOM, ONEPIECE, DRAPE -> 3;
            case TOP, MID, JACKET, SHOES -> 2;
            default -> CountedSlots.UNSEEN.contains(slot) ? 0 : 1;
        };
    }

    /** The counted slots that the eye sees. */
    Slot[] visible() {
        return visible;
    }

    /** Sum of the weights of the slots that differ. */
    int between(Option[] one, Option[] other) {
        int distance = 0;
        for (Slot slot : visible) {
            distance += in(slot, one[slot.ordinal()], other[slot.ordinal()]);
        }
        return distance;
    }

    /** What one slot adds to the distance of two looks. */
    int in(Slot slot, Option one, Option other) {
        return one == other || isHero(one) || isHero(other) ? 0 : weight(slot);
    }

    /** Number of slots in which the eye sees a difference. */
    int differences(Option[] one, Option[] other) {
        int different = 0;
        for (Slot slot : visible) {
            different += in(slot, one[slot.ordinal()], other[slot.ordinal()]) > 0 ? 1 : 0;
        }
        return different;
    }

    boolean isHero(Option option) {
        return option != null && isHero[option.index()];
    }
}
