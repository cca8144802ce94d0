package jomble.core.counting;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.function.Supplier;

/** Does work side by side: the first part here, every other one in a thread of its own. What goes wrong anywhere stops the rest. */
final class SideBySide {
    static final int THREADS = Math.min(2, Runtime.getRuntime().availableProcessors());

    private volatile boolean stopped;

    /** Whether parts that still run should end. */
    boolean isStopped() {
        return stopped;
    }

    /**
     * Answers what comes of each part.
     *
     * @throws CountingStoppedException when this thread is interrupted
     */
    <T> List<T> all(List<? extends Supplier<T>> parts) {
        List<FutureTask<T>> others = new ArrayList<>();
        for (Supplier<T> part : parts.subList(Math.min(1, parts.size()), parts.size())) {
            FutureTask<T> task = new FutureTask<>(part::get);
            others.add(task);
            Thread thread = new Thread(task, "count");
            thread.setDaemon(true);
            thread.start();
        }
        List<T> done = new ArrayList<>();
        try {
            if (!parts.isEmpty()) {
                done.add(parts.get(0).get());
            }
            for (FutureTask<T> other : others) {
                done.add(other.get());
            }
            return done;
        } catch (ExecutionException e) {
            throw e.getCause() instanceof RuntimeException cause ? cause : new IllegalStateException(e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CountingStoppedException();
        } finally {
            stopped = true;
        }
    }
}
