package jomble.core.capsule;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import jomble.core.counting.Ladder;
import jomble.core.counting.RandomPickCoverage;
import jomble.core.piece.Family;
import jomble.core.piece.Money;
import jomble.core.piece.PieceId;
import jomble.core.piece.Word;

/**
 * A capsule and how good it is.
 *
 * @param pieces those that count toward the size, in the order of layers
 * @param reasons of each, why it is in
 * @param seasonal of each piece that is not for all the seasons, those it is for
 * @param swaps the best, the best first
 * @param nearest pieces that were left out, the one that would add most first
 * @param curve by size, the smallest first; empty where nothing was searched for
 * @param elbow the smallest size that does all that was wished and meets the needs almost as well as any on the curve: outfits alone
 *     grow faster and faster with the size and have no elbow
 * @param missed function wishes that are not met, and what would meet them
 * @param upperBound more outfits are not possible with so many pieces and all that was wished; null where it is not known
 */
public record CapsulePlan(
        List<PieceId> pieces,
        Figures figures,
        Map<PieceId, Reason> reasons,
        Map<PieceId, List<String>> seasonal,
        List<Swap> swaps,
        List<Nearest> nearest,
        List<Size> curve,
        int elbow,
        List<Missed> missed,
        Quality quality,
        Long upperBound) {
    /** How good it is known to be. */
    public enum Quality implements Word {
        /** There is none better by outfits. */
        PROVED,
        /** It is known how many outfits there cannot be. */
        BOUNDED,
        UNBOUNDED
    }

    /** A capsule that was found while the search goes on, and what it was found to be worth. */
    public record Better(
            List<PieceId> pieces, int missed, double needsMetFraction, int earning, long outfits, double variety) {}

    /**
     * What the counter says of the capsule with the pieces that do not count toward the size.
     *
     * @param needsMetFraction 0..1, each need by how often its occasion comes
     * @param needsMetByBasesFraction the same, where outfits on the same base count as one
     * @param earning pieces that earn their place
     * @param outfits in any of the contexts
     * @param freshDays the longest run of days without the same base twice
     * @param washFree how long it lasts without a wash; null where no occasion says how often it comes
     * @param hardestToSpare the piece without which least of the needs is met, as when it is at the cleaner's; null where
     *     nothing could be chosen
     * @param givenUpForVariety outfits the choice with the most has more
     * @param variety 0..1
     * @param topsGuide the school of how many tops there are to bottoms
     * @param needs each with what there is
     */
    public record Figures(
            double needsMetFraction,
            double needsMetByBasesFraction,
            int earning,
            BigInteger outfits,
            Ladder ladder,
            BigInteger paper,
            RandomPickCoverage shareInTheDark,
            int freshDays,
            WashFree washFree,
            Without hardestToSpare,
            long givenUpForVariety,
            double variety,
            Preferred preferred,
            String topsGuide,
            int tops,
            int bottoms,
            List<NeedMet> needs) {}

    /**
     * The longest run of days without a wash and without an outfit twice, in the season in which it is shortest.
     *
     * @param days that can be dressed
     * @param daysAtMost the same number, or a bound where not all assignments were tried
     * @param runsOutFirst the family that bounds it
     */
    public record WashFree(int days, int daysAtMost, Family runsOutFirst) {}

    /** What is left of a capsule without one of its pieces. */
    public record Without(PieceId piece, double needsMetFraction, long outfits) {}

    /**
     * What there is for a need.
     *
     * @param outfits in any month of the season
     * @param weakestMonth the one with the fewest; null without weather
     */
    public record NeedMet(
            String occasion,
            String season,
            int need,
            BigInteger outfits,
            Integer weakestMonth,
            BigInteger weakestMonthOutfits) {}

    /**
     * Why a piece is in.
     *
     * @param in outfits it is in
     * @param completes outfits it can complete
     * @param lost outfits that are lost without it
     */
    public record Reason(BigInteger in, BigInteger completes, BigInteger lost, Why why) {}

    /**
     * The strongest reason for a piece.
     *
     * @param kind what it is
     * @param wish the function wish that fails without it, where that is the reason, else null
     * @param occasion,season of the need it is about, or null
     * @param share of the outfits of that need it is in or completes, 0..1
     */
    public record Why(Kind kind, FunctionWish wish, Family family, String occasion, String season, double share) {
        /** Whether something that is needed or wished for fails without it. */
        public boolean isEssential() {
            return kind == Kind.NEED_FAILS || kind == Kind.ONLY_OF_FAMILY || kind == Kind.FUNCTION;
        }

        /** From the strongest on. */
        public enum Kind implements Word {
            /** Without it there is nothing for a need. */
            NEED_FAILS,
            /** It is the only one of its family that serves a need. */
            ONLY_OF_FAMILY,
            /** Without it a function wish fails. */
            FUNCTION,
            /** It was asked for. */
            ASKED_FOR,
            /** It is in a large share of the outfits of a need. */
            CARRIES
        }
    }

    /** One piece for another, and what the figures would be. */
    public record Swap(
            PieceId out,
            PieceId in,
            double needsMetFraction,
            int earning,
            long outfits,
            double variety,
            Preferred preferred) {}

    /**
     * What speaks for pieces where everything else is alike.
     *
     * @param favourites pieces that are marked as liked
     * @param costPerWear mean of the pieces whose cost is known, from their wears so far; null where none is known
     * @param wholeYear pieces of cloth for every season
     */
    public record Preferred(int favourites, Money costPerWear, int wholeYear) {}

    /**
     * A piece that was left out.
     *
     * @param adds outfits it would add beside the others
     * @param instead whom it would replace best
     * @param outfits how many there would be then
     */
    public record Nearest(PieceId piece, long adds, PieceId instead, long outfits, double needsMetFraction) {}

    /**
     * The best that was found with so many pieces.
     *
     * @param missed by how many pieces function wishes are missed
     */
    public record Size(int size, int missed, double needsMetFraction, double needsMetByBasesFraction, long outfits) {}

    /**
     * A function wish that is not met.
     *
     * @param by how many pieces are missing or too many
     * @param sizeThatWouldDo the smallest size found with which all are met, or null
     */
    public record Missed(FunctionWish wish, int by, Integer sizeThatWouldDo) {}
}
