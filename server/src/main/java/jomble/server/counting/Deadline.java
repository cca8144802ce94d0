package jomble.server.counting;

import java.util.concurrent.TimeUnit;
import jomble.core.counting.Progress;

/** Cancels a count that takes too long, so that a request gets an exact figure or none. */
public final class Deadline implements Progress {
    private final long start = System.nanoTime();
    private final long nanos;

    private Deadline(int seconds) {
        this.nanos = TimeUnit.SECONDS.toNanos(seconds);
    }

    public static Deadline in(int seconds) {
        return new Deadline(seconds);
    }

    @Override
    public boolean goOn(double doneFraction) {
        return System.nanoTime() - start < nanos;
    }

    public long elapsedMillis() {
        return TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - start);
    }
}
