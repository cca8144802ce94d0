package jomble.core.counting.enumeration;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import jomble.core.counting.CountingStoppedException;

/** Runs tasks in parallel on the calling thread and one more. A failure of one ends them all. */
public final class Workers {
    static final int THREADS = Math.min(2, Runtime.getRuntime().availableProcessors());

    private final AtomicReference<Throwable> wrong = new AtomicReference<>();

    /** Whether running tasks should end. */
    public boolean isStopped() {
        return wrong.get() != null;
    }

    /**
     * The results of all tasks, in order; a thread that finishes one takes the next.
     *
     * @throws CountingStoppedException when the calling thread is interrupted
     */
    <T> List<T> all(List<? extends Supplier<T>> parts) {
        List<T> done = new ArrayList<>(Collections.nCopies(parts.size(), null));
        AtomicInteger next = new AtomicInteger();
        Runnable work = () -> {
            for (int at = next.getAndIncrement(); at < parts.size() && !isStopped(); at = next.getAndIncrement()) {
                try {
                    done.set(at, parts.get(at).get());
                } catch (RuntimeException | Error e) {
                    wrong.compareAndSet(null, e);
                }
            }
        };
        List<Thread> others = new ArrayList<>();
        for (int i = 1; i < Math.min(THREADS, parts.size()); i++) {
            Thread thread = new Thread(work, "count");
            thread.setDaemon(true);
            thread.start();
            others.add(thread);
        }
        work.run();
        others.forEach(this::await);
        if (wrong.get() instanceof RuntimeException cause) {
            throw cause;
        }
        if (wrong.get() instanceof Error cause) {
            throw cause;
        }
        return done;
    }

    private void await(Thread thread) {
        try {
            thread.join();
        } catch (InterruptedException e) {
            wrong.compareAndSet(null, new CountingStoppedException());
            Thread.currentThread().interrupt();
        }
    }
}
