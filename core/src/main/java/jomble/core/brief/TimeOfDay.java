package jomble.core.brief;

import jomble.core.piece.Word;

/** When in the day an occasion is. */
public enum TimeOfDay implements Word {
    MORNING,
    DAYTIME,
    EVENING,
    NIGHT
}
