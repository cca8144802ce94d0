package jomble.server.counting;

import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.TooManyCombinationsException;
import jomble.core.counting.WardrobeTooLargeException;

/**
 * Counts what is likely to be asked next while nobody waits for a count: one thing after the other in a thread that gives way. As soon
 * as something is asked it leaves off.
 */
final class CountingAhead {
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread quiet = new Thread(work, "ahead");
        quiet.setDaemon(true);
        quiet.setPriority(Thread.MIN_PRIORITY);
        return quiet;
    });

    /** Which of the lists that were begun is the last one; what belongs to another is left. */
    private final AtomicLong current = new AtomicLong();

    /** Something to be counted and remembered. */
    interface Work {
        /** @throws CountingStoppedException when the progress asks to stop */
        void count(Progress progress);
    }

    /** Begins with a list, in place of any other. */
    void begin(List<Work> list) {
        long mine = current.incrementAndGet();
        thread.execute(() -> run(list, mine));
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
