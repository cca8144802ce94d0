package jomble.core.piece;

/**
 * What rules, readings and plans ask of a kind. The table of kinds says which kind has which, so that a new kind takes
 * part in every rule by a line of the table.
 */
public enum Trait implements Word {
    /** A top without sleeves or collar. */
    BARE_TOP,
    BLOUSE,
    BODYSUIT,
    /** Boots of any height. */
    BOOT,
    CARDIGAN,
    CARGO_TROUSERS,
    /** Trousers that make a suit jacket casual. */
    CASUAL_BOTTOM,
    /** A layer as long and free as a coat. */
    COAT_LIKE,
    /** A one-piece without legs of its own. */
    DRESS,
    /** A drape that dresses its wearer. */
    DRESSING_DRAPE,
    /** Shoes that are dressed up. */
    DRESS_SHOE,
    DUPATTA,
    EARRINGS,
    /** A plain jacket that goes over a shirt worn open. */
    FIELD_JACKET,
    FITTED_BLOUSE,
    /** Made for winter, whatever its cloth. */
    FOR_WINTER,
    HOODED_TOP,
    /** A layer that does what a jacket does. */
    JACKET_BY_ANOTHER_NAME,
    JOGGING_BOTTOMS,
    /** A knitted top. */
    JUMPER,
    KNITTED_JACKET,
    /** Laid over festive dress. */
    LAID_OVER,
    LEATHER_JACKET,
    LEGGINGS,
    LONG_FLARED_SKIRT,
    LONG_GLOVES,
    /** Has no sleeves of its own, or loose ones. */
    LOOSE_SLEEVED,
    /** A loose end that can catch. */
    LOOSE_WRAP,
    NECKLACE,
    /** A layer that may be lighter or closer than what is beneath it. */
    OF_ANY_WEIGHT,
    OPAQUE_TIGHTS,
    /** Shoes that need not match a belt. */
    OPEN_OR_SPORTING_SHOE,
    /** A one-piece made to be worn over a top. */
    OVERDRESS,
    OVERSHIRT,
    PLAYSUIT,
    /** Trousers for work and sport, never with tailoring. */
    PLAY_TROUSERS,
    /** One piece of it is spoken of in the plural, though its family is not. */
    PLURAL,
    /** A jumper made to be worn over a shirt. */
    PULLOVER,
    /** Keeps the rain off. */
    RAIN_COVER,
    ROLL_NECK,
    /** A layer too rough for suit trousers. */
    ROUGH_LAYER,
    SANDALS,
    SARI,
    SCARF,
    SHEER_TIGHTS,
    SHIRT,
    SHIRT_DRESS,
    /** A shirt or a blouse. */
    SHIRT_OR_BLOUSE,
    /** Short trousers. */
    SHORTS,
    /** A skirt, underskirts included. */
    SKIRT,
    SOCKS,
    /** Shoes that festive dress does not go with. */
    STREET_SHOE,
    SUIT_JACKET,
    /** Shoes for high summer. */
    SUMMER_SHOE,
    SWIMSUIT,
    /** A jacket cut as tailoring. */
    TAILORED_JACKET,
    TAILORED_TROUSERS,
    /** Boots to the knee or above. */
    TALL_BOOT,
    /** A coat for town, not for rough days. */
    TOWN_COAT,
    /** Shoes that rough days ruin. */
    TOWN_SHOE,
    /** A skirt that sweeps the floor of a laboratory. */
    TRAILING_SKIRT,
    TRAINERS,
    UNDERSKIRT,
    /** A shirt may be worn open over it. */
    UNDER_OPEN_SHIRT,
    /** Nobody has named it yet: it is kept, and in no outfit. */
    UNNAMED,
    WAISTCOAT,
    /** A top that a dupatta is worn with. */
    WORN_WITH_DUPATTA,
    /** A bottom that a suit may be broken with. */
    WORN_WITH_SUIT_JACKET,
    WRAPPED_CLOTH
}
