package jomble.core.piece;

import java.util.regex.Pattern;

/** The name of a piece within its wardrobe: any text of 1 to 64 characters. */
public record PieceId(String value) implements Comparable<PieceId> {
    private static final Pattern NUMBERED = Pattern.compile("p[1-9]\\d{0,8}");

    public PieceId {
        if (value.isEmpty() || value.codePointCount(0, value.length()) > 64) {
            throw new IllegalArgumentException("an id has 1 to 64 characters: " + value);
        }
    }

    /** The n of an id of the form pn, 1 to 999,999,999; 0 for an id of another form. */
    public static long numberIn(String id) {
        return NUMBERED.matcher(id).matches() ? Long.parseLong(id.substring(1)) : 0;
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
