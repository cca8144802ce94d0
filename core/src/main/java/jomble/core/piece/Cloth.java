package jomble.core.piece;

import static jomble.core.piece.Surface.KNIT;
import static jomble.core.piece.Surface.LUSTROUS;
import static jomble.core.piece.Surface.OTHER;
import static jomble.core.piece.Surface.PILE;
import static jomble.core.piece.Surface.WOVEN;

/**
 * A cloth or other material, with its season range, surface and dressiness.
 *
 * <p>Seasons run from 1, high summer, to 5, deep winter. Dressiness shifts formality against the cloth a kind is usually
 * made of. Both are our choice, from what cutters recommend.
 */
public enum Cloth implements Word {
    PLAIN_WEAVE(1, 5, WOVEN, 0, 2, 0, 0, 0, null),
    POPLIN(1, 5, WOVEN, 0, 2, 0, 0, 0, Fibre.COTTON),
    SEERSUCKER(1, 2, WOVEN, -1, 2, 1, 0, 0, Fibre.COTTON),
    LINEN(1, 2, WOVEN, -1, 2, 1, 0, 0, Fibre.LINEN),
    TWILL(1, 5, WOVEN, 0, 3, 0, 0, 0, null),
    DENIM(1, 5, Surface.DENIM, -1, 3, 1, 0, 0, Fibre.COTTON),
    CANVAS(1, 3, WOVEN, -1, 3, 1, 0, 0, Fibre.COTTON),
    CORDUROY(3, 5, PILE, -1, 3, 2, 0, 0, Fibre.COTTON),
    MOLESKIN(4, 5, PILE, -1, 4, 1, 0, 0, Fibre.COTTON),
    WORSTED(2, 4, WOVEN, 0, 3, 0, 0, 0, Fibre.WOOL),
    FLANNEL(4, 5, WOVEN, 0, 3, 1, 0, 0, Fibre.WOOL),
    TWEED(4, 5, WOVEN, -1, 4, 2, 0, 0, Fibre.WOOL),
    BOUCLE(2, 5, WOVEN, 0, 3, 2, 0, 0, Fibre.WOOL),
    CREPE(1, 5, WOVEN, 0, 2, 0, 0, 0, null),
    SATIN(1, 5, LUSTROUS, 1, 2, 0, 2, 0, null),
    VELVET(4, 5, PILE, 1, 3, 1, 1, 0, null),
    LACE(1, 4, OTHER, 1, 2, 2, 0, 2, null),
    CHIFFON(1, 4, WOVEN, 1, 1, 0, 0, 2, null),
    JERSEY(1, 5, KNIT, -1, 2, 0, 0, 0, null),
    RIB(3, 5, KNIT, 0, 3, 1, 0, 0, null),
    FINE_KNIT(2, 5, KNIT, 0, 2, 0, 0, 0, null),
    CABLE_KNIT(3, 5, KNIT, -1, 4, 2, 0, 0, Fibre.WOOL),
    CHUNKY_KNIT(4, 5, KNIT, -1, 4, 3, 0, 0, Fibre.WOOL),
    FLEECE(3, 5, KNIT, -1, 3, 1, 0, 0, null),
    QUILTED(4, 5, Surface.QUILTED, -1, 3, 2, 0, 0, Fibre.POLYAMIDE),
    LEATHER(2, 5, Surface.LEATHER, 0, 3, 0, 1, 0, Fibre.LEATHER),
    SUEDE(2, 5, Surface.LEATHER, 0, 3, 1, 0, 0, Fibre.SUEDE),
    STRAW(1, 2, OTHER, -1, 2, 2, 0, 0, Fibre.STRAW),
    METAL(1, 5, OTHER, 0, 2, 0, 3, 0, Fibre.METAL),
    RUBBER(1, 5, OTHER, -1, 3, 0, 1, 0, Fibre.RUBBER);

    private final int lightest;
    private final int heaviest;
    private final Surface surface;
    private final int dressiness;

    private final int usualWeight;
    private final int texture;
    private final int sheen;
    private final int sheerness;
    private final Fibre usualFibre;

    Cloth(
            int lightest,
            int heaviest,
            Surface surface,
            int dressiness,
            int usualWeight,
            int texture,
            int sheen,
            int sheerness,
            Fibre usualFibre) {
        this.usualWeight = usualWeight;
        this.texture = texture;
        this.sheen = sheen;
        this.sheerness = sheerness;
        this.usualFibre = usualFibre;
        this.lightest = lightest;
        this.heaviest = heaviest;
        this.surface = surface;
        this.dressiness = dressiness;
    }

    /** The season range of this cloth at a middling weight. */
    public SeasonRange seasons() {
        return new SeasonRange(lightest, heaviest);
    }

    public Surface surface() {
        return surface;
    }

    /** −1 dresses a garment down, +1 dresses it up. */
    public int dressiness() {
        return dressiness;
    }

    /** Whether garments of it are knitted in shape, as jumpers are; jersey and fleece are cut and sewn. */
    public boolean isKnitwear() {
        return this == RIB || this == FINE_KNIT || this == CABLE_KNIT || this == CHUNKY_KNIT;
    }

    public boolean isLeather() {
        return surface == Surface.LEATHER;
    }

    int usualWeight() {
        return usualWeight;
    }

    int texture() {
        return texture;
    }

    int sheen() {
        return sheen;
    }

    int sheerness() {
        return sheerness;
    }

    /** The fibre the cloth is made of, or null when it says little about the fibre. */
    Fibre usualFibre() {
        return usualFibre;
    }
}
