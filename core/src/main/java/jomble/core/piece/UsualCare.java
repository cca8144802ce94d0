package jomble.core.piece;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** How a piece is usually cleaned, by what it is and what it is made of. Our choice, from the care labels of trade. */
final class UsualCare {
    private static final int MAINLY = 50;
    private static final Set<Fibre> WOOL =
            EnumSet.of(Fibre.WOOL, Fibre.MERINO, Fibre.CASHMERE, Fibre.MOHAIR, Fibre.ALPACA);
    private static final Set<Cloth> DELICATE = EnumSet.of(Cloth.SATIN, Cloth.CHIFFON, Cloth.LACE);
    private static final Set<Surface> WOVEN = EnumSet.of(Surface.WOVEN, Surface.PILE, Surface.LUSTROUS);
    /** Pieces of several seams and linings, which a wash would draw out of shape where the cloth is silk. */
    private static final Set<Family> CUT = EnumSet.of(Family.ONE_PIECE, Family.BOTTOM, Family.JACKET, Family.DRAPE);

    private final Kind kind;
    private final Cloth cloth;
    private final List<FibreShare> fibres;
    private final boolean isTailored;

    /** @param isTailored whether the piece has an inner construction, like a blazer */
    private UsualCare(Kind kind, Cloth cloth, List<FibreShare> fibres, boolean isTailored) {
        this.kind = kind;
        this.cloth = cloth;
        this.fibres = fibres;
        this.isTailored = isTailored;
    }

    static Care of(Kind kind, Cloth cloth, List<FibreShare> fibres, boolean isTailored) {
        return new UsualCare(kind, cloth, fibres, isTailored).care();
    }

    private Care care() {
        CareMethod method = method();
        int wears = switch (kind.family()) {
            case TOP, BASE_LAYER, LEGWEAR -> isMainly(WOOL) ? 4 : 1;
            case BOTTOM, MID_LAYER, DRAPE -> 5;
            case ONE_PIECE -> 2;
            case JACKET -> 15;
            case COAT -> 40;
            case SHOES, ACCESSORY -> 60;
        };
        int daysOut = method == CareMethod.DRY_CLEAN ? 4 : method == CareMethod.WIPE ? 0 : 2;
        boolean isIroned = cloth.surface() == Surface.WOVEN && method != CareMethod.WIPE;
        return new Care(method, wears, daysOut, isIroned);
    }

    private CareMethod method() {
        if (isWiped()) {
            return CareMethod.WIPE;
        }
        boolean isSilk = isMainly(EnumSet.of(Fibre.SILK));
        boolean isWoven = WOVEN.contains(cloth.surface());
        boolean isWoollen = isMainly(WOOL);
        boolean needsTheCleaner = isTie()
                || isWoven && isWoollen
                || isWoven && isTailored
                || isWoven && isSilk && CUT.contains(kind.family())
                || cloth == Cloth.VELVET;
        if (needsTheCleaner) {
            return CareMethod.DRY_CLEAN;
        }
        return isWoollen || isSilk || DELICATE.contains(cloth) ? CareMethod.HAND : CareMethod.MACHINE;
    }

    /** Shoes, bags, belts, jewellery and hats; leather and rubber. Scarves and ties are cloth. */
    private boolean isWiped() {
        boolean isCloth = isMadeFor(Slot.NECK) || isTie();
        return kind.family() == Family.SHOES
                || kind.family() == Family.ACCESSORY && !isCloth
                || cloth.isLeather()
                || cloth == Cloth.RUBBER;
    }

    private boolean isTie() {
        return isMadeFor(Slot.TIE);
    }

    private boolean isMadeFor(Slot slot) {
        return kind.byDefault(Attribute.ROLES).orElse(List.of()).contains(slot);
    }

    private boolean isMainly(Set<Fibre> some) {
        return fibres.stream()
                        .filter(share -> some.contains(share.fibre()))
                        .mapToDouble(FibreShare::percent)
                        .sum()
                >= MAINLY;
    }
}
