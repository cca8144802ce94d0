package jomble.core.counting;

/** Receives the progress of a long computation and may cancel it. */
public interface Progress {
    Progress NONE = doneFraction -> true;

    /**
     * Called from time to time.
     *
     * @param doneFraction 0..1
     * @return false to cancel
     */
    boolean goOn(double doneFraction);

    /** Reports one part of the work as a range of the whole. */
    default Progress part(double from, double to) {
        return done -> goOn(from + (to - from) * done);
    }

    /** Reports one of several equal parts of the work. */
    default Progress partOf(int part, int parts) {
        return part((double) part / parts, (double) (part + 1) / parts);
    }
}
