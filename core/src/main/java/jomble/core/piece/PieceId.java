package jomble.core.piece;

/** The name of a piece within its wardrobe: any text of 1 to 64 characters. */
public record PieceId(String value) implements Comparable<PieceId> {
    public PieceId {
        if (value.isEmpty() || value.codePointCount(0, value.length()) > 64) {
            throw new IllegalArgumentException("an id has 1 to 64 characters: " + value);
        }
    }

    @Override
    public int compareTo(PieceId other) {
        return value.compareTo(other.value);
    }

    @Override
    public String toString() {
        return value;
    }
}
