package jomble.core.piece;

/**
 * How a piece is kept clean. Each part may be null: not given.
 *
 * @param wearsBetween wears between washes, 1..100
 * @param daysOut days away when cleaned, 0..60
 */
public record Care(CareMethod method, Integer wearsBetween, Integer daysOut, Boolean iron) {
    Care or(Care other) {
        return new Care(
                method == null ? other.method : method,
                wearsBetween == null ? other.wearsBetween : wearsBetween,
                daysOut == null ? other.daysOut : daysOut,
                iron == null ? other.iron : iron);
    }
}
