package jomble.server.counting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.server.studio.StudioMember;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class HeavyQuestionsTest {
    private static final StudioMember ADA = somebody(UUID.randomUUID());
    private static final StudioMember PROGRAM = somebody(null);
    private static final Progress PATIENT = done -> true;

    private final Lanes lanes = new Lanes(9);
    private final HeavyQuestions questions = new HeavyQuestions(lanes);
    private final ExecutorService callers = Executors.newCachedThreadPool();
    private final CountDownLatch end = new CountDownLatch(1);
    private final AtomicInteger running = new AtomicInteger();
    private final List<Future<?>> asked = new ArrayList<>();

    private static StudioMember somebody(UUID account) {
        return new StudioMember(account, 0, UUID.randomUUID(), "somebody", "studio", "EUR");
    }

    @AfterEach
    void stop() {
        end.countDown();
        callers.shutdownNow();
        lanes.stop();
    }

    private void ask(StudioMember who, int times) {
        for (int i = 0; i < times; i++) {
            asked.add(callers.submit(() -> questions.answer(who, PATIENT, progress -> {
                running.incrementAndGet();
                return await(end);
            })));
        }
    }

    private static boolean await(CountDownLatch latch) {
        try {
            return latch.await(30, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private void nowRun(int expected) throws InterruptedException {
        for (int i = 0; i < 100 && running.get() < expected; i++) {
            TimeUnit.MILLISECONDS.sleep(20);
        }
        TimeUnit.MILLISECONDS.sleep(200);
        assertThat(running).hasValue(expected);
    }

    @Test
    void everybodyHasTwoAtOnceAndOthersDoNotWaitForThem() throws Exception {
        ask(ADA, 5);
        nowRun(2);
        ask(PROGRAM, 1);
        nowRun(3);
        end.countDown();
        for (Future<?> one : asked) {
            assertThat(one.get(30, TimeUnit.SECONDS)).isEqualTo(true);
        }
        assertThat(running).hasValue(6);
    }

    @Test
    void whoeverWaitsMayLeave() throws Exception {
        ask(ADA, 2);
        nowRun(2);
        assertThatThrownBy(() -> questions.answer(ADA, done -> false, progress -> true))
                .isInstanceOf(CountingStoppedException.class);
        end.countDown();
        String answered = questions.answer(ADA, PATIENT, progress -> "answered");
        assertThat(answered).isEqualTo("answered");
    }

    @Test
    void aPlanMayAskForCountsHoweverManyPlansThereAre() {
        Lanes narrow = new Lanes(1);
        HeavyQuestions few = new HeavyQuestions(narrow);
        Object counted = few.answer(ADA, PATIENT, progress -> narrow.run("key", true, progress, counting -> "counted"));
        assertThat(counted).isEqualTo("counted");
        narrow.stop();
    }

    @Test
    void aFailureIsTheCallersAndGivesThePlaceBack() {
        for (int i = 0; i < 3; i++) {
            assertThatThrownBy(() -> questions.answer(ADA, PATIENT, progress -> {
                        throw new IllegalArgumentException("no plan");
                    }))
                    .hasMessageContaining("no plan");
        }
    }
}
