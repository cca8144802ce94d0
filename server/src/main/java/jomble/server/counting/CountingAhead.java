package jomble.server.counting;

import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.TooManyCombinationsException;
import jomble.core.counting.WardrobeTooLargeException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Counts what is likely to be asked next while nobody waits for a count: after a moment's quiet, one thing after the other. As soon as
 * something is asked it leaves off.
 */
final class CountingAhead {
    private static final Logger LOG = LoggerFactory.getLogger(CountingAhead.class);

    private final long quietMillis;
    private final ScheduledExecutorService thread = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread ahead = new Thread(work, "ahead");
        ahead.setDaemon(true);
        return ahead;
    });

    /** Which of the lists that were begun is the last one; what belongs to another is left. */
    private final AtomicLong current = new AtomicLong();

    /** @param quietMillis how long nothing must be asked before it begins */
    CountingAhead(long quietMillis) {
        this.quietMillis = quietMillis;
    }

    /** Something to be counted and remembered. */
    interface Work {
        /** @throws CountingStoppedException when the progress asks to stop */
        void count(Progress progress);
    }

    /** Begins with a list, in place of any other. */
    void begin(List<Work> list) {
        long mine = current.incrementAndGet();
        thread.schedule(() -> run(list, mine), quietMillis, TimeUnit.MILLISECONDS);
    }

    private void run(List<Work> list, long mine) {
        try {
            for (Work work : list) {
                if (current.get() != mine) {
                    return;
                }
                work.count(done -> current.get() == mine);
            }
        } catch (CountingStoppedException | TooManyCombinationsException | WardrobeTooLargeException e) {
            // whoever asks will count it again, or be told why it cannot be counted
        } catch (RuntimeException | Error e) {
            LOG.error("Counting ahead failed", e);
        }
    }

    /** Leaves off. */
    void pause() {
        current.incrementAndGet();
    }

    void stop() {
        pause();
        thread.shutdownNow();
    }
}
