package jomble.core.judgement;

import jomble.core.piece.Word;

/** The severity of a finding, lightest first. */
public enum FindingKind implements Word {
    /** Something that works well. Ranks outfits with the same verdict, never makes up for a caution. */
    CREDIT(0),
    /** A remark that changes no verdict, such as what would finish the outfit. */
    NOTE(0),
    /** A detail worth a second look. */
    MINOR(1),
    /** Breaks a principle most eyes notice. */
    MAJOR(2),
    /** Cannot be worn. */
    STOP(0);

    private final int points;

    FindingKind(int points) {
        this.points = points;
    }

    /** Points added to the outfit's sum; a stop decides by itself and adds none. */
    public int points() {
        return points;
    }

    /** Whether it speaks against the outfit. */
    public boolean isFault() {
        return compareTo(MINOR) >= 0;
    }

    /** One step harder; a stop stays one. */
    public FindingKind harder() {
        return switch (this) {
            case MINOR -> MAJOR;
            case MAJOR, STOP -> STOP;
            case CREDIT, NOTE -> this;
        };
    }

    /** One step milder; null for a minor finding, which disappears. */
    public FindingKind softer() {
        return switch (this) {
            case STOP -> MAJOR;
            case MAJOR -> MINOR;
            case MINOR -> null;
            case CREDIT, NOTE -> this;
        };
    }
}
