package jomble.core.capsule;

import java.util.Comparator;

/**
 * What decides between choices that are as good in everything else: first favourites, then cost per wear, then clothes for the whole year.
 *
 * @param favourites marks of liking of the pieces, -2 to 2 each, added up
 * @param millionthsPerWear mean cost per wear of the pieces whose cost is known, in millionths of the currency most of them have; the
 *     largest number where none is
 * @param wholeYear pieces of cloth for every season
 */
record Preference(int favourites, long millionthsPerWear, int wholeYear) {
    /** The best first. */
    static final Comparator<Preference> ORDER = Comparator.comparingInt(Preference::favourites)
            .reversed()
            .thenComparingLong(Preference::millionthsPerWear)
            .thenComparing(Comparator.comparingInt(Preference::wholeYear).reversed());
}
