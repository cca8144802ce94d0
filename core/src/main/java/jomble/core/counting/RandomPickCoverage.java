package jomble.core.counting;

/**
 * Share in the dark: of the outfits picked blindly, one piece for each mandatory slot, how many would do.
 *
 * @param works picks that work once the other slots are filled as well as can be
 * @param all all picks; 0 for a wardrobe that cannot dress anybody
 */
public record RandomPickCoverage(long works, long all) {
    public double fraction() {
        return all == 0 ? 0 : (double) works / all;
    }
}
