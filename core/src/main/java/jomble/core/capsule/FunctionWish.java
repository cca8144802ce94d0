package jomble.core.capsule;

import jomble.core.piece.Word;

/** What a capsule has to do besides making outfits. Each can be switched off by its name. */
public enum FunctionWish implements Word {
    /** As many pieces of a family as was asked for. */
    FAMILIES,
    /** A coat, where the coldest month is cool. */
    COAT,
    /** A coat in which the client is warm enough in the coldest month. */
    WARM_COAT,
    /** Something that keeps the rain off, where it rains on a third of the days. */
    RAIN_COVER,
    /** Shoes that cover the toes. */
    CLOSED_SHOES,
    /** A second pair of shoes. */
    SECOND_SHOES,
    /** A tailored jacket, where an occasion is formal. */
    TAILORED_JACKET,
    /** Knits are half of the tops at most. */
    KNITS,
    /** Sets are whole or left out, where they are not to be broken. */
    SETS,
    /** No more pieces for the dry-cleaner than was asked for. */
    DRY_CLEAN,
    /** No more colours than was asked for. */
    PALETTE,
    /** Tops and bottoms in the share the school asks for. */
    TOPS_SHARE
}
