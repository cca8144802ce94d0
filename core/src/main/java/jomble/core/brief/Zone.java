package jomble.core.brief;

import jomble.core.piece.Word;

/** A part of the body a client may want covered. */
public enum Zone implements Word {
    SHOULDERS,
    UPPER_ARM,
    MIDRIFF,
    CHEST,
    KNEE,
    ANKLE
}
