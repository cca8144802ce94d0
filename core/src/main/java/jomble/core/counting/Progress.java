package jomble.core.counting;

/** Hears how far a long count has come, and may end it. */
public interface Progress {
    Progress NONE = doneFraction -> true;

    /**
     * Called now and then.
     *
     * @param doneFraction 0..1
     * @return false to stop
     */
    boolean goOn(double doneFraction);

    /** Progress in a part of the whole, reported as such. */
    default Progress part(double from, double to) {
        return done -> goOn(from + (to - from) * done);
    }

    /** Progress in one of several equal parts. */
    default Progress partOf(int part, int parts) {
        return part((double) part / parts, (double) (part + 1) / parts);
    }
}
