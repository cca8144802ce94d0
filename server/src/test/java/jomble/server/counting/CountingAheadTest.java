package jomble.server.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What is counted while nobody waits. */
class CountingAheadTest {
    private final CountingAhead ahead = new CountingAhead(0);
    private final BlockingQueue<String> done = new LinkedBlockingQueue<>();

    @AfterEach
    void stop() {
        ahead.stop();
    }

    private String next() throws InterruptedException {
        return done.poll(10, TimeUnit.SECONDS);
    }

    /** Counts until it is told to stop. */
    private void untilStopped(CountDownLatch begun, Progress progress) {
        begun.countDown();
        while (progress.goOn(0.5)) {
            Thread.onSpinWait();
        }
        done.add("stopped");
        throw new CountingStoppedException();
    }

    @Test
    void countsOneThingAfterTheOther() throws InterruptedException {
        ahead.begin(List.of(progress -> done.add("winter"), progress -> done.add("spring")));
        assertThat(List.of(next(), next())).containsExactly("winter", "spring");
    }

    @Test
    void leavesOffWhenItIsToldAndBeginsWithAnotherList() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        ahead.begin(List.of(progress -> untilStopped(begun, progress), progress -> done.add("never")));
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        ahead.pause();
        assertThat(next()).isEqualTo("stopped");
        ahead.begin(List.of(progress -> done.add("again")));
        assertThat(next()).isEqualTo("again");
        assertThat(done).isEmpty();
    }

    @Test
    void aListTakesThePlaceOfTheOneBefore() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        ahead.begin(List.of(progress -> untilStopped(begun, progress)));
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        ahead.begin(List.of(progress -> done.add("the second")));
        assertThat(List.of(next(), next())).containsExactly("stopped", "the second");
    }
}
