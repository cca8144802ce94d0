package jomble.core.piece;

/** What a cloth's surface reads as, when two pieces of nearly one colour meet. */
public enum Surface {
    WOVEN,
    KNIT,
    DENIM,
    PILE,
    LUSTROUS,
    LEATHER,
    QUILTED,
    OTHER
}
