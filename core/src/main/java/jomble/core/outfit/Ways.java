package jomble.core.outfit;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jomble.core.piece.Attribute;
import jomble.core.piece.Finish;
import jomble.core.piece.Hem;
import jomble.core.piece.Opening;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** The ways to wear a piece in a slot, simplest first. */
public final class Ways {
    private static final Set<Finish> OF_A_TOP =
            EnumSet.of(Finish.TUCKED, Finish.HALF_TUCKED, Finish.KNOTTED, Finish.BELTED);

    /** How a shirt is closed over a fine roll-neck. */
    private static final Set<Finish> OVER_A_ROLL_NECK = EnumSet.of(Finish.TUCKED, Finish.KNOTTED);

    private Ways() {}

    /**
     * Every way that can affect a verdict. Finishes given in the argument are replaced.
     *
     * @return at least one, each with the same pieces and slot
     */
    public static List<Worn> of(Worn worn) {
        Worn plain = worn.asItComes();
        return switch (plain.slot()) {
            case TOP -> waysOfATop(plain);
            case MID -> waysOfAMid(plain);
            case BOTTOM, ONEPIECE -> waysOfLegs(plain);
            default -> List.of(plain);
        };
    }

    private static List<Worn> waysOfATop(Worn plain) {
        Piece piece = plain.piece();
        if (isAlwaysTucked(piece)) {
            return List.of(plain.finished(Finish.TUCKED));
        }
        List<Worn> ways = new ArrayList<>();
        ways.add(plain.finished(Finish.UNTUCKED));
        for (Finish finish : piece.finishes()) {
            if (OF_A_TOP.contains(finish)) {
                ways.add(plain.finished(finish));
            }
        }
        return ways;
    }

    private static List<Worn> waysOfAMid(Worn plain) {
        Piece piece = plain.piece();
        if (piece.opening() == Opening.NONE) {
            return List.of(plain);
        }
        List<Worn> ways = new ArrayList<>(List.of(plain.finished(Finish.OPEN)));
        boolean staysOpen = piece.opening() == Opening.OPEN_FRONT || !piece.isFirstOf(Slot.MID);
        if (!staysOpen) {
            // A waistcoat is buttoned unless that spoils something; a cardigan hangs open.
            ways.add(piece.is(Trait.WAISTCOAT) ? 0 : 1, plain.finished(Finish.BUTTONED));
        }
        if (piece.isFirstOf(Slot.TOP)) {
            piece.finishes().stream().filter(OVER_A_ROLL_NECK::contains).forEach(way -> ways.add(plain.finished(way)));
        }
        if (piece.kind().isDress() && piece.finishes().contains(Finish.BELTED)) {
            ways.add(plain.finished(Finish.OPEN).finished(Finish.BELTED));
        }
        return ways;
    }

    /** A cuff matters only if a hem was tailored for a heel, and only casual cloth takes one. */
    private static List<Worn> waysOfLegs(Worn plain) {
        Piece piece = plain.piece();
        boolean cuffs = piece.finishes().contains(Finish.CUFFED_HEM)
                && piece.get(Attribute.HEMMED_FOR_HEEL_CM) != null
                && piece.hem() == Hem.FULL_LENGTH;
        return cuffs ? List.of(plain, plain.finished(Finish.CUFFED_HEM)) : List.of(plain);
    }

    /** A bodysuit has no hem to wear out. */
    public static boolean isAlwaysTucked(Piece piece) {
        return piece.is(Trait.BODYSUIT);
    }
}
