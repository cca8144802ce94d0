package jomble.core.brief;

/**
 * How the client keeps clothes clean.
 *
 * @param intervalDays days between washes, 1..90
 * @param dryingDays days until something washed can be worn, 0..14
 * @param dryCleanVisitsPerMonth 0..31
 */
public record Laundry(int intervalDays, int dryingDays, int dryCleanVisitsPerMonth) {
    public static final Laundry WEEKLY = new Laundry(7, 1, 1);
}
