package jomble.core.piece;

import java.util.List;

/** The shape of a garment's neck. */
public enum Neckline implements Word {
    CREW,
    V,
    SCOOP,
    BOAT,
    SQUARE,
    SWEETHEART,
    HALTER,
    HIGH,
    ROLL,
    POINT_COLLAR,
    BAND_COLLAR,
    BOW,
    OFF_SHOULDER,
    COWL,
    STRAPLESS;

    private static final List<Neckline> DEEP_TO_HIGH = List.of(
            STRAPLESS,
            OFF_SHOULDER,
            COWL,
            V,
            SWEETHEART,
            SCOOP,
            SQUARE,
            HALTER,
            BOAT,
            CREW,
            POINT_COLLAR,
            BOW,
            BAND_COLLAR,
            HIGH,
            ROLL);

    /** Whether it shows above another one it is worn beneath. */
    public boolean isHigherThan(Neckline other) {
        return DEEP_TO_HIGH.indexOf(this) > DEEP_TO_HIGH.indexOf(other);
    }

    @Override
    public String words() {
        return this == V ? "V" : Word.super.words();
    }
}
