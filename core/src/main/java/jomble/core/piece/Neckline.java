package jomble.core.piece;

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

    @Override
    public String words() {
        return this == V ? "V" : Word.super.words();
    }
}
