package jomble.core.capsule;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.piece.Family;
import jomble.core.piece.PieceId;

/**
 * A stylist's wishes for a capsule.
 *
 * @param size number of pieces that count
 * @param must pieces it must contain
 * @param never pieces it must not contain
 * @param from the pieces to choose from, such as those with a tag or from another capsule; null for the whole wardrobe
 * @param families number of pieces by family
 * @param breaksSets whether a piece of a set may be in without the others
 * @param dryCleanMax maximum number of dry-clean pieces; null for no limit
 * @param palette maximum number of colours; null for no limit
 * @param varietyCostFraction share of the outfits that may be given up for variety, 0..1
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
    /**
     * Default share of the outfits that variety may cost: our choice, as most stylists prefer a varied capsule with a
     * sixth fewer outfits to more of the same.
     */
    public static final double USUAL_VARIETY_COST = 0.15;

    /** A usual limit: one dry-clean piece in so many. */
    private static final int DRY_CLEAN_OF = 5;
    /** A usual limit: three neutrals and two accents. */
    private static final PaletteLimit FEW_COLOURS = new PaletteLimit(3, 2);

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

    /** A capsule of this size without further wishes. */
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

    /** An inclusive range. */
    public record Range(int min, int max) {
        public Range {
            if (min < 0 || min > max) {
                throw new IllegalArgumentException("not a range: " + min + " to " + max);
            }
        }
    }

    /** The maximum number of base colours (neutrals) and of accents. */
    public record PaletteLimit(int bases, int accents) {}

    /** These wishes with other required pieces and another size. */
    public CapsuleWishes with(Set<PieceId> others, Range range) {
        return new CapsuleWishes(
                range, others, never, from, families, breaksSets, dryCleanMax, palette, varietyCostFraction, without);
    }

    /** These wishes with other banned pieces. */
    CapsuleWishes banning(Set<PieceId> others) {
        return new CapsuleWishes(
                size, must, others, from, families, breaksSets, dryCleanMax, palette, varietyCostFraction, without);
    }

    /** These wishes with one usual limit more each, of those that are not set. */
    List<CapsuleWishes> narrower() {
        List<CapsuleWishes> narrower = new ArrayList<>();
        if (dryCleanMax == null) {
            narrower.add(limiting(Math.max(1, size.max() / DRY_CLEAN_OF), palette));
        }
        if (palette == null) {
            narrower.add(limiting(dryCleanMax, FEW_COLOURS));
        }
        return narrower;
    }

    private CapsuleWishes limiting(Integer toCleaner, PaletteLimit colours) {
        return new CapsuleWishes(
                size, must, never, from, families, breaksSets, toCleaner, colours, varietyCostFraction, without);
    }

    boolean wants(FunctionWish wish) {
        return !without.contains(wish);
    }
}
