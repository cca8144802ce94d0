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
}
