package jomble.server.counting;

import jomble.core.piece.Word;

/** The order of a list of outfits. */
enum ListOrder implements Word {
    /** Deterministic: by verdict, structure, and the ids of pieces. */
    STABLE,
    /** Best first, and varied. */
    BEST,
    /** By verdict, then credits, then the stable order. */
    CREDITS,
    /** By verdict, then colour scheme, then the stable order. */
    SCHEME
}
