package jomble.server.counting;

import jomble.core.piece.Word;

/** In what order a list of outfits is sorted. */
enum ListOrder implements Word {
    /** The same every time: verdict, structure, and the ids of pieces. */
    STABLE,
    /** Best first, and varied. */
    BEST,
    /** What works before what is daring, of one verdict by credits, of as many in the stable order. */
    CREDITS
}
