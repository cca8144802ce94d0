package jomble.core.judgement;

import java.util.Set;
import jomble.core.brief.DressCode;
import jomble.core.brief.Zone;

/**
 * Facts and small counts of an outfit. Each is a union or a capped sum over the pieces, so that those of a part say all there is
 * to know of the part.
 *
 * @param facts of {@link Sign}
 * @param statements pieces in sight that ask to be looked at, at most 3
 * @param heat things that hold heat: cloth that does not breathe next to the skin, a high neck, tights, boots; at most 2
 * @param covered zones of the body that layers which stay on cover, by ordinal of the zone
 * @param violated requirements a piece goes against, by ordinal of the dress code
 * @param accents small saturated pieces, at most 2
 * @param surfaces surfaces of the main pieces, and texture that is marked, as bits
 * @param families colour families of the main pieces, neutrals and all, as bits
 * @param darkest lightness L* of the darkest main piece, 100 for none
 * @param lightest of the lightest, 0 for none
 * @param mains main pieces, at most 2
 * @param named pieces that rulings on three pieces and more name, as bits
 */
public record Signs(
        long facts,
        int statements,
        int heat,
        int covered,
        int violated,
        int accents,
        int surfaces,
        int families,
        int darkest,
        int lightest,
        int mains,
        long named) {
    static final Signs NONE = new Signs(0, 0, 0, 0, 0, 0, 0, 0, 100, 0, 0, 0);

    public boolean has(Sign sign) {
        return (facts & sign.bit()) != 0;
    }

    /** Which of some facts hold, as a number for a rule's key. */
    public int among(Set<Sign> some) {
        long mask = 0;
        for (Sign sign : some) {
            mask |= sign.bit();
        }
        return (int) (facts & mask);
    }

    public boolean covers(Zone zone) {
        return (covered & 1 << zone.ordinal()) != 0;
    }

    public boolean violates(DressCode code) {
        return (violated & 1 << code.ordinal()) != 0;
    }
}
