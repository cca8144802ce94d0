package jomble.core.piece;

/**
 * What the values of an attribute look like.
 *
 * @param name word, words, integer, decimal, text, date, colours, fibres, construction, care, money, errand or tags
 * @param least smallest number, or 0
 * @param most largest number, most characters of a text, or 0 where it has no such limit
 */
public record ValueForm(String name, double least, double most) {
    static ValueForm of(String name) {
        return new ValueForm(name, 0, 0);
    }
}
