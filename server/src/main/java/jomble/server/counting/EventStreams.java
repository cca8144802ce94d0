package jomble.server.counting;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Function;
import java.util.function.Supplier;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.TooManyCombinationsException;
import jomble.core.counting.WardrobeTooLargeException;
import jomble.server.problem.ProblemAdvice;
import jomble.server.studio.StudioMember;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.NestedRuntimeException;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Runs long work in the background and streams its results as server-sent events, with {@code progress} in between.
 * Every stream ends with {@code complete}, with {@code refused} and the reason, or when the browser disconnects, which
 * also cancels the work.
 */
@Component
public class EventStreams {
    private static final long LONGEST_MILLIS = TimeUnit.MINUTES.toMillis(5);
    private static final long BETWEEN_REPORTS_NANOS = TimeUnit.MILLISECONDS.toNanos(200);

    /** Concurrent streams; most of them wait for counts, which run elsewhere. */
    private static final int MOST_STREAMS = 64;

    private static final long IDLE_SECONDS = 30;

    private static final Logger LOG = LoggerFactory.getLogger(EventStreams.class);

    private final CountingAhead ahead;
    private final HeavyQuestions heavy;
    private final Supplier<SseEmitter> emitters;
    private final ExecutorService threads = threads();

    @Autowired
    EventStreams(CountingAhead ahead, HeavyQuestions heavy) {
        this(ahead, heavy, () -> new SseEmitter(LONGEST_MILLIS));
    }

    EventStreams(CountingAhead ahead, HeavyQuestions heavy, Supplier<SseEmitter> emitters) {
        this.ahead = ahead;
        this.heavy = heavy;
        this.emitters = emitters;
    }

    private static ExecutorService threads() {
        ThreadPoolExecutor threads = new ThreadPoolExecutor(
                MOST_STREAMS, MOST_STREAMS, IDLE_SECONDS, TimeUnit.SECONDS, new LinkedBlockingQueue<>());
        threads.allowCoreThreadTimeOut(true);
        return threads;
    }

    /** Work that sends results while it runs. */
    public interface Work {
        void run(Progress progress, Events events);
    }

    /** Sends an event by name. */
    public interface Events {
        void send(String name, Object data);
    }

    public record ProgressView(double fraction) {}

    public record RefusedView(String why) {}

    /** Streams what the work sends, then {@code complete}, which is empty unless the work sent it itself. */
    public SseEmitter open(Work work) {
        SseEmitter emitter = emitters.get();
        AtomicBoolean listening = new AtomicBoolean(true);
        emitter.onCompletion(() -> listening.set(false));
        emitter.onTimeout(() -> listening.set(false));
        emitter.onError(e -> listening.set(false));
        ahead.pause();
        threads.execute(() -> run(work, emitter, listening));
        return emitter;
    }

    /** Streams what heavy work sends, when it is the caller's turn. */
    public SseEmitter openHeavy(StudioMember who, Work work) {
        return open((progress, events) -> heavy.answer(who, progress, reporting -> {
            work.run(reporting, events);
            return null;
        }));
    }

    /** Streams several parts, each as soon as it is computed; then {@code complete}. */
    public SseEmitter openEach(String name, List<Function<Progress, Object>> parts) {
        return open((progress, events) -> {
            for (int i = 0; i < parts.size(); i++) {
                events.send(name, parts.get(i).apply(progress.partOf(i, parts.size())));
            }
        });
    }

    private static void run(Work work, SseEmitter emitter, AtomicBoolean listening) {
        AtomicBoolean isComplete = new AtomicBoolean();
        try {
            work.run(reporting(emitter, listening), (name, data) -> {
                isComplete.compareAndSet(false, name.equals("complete"));
                send(emitter, name, data);
            });
            if (!isComplete.get()) {
                send(emitter, "complete", Map.of());
            }
            emitter.complete();
        } catch (WardrobeTooLargeException e) {
            refuse(emitter, ProblemAdvice.sentence(e));
        } catch (TooManyCombinationsException e) {
            refuse(emitter, ProblemAdvice.TOO_MANY);
        } catch (CountingStoppedException | UncheckedIOException e) {
            listening.set(false);
            emitter.complete();
        } catch (RuntimeException | Error e) {
            // After a disconnect the emitter rejects events; that is not a failure.
            if (listening.getAndSet(false)) {
                LOG.error("A stream failed", e);
            }
            refuse(emitter, ProblemAdvice.UNEXPECTED);
        }
    }

    private static void refuse(SseEmitter emitter, String why) {
        try {
            send(emitter, "refused", new RefusedView(why));
        } catch (UncheckedIOException | IllegalStateException e) {
            // The client has disconnected.
        }
        emitter.complete();
    }

    private static Progress reporting(SseEmitter emitter, AtomicBoolean listening) {
        long[] last = {System.nanoTime()};
        return doneFraction -> {
            if (System.nanoTime() - last[0] > BETWEEN_REPORTS_NANOS) {
                last[0] = System.nanoTime();
                try {
                    send(emitter, "progress", new ProgressView(doneFraction));
                } catch (UncheckedIOException | IllegalStateException e) {
                    listening.set(false);
                }
            }
            return listening.get();
        };
    }

    private static void send(SseEmitter emitter, String name, Object data) {
        try {
            emitter.send(SseEmitter.event().name(name).data(data));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (IllegalStateException e) {
            // A connection lost while JSON is written is wrapped twice.
            if (e.getCause() instanceof NestedRuntimeException cause && cause.contains(IOException.class)) {
                throw new UncheckedIOException(new IOException(e));
            }
            throw e;
        }
    }

    @PreDestroy
    void stop() {
        threads.shutdownNow();
    }
}
