package jomble.core.judgement;

import java.util.EnumSet;
import java.util.Set;
import jomble.core.brief.DressCode;
import jomble.core.brief.Zone;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Hem;
import jomble.core.piece.Neckline;
import jomble.core.piece.Piece;
import jomble.core.piece.Rise;
import jomble.core.piece.Shaft;
import jomble.core.piece.Sleeve;
import jomble.core.piece.Slot;
import jomble.core.proportion.Landmark;

/**
 * The zones of the body covered by a piece that stays on indoors, in one context; none when the client does not ask for
 * any to be covered.
 */
final class CoveredZones {
    private static final Set<Neckline> SHOWS_CHEST = EnumSet.of(
            Neckline.V, Neckline.SCOOP, Neckline.SWEETHEART, Neckline.COWL, Neckline.OFF_SHOULDER, Neckline.STRAPLESS);
    private static final Set<Neckline> SHOWS_SHOULDERS =
            EnumSet.of(Neckline.OFF_SHOULDER, Neckline.STRAPLESS, Neckline.HALTER);

    private final boolean asked;
    private final boolean jacketStays;

    CoveredZones(JudgementContext context) {
        this.asked = !context.brief().boundaries().coverage().isEmpty();
        this.jacketStays = context.occasion().requires(DressCode.JACKET);
    }

    /** Bits {@code 1 << ordinal} of the zones. */
    int of(Worn worn) {
        return asked ? covered(worn, worn.piece()) : 0;
    }

    private int covered(Worn worn, Piece piece) {
        Slot slot = worn.slot();
        boolean stays = slot != Slot.COAT && slot != Slot.MID && (slot != Slot.JACKET || jacketStays);
        if (!stays || TradeTerms.isSheer(piece)) {
            return 0;
        }
        return switch (slot) {
            case BASE, TOP, ONEPIECE, JACKET -> upper(piece) | (slot == Slot.ONEPIECE ? lower(piece) : 0);
            case BOTTOM -> lower(piece) | (piece.rise() == Rise.HIGH ? bit(Zone.MIDRIFF) : 0);
            case DRAPE -> bit(Zone.MIDRIFF) | bit(Zone.KNEE) | bit(Zone.ANKLE) | bit(Zone.CHEST);
            case UNDERSKIRT -> bit(Zone.KNEE);
            case LEGWEAR -> Summariser.hidesTheLeg(worn) ? bit(Zone.KNEE) | bit(Zone.ANKLE) : 0;
            case SHOES -> {
                Shaft shaft = piece.get(Attribute.SHAFT);
                yield shaft == null || shaft == Shaft.NONE ? 0 : bit(Zone.ANKLE);
            }
            default -> 0;
        };
    }

    private static int upper(Piece piece) {
        Neckline neckline = piece.neckline();
        Sleeve sleeve = piece.sleeve() == null ? Sleeve.NONE : piece.sleeve();
        int covered = 0;
        if (!SHOWS_SHOULDERS.contains(neckline) && sleeve != Sleeve.STRAPS) {
            covered |= bit(Zone.SHOULDERS);
        }
        covered |= sleeve.coverFraction() >= Sleeve.SHORT.coverFraction() ? bit(Zone.UPPER_ARM) : 0;
        covered |= neckline == null || SHOWS_CHEST.contains(neckline) ? 0 : bit(Zone.CHEST);
        return covered | (piece.hem() == null || piece.hem() == Hem.WAIST ? 0 : bit(Zone.MIDRIFF));
    }

    private static int lower(Piece piece) {
        return (TradeTerms.reaches(piece, Landmark.KNEE) ? bit(Zone.KNEE) : 0)
                | (TradeTerms.reaches(piece, Landmark.ANKLE) ? bit(Zone.ANKLE) : 0);
    }

    private static int bit(Zone zone) {
        return 1 << zone.ordinal();
    }
}
