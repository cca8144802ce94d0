package jomble.core.judgement;

/**
 * A fact about an outfit that holds as soon as one piece makes it true. All of them are one measure of 64 bits, so there
 * may be 64; whoever needs more makes a second measure of them. {@link #bit()} refuses the 65th.
 */
public enum Sign {
    /** A see-through top or one-piece. */
    SHEER_OUTER,
    /** An opaque base, or an opaque top beneath a one-piece. */
    OPAQUE_BENEATH,
    /** A one-piece made to be worn over a top. */
    OVERDRESS,
    TOP_WORN,
    STRAPPY_DRESS,
    /** A mid layer or a jacket. */
    LAYER_OVER,
    FITTED_BLOUSE,
    FASTENS_AT_THE_SIDE,
    LONG_FLARED_SKIRT,
    DRAPE_WORN,
    UNDERSKIRT_WORN,
    /** A hem that leaves the lower leg visible. */
    LEG_SHOWN,
    /** Trousers to the ankle. */
    LEG_COVERED,
    SHEER_LEGWEAR,
    OPAQUE_LEGWEAR,
    CLOSED_SHOES,
    OPEN_SHOES,
    ACCESSORY_WORN,
    STATEMENT_NECKLACE,
    STATEMENT_EARRINGS,
    /** A patterned main piece. */
    PATTERN_WORN,
    JACKET_WORN,
    TIE_WORN,
    /** A sleeve to the elbow or below, or a short one, on a layer that stays on. */
    SLEEVES_WORN,
    /** A main piece that is not near-black. */
    NOT_BLACK,
    /** A main piece that is near-black. */
    BLACK_WORN,
    /** A dress, except one made to be worn over a top. */
    DRESS_WORN,
    /** A top with sleeves or a collar of its own, neither a vest nor a camisole. */
    FULL_TOP_WORN,
    MID_WORN,
    TAILORED_JACKET_WORN,
    SHORTS_WORN,
    LEGGINGS_WORN,
    /** A hem that comes down over the seat. */
    SEAT_COVERED,
    DENIM_TOP,
    DENIM_LEGS,
    DENIM_MID,
    DENIM_JACKET,
    /** A jumper worn as the top. */
    JUMPER_TOP,
    /** A jumper or a cardigan worn as a layer. */
    KNIT_OVER,
    SANDALS_WORN,
    DUPATTA_WORN,
    /** A belt, a bag, a scarf or jewellery: something for the eye in an outfit of one colour. */
    TRIMMING_WORN,
    /** A half tuck, which shows the waist in front only. */
    WAIST_HALF_DEFINED,
    /** By a tuck, a knot, a cropped hem or a belt. */
    WAIST_DEFINED,
    CLOSE_TOP,
    /** A roomy layer over whatever is beneath. */
    ROOMY_OUTER,
    /** Long sleeves, on whatever is worn beneath a coat. */
    LONG_SLEEVES_WORN,
    /** By a coat that ends at the knee or below. */
    KNEES_COVERED;

    long bit() {
        if (ordinal() >= Long.SIZE) {
            throw new IllegalStateException(this + " is one sign more than the 64 that a measure holds");
        }
        return 1L << ordinal();
    }
}
