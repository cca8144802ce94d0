package jomble.core.capsule;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.piece.Family;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/**
 * Shortens a large wardrobe before the search. Weather only forbids, so a search without it is fast and gives an upper
 * bound; in each family the pieces that would help the resulting capsule most are kept.
 */
final class ShortList {
    /** With at most this many candidates nothing is dropped. */
    static final int SMALL = 100;

    /** Number of pieces kept by family; families not listed are kept whole. */
    private static final Map<Family, Integer> KEPT = new EnumMap<>(Map.of(
            Family.TOP, 22,
            Family.BOTTOM, 16,
            Family.ONE_PIECE, 8,
            Family.MID_LAYER, 8,
            Family.JACKET, 10,
            Family.SHOES, 10));

    private ShortList() {}

    /** The needs without weather, with one context for each occasion. */
    static List<Need> withoutWeather(List<Need> needs) {
        Map<String, Need> byOccasion = new LinkedHashMap<>();
        for (Need need : needs) {
            Need.Month month =
                    new Need.Month(null, need.months().get(0).context().withoutWeather());
            byOccasion.putIfAbsent(
                    need.occasion().name(),
                    new Need(need.occasion(), need.season(), need.outfits(), need.timesPerWeek(), List.of(month)));
        }
        return List.copyOf(byOccasion.values());
    }

    /**
     * The pieces to drop.
     *
     * @param pool the candidates that may be chosen
     * @param found the best choice found without weather
     * @param bySwap by index of each other candidate, the best score of a swap that brings it in
     */
    static Set<PieceId> leftOut(List<Piece> pieces, int[] pool, Choice found, Map<Integer, Score> bySwap) {
        Map<Family, Integer> kept = new EnumMap<>(Family.class);
        Set<PieceId> out = new HashSet<>();
        List<Integer> ranked = Arrays.stream(pool)
                .boxed()
                .sorted(Comparator.<Integer>comparingInt(place -> found.has(place) ? 0 : 1)
                        .thenComparing(place -> bySwap.get(place), Comparator.nullsFirst(Score.BY_OUTFITS)))
                .toList();
        for (int place : ranked) {
            Family family = pieces.get(place).kind().family();
            int count = kept.merge(family, 1, Integer::sum);
            if (count > KEPT.getOrDefault(family, Integer.MAX_VALUE)) {
                out.add(pieces.get(place).id());
            }
        }
        return out;
    }
}
