package jomble.core.judgement;

import jomble.core.piece.Word;

/** How much of an outfit a rule may see. Exact counting relies on it. */
public enum Scope implements Word {
    PIECE,
    PAIR,
    WHOLE
}
