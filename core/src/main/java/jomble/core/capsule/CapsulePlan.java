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
 * @param pieces those that count towards the size, in layer order
 * @param free pieces that do not count, which are always there
 * @param reasons by piece, why it is in the capsule
 * @param seasonal by piece, its seasons, for pieces not worn in all of them
 * @param swaps the best swaps, best first
 * @param nearest pieces left out, the one that would add most first
 * @param curve by size, smallest first; empty when nothing was searched
 * @param elbow the smallest size that grants all wishes and meets the needs almost as well as any size on the curve.
 *     Outfits alone have no elbow, because they grow faster with every piece
 * @param missed function wishes that are not met, and what would meet them
 * @param provedFor the criteria, in order of importance, that no capsule of this size meets better
 * @param upperBound upper bound of the outfits of any capsule of this size that grants all wishes; null when unknown
 */
public record CapsulePlan(
        List<PieceId> pieces,
        List<PieceId> free,
        Figures figures,
        Map<PieceId, Reason> reasons,
        Map<PieceId, List<String>> seasonal,
        List<Swap> swaps,
        List<Nearest> nearest,
        List<Size> curve,
        int elbow,
        List<Missed> missed,
        List<Criterion> provedFor,
        Long upperBound) {
    /** What is known about its optimality, by all criteria together. */
    public enum Quality implements Word {
        /** No capsule of this size is better by the whole order of criteria. */
        PROVED,
        /** An upper bound of the number of outfits is known. */
        BOUNDED,
        UNBOUNDED
    }

    /** What capsules are compared by, the most important first. */
    public enum Criterion implements Word {
        FUNCTION,
        NEEDS,
        EARNING,
        OUTFITS,
        VARIETY,
        PREFERENCE
    }

    public Quality quality() {
        return provedFor.size() == Criterion.values().length
                ? Quality.PROVED
                : upperBound != null ? Quality.BOUNDED : Quality.UNBOUNDED;
    }

    /** An improved capsule found during the search, with its score. */
    public record Better(
            List<PieceId> pieces, int missed, double needsMetFraction, int earning, long outfits, double variety) {}

    /**
     * The exact figures of the capsule together with the pieces that do not count towards the size.
     *
     * @param needsMetFraction 0..1, each need weighted by how often its occasion comes
     * @param needsMetByBasesFraction the same, with outfits on the same base counted once
     * @param earning number of pieces that earn their place
     * @param outfits in at least one context
     * @param freshDays the longest run of days without repeating a base
     * @param washFree how long it lasts without a wash; null when no occasion has a frequency
     * @param hardestToSpare the piece whose absence, for example at the cleaner's, leaves the fewest needs met; null
     *     when nothing could be chosen
     * @param givenUpForVariety outfits given up compared to the choice with the most
     * @param variety 0..1
     * @param topsGuide result of the school's guideline for the ratio of tops to bottoms
     * @param needs each with the outfits available for it
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
     * The longest run of days without a wash or a repeated outfit, in the season in which it is shortest.
     *
     * @param days that can be dressed
     * @param daysAtMost the same number, or an upper bound when not all assignments were tried
     * @param runsOutFirst the family that limits it
     */
    public record WashFree(int days, int daysAtMost, Family runsOutFirst) {}

    /** The capsule without one of its pieces. */
    public record Without(PieceId piece, double needsMetFraction, long outfits) {}

    /**
     * The outfits available for a need.
     *
     * @param outfits in at least one month of the season
     * @param weakestMonth the month with the fewest; null without weather
     */
    public record NeedMet(
            String occasion,
            String season,
            int need,
            BigInteger outfits,
            Integer weakestMonth,
            BigInteger weakestMonthOutfits) {}

    /**
     * Why a piece is in the capsule.
     *
     * @param in number of outfits that contain it
     * @param completes number of outfits it can complete
     * @param lost number of outfits lost without it
     */
    public record Reason(BigInteger in, BigInteger completes, BigInteger lost, Why why) {}

    /**
     * The strongest reason for a piece.
     *
     * @param wish the function wish that fails without it, if that is the reason, else null
     * @param need the need concerned, for kinds that are about one, else null
     * @param share of that need's outfits, in its weakest month, that are lost without it, above 0 to 1; 0 for kinds
     *     that are not about a need
     */
    public record Why(Kind kind, Family family, FunctionWish wish, Need need, double share) {
        public Why {
            boolean isAboutWish = kind == Kind.FUNCTION;
            if (isAboutWish != (wish != null)
                    || kind.isAboutNeed() != (need != null)
                    || kind.isAboutNeed() != (share > 0)) {
                throw new IllegalArgumentException(kind + " of " + wish + ", " + need + ", " + share);
            }
        }

        static Why aboutNeed(Kind kind, Family family, Need need, double share) {
            return new Why(kind, family, null, need, share);
        }

        static Why aboutWish(FunctionWish wish, Family family) {
            return new Why(Kind.FUNCTION, family, wish, null, 0);
        }

        static Why of(Kind kind, Family family) {
            return new Why(kind, family, null, null, 0);
        }

        /** Whether a need or a wish fails without it. */
        public boolean isEssential() {
            return kind == Kind.NEED_FAILS || kind == Kind.ONLY_OF_FAMILY || kind == Kind.FUNCTION;
        }

        /** Kinds of reason, strongest first. */
        public enum Kind implements Word {
            /** Without it a need has no outfit in its weakest month. */
            NEED_FAILS,
            /** It is the only piece of its family that serves a need. */
            ONLY_OF_FAMILY,
            /** Without it a function wish fails. */
            FUNCTION,
            /** The stylist requires it. */
            ASKED_FOR,
            /** A share of a need's outfits is lost without it. */
            CARRIES,
            /** No need has fewer outfits in its weakest month without it, but some outfits are lost. */
            ADDS,
            /** Nothing is lost without it. */
            SPARE;

            private boolean isAboutNeed() {
                return this == NEED_FAILS || this == ONLY_OF_FAMILY || this == CARRIES;
            }
        }
    }

    /**
     * A swap of one piece for another, with the resulting figures.
     *
     * @param missed number of pieces by which function wishes are missed then
     */
    public record Swap(
            PieceId out,
            PieceId in,
            int missed,
            double needsMetFraction,
            int earning,
            long outfits,
            double variety,
            Preferred preferred) {}

    /**
     * What decides between choices that are otherwise equal.
     *
     * @param favourites number of pieces marked as liked
     * @param costPerWear mean over the pieces with a known cost, from their wears so far; null when there are none
     * @param wholeYear number of pieces whose cloth suits every season
     */
    public record Preferred(int favourites, Money costPerWear, int wholeYear) {}

    /**
     * A piece that was left out.
     *
     * @param adds outfits it would add to the capsule
     * @param instead the piece it would best replace
     * @param outfits number of outfits after that swap
     */
    public record Nearest(PieceId piece, long adds, PieceId instead, long outfits, double needsMetFraction) {}

    /**
     * The best capsule found of one size.
     *
     * @param missed number of pieces by which function wishes are missed
     */
    public record Size(int size, int missed, double needsMetFraction, double needsMetByBasesFraction, long outfits) {}

    /**
     * A function wish that is not met.
     *
     * @param by number of pieces missing or in excess
     * @param sizeThatWouldDo the smallest size found that meets all wishes, or null
     */
    public record Missed(FunctionWish wish, int by, Integer sizeThatWouldDo) {}
}
