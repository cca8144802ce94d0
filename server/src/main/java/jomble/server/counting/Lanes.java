package jomble.server.counting;

import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Runs counts and plans on threads of their own, with separate lanes for quick and heavy ones, so that a small question
 * never waits behind a large one, and plans leave a core to everything else. Identical questions asked at the same time share one computation. Work is cancelled shortly
 * after the last caller stops waiting.
 */
@Component
class Lanes {
    private static final long BETWEEN_LOOKS_MILLIS = 50;

    /**
     * Lists and edits take precedence over counts, and small counts over large ones, where the launcher enables thread
     * priorities.
     */
    private static final int QUICK_PRIORITY = 3;

    private final ExecutorService quick;
    private final ExecutorService heavy;
    private final ExecutorService plans;
    private final Map<Object, Flight<?>> underWay = new ConcurrentHashMap<>();

    @Autowired
    Lanes() {
        this(Runtime.getRuntime().availableProcessors());
    }

    /** @param cores that may be busy at once */
    Lanes(int cores) {
        quick = lane("quick", cores, QUICK_PRIORITY);
        heavy = lane("heavy", Math.max(1, cores / 2), Thread.MIN_PRIORITY);
        plans = lane("plan", Math.max(1, cores - 1), Thread.MIN_PRIORITY);
    }

    private static ExecutorService lane(String name, int threads, int priority) {
        AtomicInteger number = new AtomicInteger();
        return Executors.newFixedThreadPool(threads, work -> {
            Thread thread = new Thread(work, name + "-" + number.incrementAndGet());
            thread.setDaemon(true);
            thread.setPriority(priority);
            return thread;
        });
    }

    /**
     * Computes something, or waits for the same computation already running.
     *
     * @param key equal for work with equal results; null for work that cannot be shared
     * @throws CountingStoppedException when {@code progress} asks to stop
     */
    <T> T run(Object key, boolean isHeavy, Progress progress, Function<Progress, T> work) {
        while (true) {
            Flight<T> flight = joinOrStart(key, isHeavy, work);
            try {
                return flight.await(progress);
            } catch (CountingStoppedException e) {
                // All other callers may have left just as this one arrived.
                if (!progress.goOn(flight.done)) {
                    throw e;
                }
            } finally {
                flight.waiting.decrementAndGet();
            }
        }
    }

    /**
     * Makes a plan. Plans have a lane of their own because they count, and a count that waited behind the plan that asks
     * for it would wait for ever.
     *
     * @throws CountingStoppedException when {@code progress} asks to stop
     */
    <T> T plan(Progress progress, Function<Progress, T> work) {
        Flight<T> flight = start(null, plans, work);
        try {
            return flight.await(progress);
        } finally {
            flight.waiting.decrementAndGet();
        }
    }

    @SuppressWarnings("unchecked")
    private <T> Flight<T> joinOrStart(Object key, boolean isHeavy, Function<Progress, T> work) {
        if (key == null) {
            return start(null, isHeavy ? heavy : quick, work);
        }
        return (Flight<T>) underWay.compute(key, (same, there) -> {
            if (there != null && there.takesOneMore()) {
                return there;
            }
            return start(key, isHeavy ? heavy : quick, work);
        });
    }

    private <T> Flight<T> start(Object key, ExecutorService lane, Function<Progress, T> work) {
        Flight<T> flight = new Flight<>();
        flight.task = new FutureTask<>(() -> {
            try {
                if (flight.waiting.get() == 0) {
                    throw new CountingStoppedException();
                }
                return work.apply(flight);
            } finally {
                if (key != null) {
                    underWay.remove(key, flight);
                }
            }
        });
        lane.execute(flight.task);
        return flight;
    }

    /** A running computation and the number of callers waiting for it. */
    private static final class Flight<T> implements Progress {
        private final AtomicInteger waiting = new AtomicInteger(1);
        private FutureTask<T> task;
        private volatile double done;

        @Override
        public boolean goOn(double doneFraction) {
            done = doneFraction;
            return waiting.get() > 0;
        }

        /** Rejects new callers once the last one has left, because the work is about to be cancelled. */
        boolean takesOneMore() {
            return waiting.updateAndGet(before -> before == 0 ? 0 : before + 1) > 0;
        }

        T await(Progress progress) {
            while (true) {
                try {
                    return task.get(BETWEEN_LOOKS_MILLIS, TimeUnit.MILLISECONDS);
                } catch (TimeoutException e) {
                    if (!progress.goOn(done)) {
                        throw new CountingStoppedException();
                    }
                } catch (ExecutionException e) {
                    throw e.getCause() instanceof RuntimeException failure
                            ? failure
                            : new IllegalStateException(e.getCause());
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    throw new CountingStoppedException();
                }
            }
        }
    }

    @PreDestroy
    void stop() {
        quick.shutdownNow();
        heavy.shutdownNow();
        plans.shutdownNow();
    }
}
