package jomble.server.counting;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.counting.SlotPair;
import jomble.core.counting.TooManyCombinationsException;
import jomble.core.counting.WardrobeTooLargeException;
import jomble.server.problem.ProblemAdvice;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Counts in the background and streams how far it has come. A count ends when the browser stops listening.
 *
 * <p>What was counted is remembered for a while; it depends on nothing but the question, so forgetting it is harmless.
 */
@Component
class LiveCounts {
    private static final long LONGEST_MILLIS = TimeUnit.MINUTES.toMillis(5);
    private static final long BETWEEN_REPORTS_NANOS = TimeUnit.MILLISECONDS.toNanos(200);
    private static final int REMEMBERED = 60;
    private static final int THREADS = 2;

    private final Counter counter;
    private final ExecutorService threads = Executors.newFixedThreadPool(THREADS);
    private final Map<Asked, CountsView> known = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, CountsView> eldest) {
            return size() > REMEMBERED;
        }
    });

    LiveCounts(Counter counter) {
        this.counter = counter;
    }

    /** A question, and the two slots that are crossed in its table. */
    record Asked(CountQuestion question, SlotPair across) {
        Asked withoutCompletions() {
            return new Asked(question.withoutCompletions(), across);
        }
    }

    record ProgressView(double fraction) {}

    record RefusedView(String why) {}

    SseEmitter stream(Asked asked) {
        SseEmitter emitter = new SseEmitter(LONGEST_MILLIS);
        AtomicBoolean listening = new AtomicBoolean(true);
        emitter.onCompletion(() -> listening.set(false));
        emitter.onTimeout(() -> listening.set(false));
        emitter.onError(e -> listening.set(false));
        threads.execute(() -> run(asked, emitter, listening));
        return emitter;
    }

    private void run(Asked asked, SseEmitter emitter, AtomicBoolean listening) {
        try {
            CountsView whole = known.get(asked);
            if (whole == null) {
                send(emitter, "counts", counted(asked.withoutCompletions(), emitter, listening));
                whole = counted(asked, emitter, listening);
            }
            send(emitter, "complete", whole);
            emitter.complete();
        } catch (WardrobeTooLargeException e) {
            refuse(emitter, ProblemAdvice.sentence(e));
        } catch (TooManyCombinationsException e) {
            refuse(emitter, ProblemAdvice.TOO_MANY);
        } catch (CountingStoppedException | IOException | IllegalStateException e) {
            listening.set(false);
            emitter.complete();
        }
    }

    private static void refuse(SseEmitter emitter, String why) {
        try {
            send(emitter, "refused", new RefusedView(why));
        } catch (IOException | IllegalStateException e) {
            // nobody listens any more
        }
        emitter.complete();
    }

    private CountsView counted(Asked asked, SseEmitter emitter, AtomicBoolean listening) {
        CountsView view = known.get(asked);
        if (view == null) {
            long start = System.nanoTime();
            Counts counts = counter.count(asked.question(), List.of(asked.across()), reporting(emitter, listening));
            view = CountsView.of(counts, TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - start));
            known.put(asked, view);
        }
        return view;
    }

    private static Progress reporting(SseEmitter emitter, AtomicBoolean listening) {
        long[] last = {System.nanoTime()};
        return doneFraction -> {
            if (System.nanoTime() - last[0] > BETWEEN_REPORTS_NANOS) {
                last[0] = System.nanoTime();
                try {
                    send(emitter, "progress", new ProgressView(doneFraction));
                } catch (IOException | IllegalStateException e) {
                    listening.set(false);
                }
            }
            return listening.get();
        };
    }

    private static void send(SseEmitter emitter, String name, Object data) throws IOException {
        emitter.send(SseEmitter.event().name(name).data(data));
    }

    @PreDestroy
    void stop() {
        threads.shutdownNow();
    }
}
