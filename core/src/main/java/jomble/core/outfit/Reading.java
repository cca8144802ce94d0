package jomble.core.outfit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/**
 * Which of several ways to assign the same pieces to slots is the one that counts, when all of them look the same. A
 * knit over a strappy dress is one look, whether the dress is called a one-piece under a layer or a skirt under a top;
 * so is a padded sleeveless jacket over a shirt, as a mid layer or as a coat.
 *
 * <p>The reading depends on the roles of the pieces alone, never on a verdict: what can be a one-piece under a layer is
 * no skirt under a top, and layers take the slots of their first choice, as long as their order from the inside out
 * remains.
 */
public final class Reading {
    private static final int LAYERS = Slot.LAYERS.size();
    /** Bits that say of one layer which layers it could be, and which of them comes first. */
    private static final int BITS = 5;

    private static final int MASK = (1 << BITS) - 1;
    private static final int LAYER_BITS = BITS * LAYERS;
    private static final int TOP_IS_A_LAYER = 1 << LAYER_BITS;
    private static final int BOTTOM_IS_A_ONEPIECE = 2 << LAYER_BITS;
    private static final int ONEPIECE_WORN = 4 << LAYER_BITS;
    private static final int SKIRT_OF_A_DRESS = TOP_IS_A_LAYER | BOTTOM_IS_A_ONEPIECE;

    /** For the layers worn, by their bits, whether they are in the slots that count. */
    private static final boolean[] COUNTS = new boolean[1 << LAYER_BITS];

    static {
        for (int layers = 0; layers < COUNTS.length; layers++) {
            COUNTS[layers] = Arrays.equals(best(layers), filled(layers));
        }
    }

    private Reading() {}

    /** The outfit in the reading that counts; pieces in other slots lose their finishes. */
    public static Outfit of(Outfit outfit) {
        if (counts(outfit.worn())) {
            return outfit;
        }
        // Only once the layers are in place is it known whether one is free for the top.
        List<Worn> read = inLayers(outfit.worn());
        if (isSkirtOfADress(roles(read))) {
            read = inLayers(read.stream()
                    .map(worn -> in(slotOverADress(worn.slot()), worn))
                    .toList());
        }
        return Outfit.of(read);
    }

    /** Pieces with the layers in the slots that count; layers are given from the inside out. */
    private static List<Worn> inLayers(List<Worn> outfit) {
        int[] layers = best(roles(outfit));
        List<Worn> read = new ArrayList<>();
        int next = 0;
        for (Worn worn : outfit) {
            read.add(Slot.LAYERS.contains(worn.slot()) ? in(Slot.LAYERS.get(layers[next++]), worn) : worn);
        }
        return read;
    }

    private static Worn in(Slot slot, Worn worn) {
        return slot == worn.slot() ? worn : Worn.of(slot, worn.pieces());
    }

    private static Slot slotOverADress(Slot slot) {
        return slot == Slot.TOP ? Slot.MID : slot == Slot.BOTTOM ? Slot.ONEPIECE : slot;
    }

    /** Whether pieces worn like this are in the reading that counts. */
    public static boolean counts(List<Worn> worn) {
        return counts(roles(worn));
    }

    /** As {@link #counts(List)}, of the united {@link #roles(Slot, Piece)} of what is worn. */
    public static boolean counts(int roles) {
        return !isSkirtOfADress(roles) && COUNTS[roles & COUNTS.length - 1];
    }

    private static boolean isSkirtOfADress(int roles) {
        boolean isFree = (roles & (ONEPIECE_WORN | MASK)) == 0;
        return isFree && (roles & SKIRT_OF_A_DRESS) == SKIRT_OF_A_DRESS;
    }

    private static int roles(List<Worn> outfit) {
        int roles = 0;
        for (Worn worn : outfit) {
            roles |= roles(worn.slot(), worn.piece());
        }
        return roles;
    }

    /** What a piece in a slot could be as well, as bits; those of an outfit's pieces are united. */
    public static int roles(Slot slot, Piece piece) {
        return switch (slot) {
            case TOP -> piece.hasRole(Slot.MID) ? TOP_IS_A_LAYER : 0;
            case BOTTOM -> piece.hasRole(Slot.ONEPIECE) ? BOTTOM_IS_A_ONEPIECE : 0;
            case ONEPIECE -> ONEPIECE_WORN;
            case MID, JACKET, COAT -> layerRoles(slot, piece);
            default -> 0;
        };
    }

    private static int layerRoles(Slot slot, Piece piece) {
        int own = Slot.LAYERS.indexOf(slot);
        int able = 1 << own;
        int first = own;
        for (int i = piece.roles().size() - 1; i >= 0; i--) {
            int layer = Slot.LAYERS.indexOf(piece.roles().get(i));
            if (layer >= 0) {
                able |= 1 << layer;
                first = layer;
            }
        }
        return (first << LAYERS | able) << BITS * own;
    }

    /** The layers that are filled, from the inside out. */
    private static int[] filled(int roles) {
        int[] filled = new int[LAYERS];
        int count = 0;
        for (int layer = 0; layer < LAYERS; layer++) {
            if ((roles >> BITS * layer & MASK) != 0) {
                filled[count++] = layer;
            }
        }
        return Arrays.copyOf(filled, count);
    }

    /** The layers of the reading that counts: most pieces where they are by first choice, then the innermost. */
    private static int[] best(int roles) {
        int[] filled = filled(roles);
        int[] best = filled;
        int fewest = Integer.MAX_VALUE;
        for (int set = 0; set < 1 << LAYERS; set++) {
            if (Integer.bitCount(set) == filled.length) {
                int[] layers = new int[filled.length];
                int elsewhere = 0;
                boolean isAble = true;
                for (int i = 0, left = set; i < layers.length; i++, left &= left - 1) {
                    layers[i] = Integer.numberOfTrailingZeros(left);
                    int own = roles >> BITS * filled[i] & MASK;
                    isAble &= (own & 1 << layers[i]) != 0;
                    elsewhere += own >> LAYERS == layers[i] ? 0 : 1;
                }
                if (isAble && elsewhere < fewest) {
                    fewest = elsewhere;
                    best = layers;
                }
            }
        }
        return best;
    }
}
