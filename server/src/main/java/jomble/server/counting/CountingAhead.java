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
 * Counts what is likely to be requested next while no request is waiting: after a quiet moment, one count after the
 * other. It pauses as soon as a request arrives.
 */
final class CountingAhead {
    private static final Logger LOG = LoggerFactory.getLogger(CountingAhead.class);

    private final long quietMillis;
    private final ScheduledExecutorService thread = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread ahead = new Thread(work, "ahead");
        ahead.setDaemon(true);
        return ahead;
    });

    /** Number of the current list; work of an earlier list is abandoned. */
    private final AtomicLong current = new AtomicLong();

    /** @param quietMillis how long there must be no request before it starts */
    CountingAhead(long quietMillis) {
        this.quietMillis = quietMillis;
    }

    /** A count whose result is cached. */
    interface Work {
        /** @throws CountingStoppedException when the progress listener asks to stop */
        void count(Progress progress);
    }

    /** Starts a list, replacing any other. */
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
            // A request for it will count again, or report why it cannot be counted.
        } catch (RuntimeException | Error e) {
            LOG.error("Counting ahead failed", e);
        }
    }

    /** Pauses. */
    void pause() {
        current.incrementAndGet();
    }

    void stop() {
        pause();
        thread.shutdownNow();
    }
}
