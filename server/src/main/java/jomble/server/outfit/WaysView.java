package jomble.server.outfit;

import java.util.List;
import java.util.function.Function;
import jomble.core.counting.Combination;
import jomble.core.counting.query.OutfitQueries;
import jomble.server.counting.CombinationsView;
import jomble.server.counting.Exact;

/**
 * Looks with one piece that are as different as possible.
 *
 * @param total number of outfits with it; as text beyond 2^53
 * @param smallestDistance between any two of them: the weights of the counted slots that differ, 3 for trousers,
 *     skirt, dress or drape, 2 for other clothes and shoes, 1 for the rest, 0 for what nobody sees
 * @param fewestDifferences the smallest number of visible slots in which two of them differ
 * @param quality exact when proven optimal, else greedy
 */
record WaysView(
        Exact total,
        List<CombinationsView.OutfitView> outfits,
        int smallestDistance,
        int fewestDifferences,
        String quality) {
    /** @param figure the drawing of each, or null */
    static WaysView of(OutfitQueries.Ways ways, Function<Combination, String> figure) {
        return new WaysView(
                Exact.of(ways.total()),
                ways.outfits().stream()
                        .map(one -> CombinationsView.view(one, figure.apply(one)))
                        .toList(),
                ways.smallestDistance(),
                ways.fewestDifferences(),
                ways.isExact() ? "exact" : "greedy");
    }
}
