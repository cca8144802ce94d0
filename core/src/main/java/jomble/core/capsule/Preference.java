package jomble.core.capsule;

import java.util.Comparator;

/**
 * Tie-breaker between choices that are otherwise equal: favourites, then cost per wear, then all-season pieces.
 *
 * @param favourites sum of the pieces' ratings, -2 to 2 each
 * @param millionthsPerWear mean cost per wear of the pieces with a known cost, in millionths of their most common
 *     currency; the largest number when there are none
 * @param wholeYear number of pieces whose cloth suits every season
 */
record Preference(int favourites, long millionthsPerWear, int wholeYear) {
    /** The best first. */
    static final Comparator<Preference> ORDER = Comparator.comparingInt(Preference::favourites)
            .reversed()
            .thenComparingLong(Preference::millionthsPerWear)
            .thenComparing(Comparator.comparingInt(Preference::wholeYear).reversed());
}
