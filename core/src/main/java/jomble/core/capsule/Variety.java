package jomble.core.capsule;

import java.util.List;
import jomble.core.piece.Family;
import jomble.core.piece.Piece;

/**
 * How varied a capsule is: for each two pieces of a family, how different they are in kind, shape, colour, pattern and
 * neckline, and how evenly tops and bottoms are worn. Our choice, because look-alikes are what a stylist notices first.
 */
final class Variety {
    /** Colours at least this far apart, in ΔE00, are entirely different. */
    private static final double CLEARLY_APART = 25;

    private static final double OF_EVENNESS = 0.3;
    /** Weight of each difference between two pieces of a family. */
    private static final double OF_KIND = 0.3;

    private static final double OF_COLOUR = 0.4;
    private static final double OF_PATTERN = 0.15;
    private static final double OF_NECKLINE = 0.15;

    private final List<Piece> pieces;
    /** By pair of piece indices, how different they are, 0..1; below 0 in different families. */
    private final float[][] apart;

    private final boolean[] isEven;

    /** @param candidates by piece index, whether it may be chosen */
    Variety(List<Piece> pieces, boolean[] candidates) {
        this.pieces = pieces;
        int size = pieces.size();
        this.apart = new float[size][size];
        this.isEven = new boolean[size];
        for (int i = 0; i < size; i++) {
            Family family = pieces.get(i).kind().family();
            isEven[i] = family == Family.TOP || family == Family.BOTTOM;
            for (int k = 0; k < i; k++) {
                boolean compared =
                        candidates[i] && candidates[k] && pieces.get(k).kind().family() == family;
                apart[i][k] = compared ? apart(pieces.get(i), pieces.get(k)) : -1;
                apart[k][i] = apart[i][k];
            }
        }
    }

    private static float apart(Piece one, Piece other) {
        double kind = one.kind().id().equals(other.kind().id()) ? one.shape() == other.shape() ? 0 : 0.5 : 1;
        double colour = Math.min(1, one.colourDifference(other) / CLEARLY_APART);
        double pattern = one.pattern() == other.pattern() ? 0 : 1;
        double neckline = one.neckline() == other.neckline() ? 0 : 1;
        return (float) (OF_KIND * kind + OF_COLOUR * colour + OF_PATTERN * pattern + OF_NECKLINE * neckline);
    }

    /**
     * The variety of a choice.
     *
     * @param members indices of the chosen candidates
     * @param perPiece number of outfits by piece index
     * @return 0..1
     */
    double of(int[] members, long[] perPiece) {
        double nearest = 0;
        int compared = 0;
        for (int one : members) {
            float least = Float.MAX_VALUE;
            for (int other : members) {
                if (other != one && apart[one][other] >= 0) {
                    least = Math.min(least, apart[one][other]);
                }
            }
            if (least < Float.MAX_VALUE) {
                nearest += least;
                compared++;
            }
        }
        double unlike = compared == 0 ? 1 : nearest / compared;
        return (1 - OF_EVENNESS) * unlike + OF_EVENNESS * evenness(members, perPiece);
    }

    /** 1 when all tops are worn equally often and all bottoms are, 0 when a single one of each is always worn. */
    private double evenness(int[] members, long[] perPiece) {
        double even = 0;
        int families = 0;
        for (Family family : List.of(Family.TOP, Family.BOTTOM)) {
            double sum = 0;
            double squares = 0;
            int count = 0;
            for (int member : members) {
                if (isEven[member] && pieces.get(member).kind().family() == family) {
                    sum += perPiece[member];
                    squares += (double) perPiece[member] * perPiece[member];
                    count++;
                }
            }
            if (count > 1 && sum > 0) {
                // The inverse Herfindahl index: the effective number of pieces.
                even += (sum * sum / squares - 1) / (count - 1);
                families++;
            }
        }
        return families == 0 ? 1 : even / families;
    }
}
