package jomble.core.counting;

/**
 * The share of random outfits that work: of all picks of one piece for each mandatory slot, how many can be completed.
 *
 * @param works picks that work when the other slots are filled in the best way
 * @param all all picks; 0 for a wardrobe without a complete structure
 */
public record RandomPickCoverage(long works, long all) {
    public double fraction() {
        return all == 0 ? 0 : (double) works / all;
    }
}
