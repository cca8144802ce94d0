package jomble.server.counting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Stream;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Counts of many at once: none waits for what is none of its business, and nothing goes on that nobody waits for. */
@Timeout(value = 60, threadMode = Timeout.ThreadMode.SEPARATE_THREAD)
class LanesTest {
    private final Lanes lanes = new Lanes();
    private final CountDownLatch finish = new CountDownLatch(1);
    private final AtomicInteger begun = new AtomicInteger();

    @AfterEach
    void stop() {
        finish.countDown();
        lanes.stop();
    }

    /** Goes on until it may finish or nobody waits for it. */
    private Function<Progress, String> work(String answer) {
        return progress -> {
            begun.incrementAndGet();
            while (finish.getCount() > 0) {
                if (!progress.goOn(0.5)) {
                    throw new CountingStoppedException();
                }
                Thread.onSpinWait();
            }
            return answer;
        };
    }

    private CompletableFuture<String> ask(String key, boolean isHeavy, Progress progress) {
        return CompletableFuture.supplyAsync(
                () -> lanes.run(key, isHeavy, progress, work(key)), task -> new Thread(task).start());
    }

    private String answer(String key, String answer) {
        return lanes.run(key, false, Progress.NONE, progress -> answer);
    }

    private void begun(int times) throws InterruptedException {
        while (begun.get() < times) {
            TimeUnit.MILLISECONDS.sleep(5);
        }
    }

    @Test
    void aQuickQuestionWaitsForNoHeavyOnes() throws Exception {
        List<CompletableFuture<String>> heavy = Stream.of("a", "b", "c", "d", "e", "f")
                .map(key -> ask(key, true, Progress.NONE))
                .toList();
        begun(1);
        assertThat(answer("quick", "at once")).isEqualTo("at once");
        assertThat(heavy).noneMatch(CompletableFuture::isDone);
        finish.countDown();
        assertThat(heavy).extracting(CompletableFuture::get).containsExactly("a", "b", "c", "d", "e", "f");
    }

    @Test
    void theSameQuestionIsWorkedOutOnceForAllWhoAsk() throws Exception {
        List<CompletableFuture<String>> same =
                Stream.generate(() -> ask("same", true, Progress.NONE)).limit(8).toList();
        CompletableFuture<String> other = ask("other", false, Progress.NONE);
        begun(2);
        TimeUnit.MILLISECONDS.sleep(300);
        finish.countDown();
        assertThat(same).extracting(CompletableFuture::get).containsOnly("same");
        assertThat(other.get()).isEqualTo("other");
        assertThat(begun).hasValue(2);
        assertThat(answer("same", "anew")).as("not remembered").isEqualTo("anew");
    }

    @Test
    void goesOnForTheOthersWhenOneLeavesAndEndsWithTheLast() throws Exception {
        AtomicBoolean first = new AtomicBoolean(true);
        AtomicBoolean second = new AtomicBoolean(true);
        CompletableFuture<String> one = ask("same", true, done -> first.get());
        begun(1);
        CompletableFuture<String> two = ask("same", true, done -> second.get());
        TimeUnit.MILLISECONDS.sleep(200);
        first.set(false);
        assertThatThrownBy(one::get).hasCauseInstanceOf(CountingStoppedException.class);
        assertThat(two).isNotDone();
        second.set(false);
        assertThatThrownBy(two::get).hasCauseInstanceOf(CountingStoppedException.class);
        assertThat(answer("same", "free again")).isEqualTo("free again");
        assertThat(begun).hasValue(1);
    }

    @Test
    void whatWentWrongIsToldToEverybodyAndLeavesNothingBehind() {
        IllegalStateException failure = new IllegalStateException("broken");
        assertThatThrownBy(() -> lanes.run("same", false, Progress.NONE, progress -> {
                    throw failure;
                }))
                .isSameAs(failure);
        assertThat(answer("same", "well")).isEqualTo("well");
    }
}
