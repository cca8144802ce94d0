package jomble.core.brief;

/**
 * How the client keeps clothes clean.
 *
 * @param intervalDays days between washes, 1..90
 * @param dryCleanVisitsPerMonth 0..31
 */
public record Laundry(int intervalDays, int dryCleanVisitsPerMonth) {
    public static final Laundry WEEKLY = new Laundry(7, 1);
}
