package jomble.core.judgement;

/**
 * The coat taken where none recorded is worn: warmth and nothing else, as much as people put on at the door for the
 * air outside. Our choice from what practitioners wear; from thirteen degrees on a layer is wanted, and that is part
 * of the outfit.
 */
final class AssumedCoat {
    private static final double NONE_FROM_C = 13;
    private static final double LIGHT_FROM_C = 6;
    private static final double WARM_FROM_C = 0;
    private static final int LIGHT_CENTI_CLO = 45;
    private static final int WARM_CENTI_CLO = 70;
    private static final int WARMEST_CENTI_CLO = 90;

    private AssumedCoat() {}

    /** Its insulation in hundredths of a clo at an air temperature; 0 for none. */
    static int centiClo(double airC) {
        if (airC >= NONE_FROM_C) {
            return 0;
        }
        if (airC >= LIGHT_FROM_C) {
            return LIGHT_CENTI_CLO;
        }
        return airC >= WARM_FROM_C ? WARM_CENTI_CLO : WARMEST_CENTI_CLO;
    }
}
