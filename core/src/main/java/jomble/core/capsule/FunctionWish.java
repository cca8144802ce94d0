package jomble.core.capsule;

import jomble.core.piece.Word;

/** What a capsule has to do besides making outfits. Each wish can be switched off by name. */
public enum FunctionWish implements Word {
    /** The requested number of pieces of each family. */
    FAMILIES,
    /** A coat, where the coldest month of an occasion needs one. */
    COAT,
    /** A coat warm enough for each occasion in its coldest month. */
    WARM_COAT,
    /** A second one, in a large capsule whose occasions need a coat on most days of the week. */
    SECOND_WARM_COAT,
    /** Something that keeps the rain off, where it rains on a third of the days. */
    RAIN_COVER,
    /** Shoes that cover the toes. */
    CLOSED_SHOES,
    /** A second pair of shoes. */
    SECOND_SHOES,
    /** A tailored jacket, where an occasion is formal. */
    TAILORED_JACKET,
    /** At most half of the tops are knits. */
    KNITS,
    /** Sets are complete or left out, unless they may be broken. */
    SETS,
    /** At most the requested number of dry-clean pieces. */
    DRY_CLEAN,
    /** At most the requested number of colours. */
    PALETTE,
    /** Tops and bottoms in the proportion the school recommends. */
    TOPS_SHARE
}
