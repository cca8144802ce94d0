package jomble.server.counting;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.server.studio.StudioMember;
import org.springframework.stereotype.Component;

/**
 * Questions that keep a core busy for seconds, such as planning a capsule. They run beside the threads that answer
 * calls, and everybody has at most {@value #AT_ONCE} at once: more of them wait, and whoever waits may leave.
 */
@Component
public class HeavyQuestions {
    private static final int AT_ONCE = 2;
    private static final long BETWEEN_LOOKS_MILLIS = 50;

    private final Lanes lanes;
    private final LoadingCache<UUID, Semaphore> places =
            Caffeine.newBuilder().weakValues().build(person -> new Semaphore(AT_ONCE, true));

    HeavyQuestions(Lanes lanes) {
        this.lanes = lanes;
    }

    /**
     * Answers a question, when it is its turn.
     *
     * @param who a stylist; the programs of a studio count as one
     * @throws CountingStoppedException when {@code progress} asks to stop
     */
    public <T> T answer(StudioMember who, Progress progress, Function<Progress, T> question) {
        Semaphore place = places.get(who.accountId() == null ? who.studioId() : who.accountId());
        try {
            while (!place.tryAcquire(BETWEEN_LOOKS_MILLIS, TimeUnit.MILLISECONDS)) {
                if (!progress.goOn(0)) {
                    throw new CountingStoppedException();
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CountingStoppedException();
        }
        try {
            return lanes.plan(progress, question);
        } finally {
            place.release();
        }
    }
}
