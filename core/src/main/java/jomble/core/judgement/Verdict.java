package jomble.core.judgement;

import jomble.core.piece.Word;

/** The verdict, best first. The thresholds are the studio's defaults. */
public enum Verdict implements Word {
    WORKS(1),
    DARING(3),
    NO(Integer.MAX_VALUE);

    private final int mostPoints;

    Verdict(int mostPoints) {
        this.mostPoints = mostPoints;
    }

    /** The most points an outfit without a stop may have for this verdict. */
    public int mostPoints() {
        return mostPoints;
    }

    /** @param points sum over rules of each rule's worst finding */
    public static Verdict of(boolean stopped, int points) {
        if (stopped || points > DARING.mostPoints) {
            return NO;
        }
        return points <= WORKS.mostPoints ? WORKS : DARING;
    }
}
