package jomble.core.brief;

import jomble.core.piece.Word;

/** A material the client's skin does not tolerate. */
public enum Sensitivity implements Word {
    NICKEL,
    WOOL,
    LATEX,
    DYE
}
