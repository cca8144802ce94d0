package jomble.core.capsule;

import java.util.Map;
import java.util.Set;
import jomble.core.piece.Family;
import jomble.core.piece.PieceId;

/**
 * What a stylist wishes of a capsule.
 *
 * @param size how many counted pieces
 * @param must pieces that are in it
 * @param never pieces that are not
 * @param from the pieces it is chosen from, as those with a tag or of another capsule; null for the whole wardrobe
 * @param families how many pieces of a family
 * @param breaksSets whether a piece of a set may be in without the others
 * @param dryCleanMax how many pieces may need the dry-cleaner; null for any number
 * @param palette how many colours there may be; null for any number
 * @param varietyCostFraction which share of the outfits may be given up for variety, 0..1
 * @param without function wishes that are switched off
 */
public record CapsuleWishes(
        Range size,
        Set<PieceId> must,
        Set<PieceId> never,
        Set<PieceId> from,
        Map<Family, Range> families,
        boolean breaksSets,
        Integer dryCleanMax,
        PaletteLimit palette,
        double varietyCostFraction,
        Set<FunctionWish> without) {
    /** How much of the outfits variety may cost unless it is said: our choice, as most stylists rate a varied sixth of less above more of the same. */
    public static final double USUAL_VARIETY_COST = 0.15;

    public CapsuleWishes {
        must = Set.copyOf(must);
        never = Set.copyOf(never);
        from = from == null ? null : Set.copyOf(from);
        families = Map.copyOf(families);
        without = Set.copyOf(without);
        if (varietyCostFraction < 0 || varietyCostFraction > 1) {
            throw new IllegalArgumentException("not a share: " + varietyCostFraction);
        }
        if (must.stream().anyMatch(never::contains)) {
            throw new IllegalArgumentException("a piece cannot be in and out: " + must + ", " + never);
        }
    }

    /** So many pieces, and nothing else asked for. */
    public static CapsuleWishes of(int size) {
        return new CapsuleWishes(
                new Range(size, size),
                Set.of(),
                Set.of(),
                null,
                Map.of(),
                true,
                null,
                null,
                USUAL_VARIETY_COST,
                Set.of());
    }

    /** At least and at most so many. */
    public record Range(int min, int max) {
        public Range {
            if (min < 0 || min > max) {
                throw new IllegalArgumentException("not a range: " + min + " to " + max);
            }
        }
    }

    /** At most so many base colours, greys and other neutrals, and so many accents. */
    public record PaletteLimit(int bases, int accents) {}

    /** The same with other pieces that are in it, and another size. */
    public CapsuleWishes with(Set<PieceId> others, Range range) {
        return new CapsuleWishes(
                range, others, never, from, families, breaksSets, dryCleanMax, palette, varietyCostFraction, without);
    }

    boolean wants(FunctionWish wish) {
        return !without.contains(wish);
    }
}
