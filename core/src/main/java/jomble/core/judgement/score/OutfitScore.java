package jomble.core.judgement.score;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import jomble.core.judgement.JudgementContext;
import jomble.core.outfit.Worn;
import jomble.core.piece.Word;

/**
 * How suitable an outfit is to be shown, as a sum of parts a stylist can read. It ranks outfits with the same verdict
 * and never changes a verdict.
 *
 * <p>The parts and weights were fitted on two rated samples and tested on two others; see the page on rules.
 *
 * @param parts what speaks for and against the outfit, in the order of {@link Kind}, without parts that are zero
 */
public record OutfitScore(List<Part> parts) {
    /**
     * One part of the score.
     *
     * @param points above 0 for the outfit, below 0 against it
     */
    public record Part(Kind kind, double points) {}

    /** The parts and the weight of one unit of each. */
    public enum Kind implements Word {
        /** Points of the verdict. */
        CAUTIONS(-0.25),
        /** A colour that comes again where the two places do not touch. */
        ECHO(0.25),
        /** A clear step between the lightest and the darkest piece. */
        CONTRAST(0.25),
        /** Black, brown and other darks that crowd each other. */
        DARKS(-0.5),
        /** Two surfaces, neither one nor a crowd. */
        SURFACE(0.25),
        /** A jacket as the third piece. */
        THIRD_PIECE(1),
        /** A whole suit. */
        WHOLE_SUIT(0.5),
        /** A knit over a shirt. */
        KNIT_OVER_SHIRT(0.5),
        /** A layer under a jacket. */
        LAYERS(-0.75),
        /** Nothing over the base: as plain as the day allows. */
        PLAIN(1),
        /** A knit as a layer on a day that is warm without one. */
        KNIT_IN_THE_WARM(-1.5),
        /** A knitted jacket over other clothes, neither coat nor cardigan. */
        KNITTED_JACKET(-0.5),
        /** A drape or one-piece complete in itself. */
        ONE_GESTURE(0.25),
        /** A half of a suit worn without the other. */
        ORPHANED_SUIT(-0.75),
        /** Pieces that speak to one room. */
        ONE_ROOM(1.25),
        /** Steps between the outfit and the middle of the occasion's window. */
        OFF_THE_OCCASION(-0.25),
        /** Patterned pieces beyond the first. */
        PATTERNS(-1),
        /** A layer worn as the top. */
        LAYER_AS_TOP(-1.5),
        /** A strappy top, a vest or a camisole, under an open layer or with nothing over it. */
        BARE_TOP(-0.25),
        /** Shoes of another register: rubber boots where it is not rough and wet, trainers under tailoring. */
        SHOES(-1),
        /** A print that is loud. */
        LOUD_PRINT(-0.5),
        /** The client's own feeling about the pieces, −2 to +2 each. */
        FAVOURITES(0.25);

        private final double weight;

        Kind(double weight) {
            this.weight = weight;
        }

        /** Weight of one unit. */
        public double weight() {
            return weight;
        }
    }

    public OutfitScore {
        parts = List.copyOf(parts);
    }

    /** The sum of all parts; above 0 when more speaks for the outfit than against it. */
    public double total() {
        return parts.stream().mapToDouble(Part::points).sum();
    }

    /**
     * The score of an outfit as worn.
     *
     * @param points of its verdict
     */
    public static OutfitScore of(Collection<Worn> worn, int points, JudgementContext context) {
        List<Part> parts = new ArrayList<>();
        measures(worn, points, context).forEach((kind, times) -> {
            if (times != 0) {
                parts.add(new Part(kind, kind.weight() * times));
            }
        });
        return new OutfitScore(parts);
    }

    /** The amount of each part, before weighting. */
    public static Map<Kind, Double> measures(Collection<Worn> worn, int points, JudgementContext context) {
        return new OutfitReader(worn, points, context).measures();
    }
}
