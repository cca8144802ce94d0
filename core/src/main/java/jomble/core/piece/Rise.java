package jomble.core.piece;

import jomble.core.proportion.Landmark;

/** Where a bottom's waistband sits. */
public enum Rise implements Word {
    LOW(Landmark.LOW_RISE),
    MID(Landmark.MID_RISE),
    HIGH(Landmark.NATURAL_WAIST);

    private final Landmark landmark;

    Rise(Landmark landmark) {
        this.landmark = landmark;
    }

    /** Where a top tucked into this waistband ends. */
    public Landmark landmark() {
        return landmark;
    }
}
