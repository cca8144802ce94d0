package jomble.core.judgement;

import java.util.EnumSet;
import java.util.Set;
import jomble.core.colour.Lab;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.Fit;
import jomble.core.piece.Neckline;
import jomble.core.piece.Piece;
import jomble.core.piece.Shaft;
import jomble.core.piece.Trait;
import jomble.core.proportion.Landmark;

/** Trade terms for groups of pieces, such as tailoring, jumpers and dress shoes. */
public final class TradeTerms {
    private static final int ANKLE_SHAFT = 100;
    private static final int MID_CALF_SHAFT = 190;
    private static final int KNEE_SHAFT = 270;
    private static final int OVER_KNEE_SHAFT = 330;
    private static final int SHEER = 2;
    private static final double BLACK_L = 25;
    private static final double BLACK_CHROMA = 8;
    private static final Set<Cloth> COUNTRY =
            EnumSet.of(Cloth.TWEED, Cloth.CORDUROY, Cloth.FLANNEL, Cloth.MOLESKIN, Cloth.LINEN);

    private TradeTerms() {}

    /** A blazer, a suit jacket, a dinner jacket. */
    public static boolean isTailoredJacket(Piece piece) {
        return piece.is(Trait.TAILORED_JACKET);
    }

    /** A knit that is pulled over the head. */
    public static boolean isJumper(Piece piece) {
        return piece.is(Trait.JUMPER);
    }

    /** A close roll-neck: it lies flat under what is worn over it. */
    public static boolean isCloseRollNeck(Piece piece) {
        return piece.fit() == Fit.CLOSE && (piece.neckline() == Neckline.ROLL || piece.neckline() == Neckline.HIGH);
    }

    public static boolean isShirtOrBlouse(Piece piece) {
        return piece.is(Trait.SHIRT) || piece.is(Trait.BLOUSE);
    }

    public static boolean isShorts(Piece piece) {
        return piece.is(Trait.SHORTS);
    }

    /** Shorts, or a one-piece that ends in them. */
    public static boolean isShortsOrPlaysuit(Piece piece) {
        return isShorts(piece) || piece.is(Trait.PLAYSUIT);
    }

    public static boolean isSkirtOrDress(Piece piece) {
        return piece.kind().isSkirt() || piece.kind().isDress();
    }

    /** Whether its hem reaches a landmark on a figure of average proportions; false for pieces without a hem. */
    static boolean reaches(Piece piece, Landmark height) {
        return piece.hem() != null && piece.hem().landmark().meanPermille() <= height.meanPermille();
    }

    /** Height to which boots cover the leg on a figure of average proportions, in thousandths of stature; 0 for shoes. */
    public static int shaftPermille(Piece shoes) {
        Shaft shaft = shoes.get(Attribute.SHAFT);
        return shaft == null
                ? 0
                : switch (shaft) {
                    case NONE -> 0;
                    case ANKLE -> ANKLE_SHAFT;
                    case MID_CALF -> MID_CALF_SHAFT;
                    case KNEE -> KNEE_SHAFT;
                    case OVER_KNEE -> OVER_KNEE_SHAFT;
                };
    }

    /** A see-through cloth. */
    public static boolean isSheer(Piece piece) {
        Integer sheerness = piece.get(Attribute.SHEERNESS);
        return sheerness != null && sheerness >= SHEER;
    }

    /** So dark and so unsaturated that it reads as black. */
    public static boolean isNearBlack(Piece piece) {
        Lab lab = piece.dominant();
        return lab.l() <= BLACK_L && lab.chroma() <= BLACK_CHROMA;
    }

    /** Tailored trousers that belong to a set. */
    public static boolean isSuitTrousers(Piece piece) {
        return piece.is(Trait.TAILORED_TROUSERS) && piece.setId() != null;
    }

    /** Country cloth: tweed, corduroy, flannel, moleskin, linen. */
    public static boolean isCountryCloth(Piece piece) {
        return COUNTRY.contains(piece.cloth());
    }
}
