package jomble.core.piece;

import jomble.core.proportion.Landmark;

/** Where a garment ends, named by the place on the body it reaches. */
public enum Hem implements Word {
    WAIST(Landmark.NATURAL_WAIST),
    HIGH_HIP(Landmark.HIGH_HIP),
    HIP(Landmark.HIP),
    LOW_HIP(Landmark.LOW_HIP),
    UPPER_THIGH(Landmark.UPPER_THIGH),
    MID_THIGH(Landmark.MID_THIGH),
    ABOVE_KNEE(Landmark.ABOVE_KNEE),
    KNEE(Landmark.KNEE),
    MID_CALF(Landmark.MID_CALF),
    CALF(Landmark.MID_CALF),
    ANKLE(Landmark.ANKLE),
    FULL_LENGTH(Landmark.FLOOR);

    private final Landmark landmark;

    Hem(Landmark landmark) {
        this.landmark = landmark;
    }

    public Landmark landmark() {
        return landmark;
    }

    /** Whether a top ending here leaves the waist in view. */
    public boolean isCropped() {
        return this == WAIST;
    }
}
