package jomble.core.piece;

/**
 * A fibre and its percentage of the cloth.
 *
 * @param percent 1..100
 */
public record FibreShare(Fibre fibre, int percent) {
    public FibreShare {
        if (percent < 1 || percent > 100) {
            throw new IllegalArgumentException("a percentage lies in 1..100: " + percent);
        }
    }
}
