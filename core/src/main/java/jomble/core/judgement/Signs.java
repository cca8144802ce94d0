package jomble.core.judgement;

import java.util.Set;
import jomble.core.brief.DressCode;
import jomble.core.brief.Zone;

/**
 * Facts and small counts of an outfit. Each is a union or a capped sum over the pieces, so that those of a part say all there is
 * to know of the part.
 */
public interface Signs {
    /** {@link Sign}s that hold, as bits. */
    long facts();

    /** Pieces in sight that ask to be looked at, at most 3. */
    int statements();

    /** Things that hold heat: cloth that does not breathe next to the skin, a high neck, tights, boots; at most 2. */
    int heat();

    /** Zones of the body that layers which stay on cover, by ordinal of the zone. */
    int covered();

    /** Requirements a piece goes against, by ordinal of the dress code. */
    int violated();

    /** Small saturated pieces, at most 2. */
    int accents();

    /** Surfaces of the main pieces, and texture that is marked, as bits. */
    int surfaces();

    /** Families of the main pieces' saturated colours, as bits. */
    int saturated();

    /** Colour families of the main pieces, neutrals and all, as bits. */
    int families();

    /** Lightness L* of the darkest main piece, 100 for none. */
    int darkest();

    /** Of the lightest, 0 for none. */
    int lightest();

    /** Main pieces, at most 2. */
    int mains();

    /** Pieces that rulings on three pieces and more name, as bits. */
    long named();

    default boolean has(Sign sign) {
        return (facts() & sign.bit()) != 0;
    }

    /** Which of some facts hold, as a number for a rule's key. */
    default long among(Set<Sign> some) {
        long mask = 0;
        for (Sign sign : some) {
            mask |= sign.bit();
        }
        return facts() & mask;
    }

    default boolean covers(Zone zone) {
        return (covered() & 1 << zone.ordinal()) != 0;
    }

    default boolean violates(DressCode code) {
        return (violated() & 1 << code.ordinal()) != 0;
    }
}
