package jomble.server.counting;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.TooManyCombinationsException;
import jomble.core.counting.WardrobeTooLargeException;
import jomble.server.problem.ProblemAdvice;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.slf4j.LoggerFactory;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Every stream ends, however its work does, and what nobody expected is logged once. */
class EventStreamsTest {
    private final Listener listener = new Listener();
    private final CountingAhead ahead = new CountingAhead(0);
    private final EventStreams streams = new EventStreams(ahead, new HeavyQuestions(new Lanes()), () -> listener);
    private final ListAppender<ILoggingEvent> log = new ListAppender<>();

    /** Stands in for the browser. */
    private static final class Listener extends SseEmitter {
        private final List<String> heard = new CopyOnWriteArrayList<>();
        private final CountDownLatch completed = new CountDownLatch(1);
        private Exception gone;

        @Override
        public void send(SseEventBuilder event) throws IOException {
            if (gone instanceof IOException lost) {
                throw lost;
            }
            if (gone instanceof RuntimeException lost) {
                throw lost;
            }
            StringBuilder text = new StringBuilder();
            event.build().forEach(part -> text.append(part.getData()));
            heard.add(text.toString().strip());
        }

        @Override
        public void complete() {
            completed.countDown();
        }

        boolean isCompleted() throws InterruptedException {
            return completed.await(10, TimeUnit.SECONDS);
        }
    }

    @BeforeEach
    void listenToTheLog() {
        log.start();
        ((Logger) LoggerFactory.getLogger(EventStreams.class)).addAppender(log);
        ((Logger) LoggerFactory.getLogger(CountingAhead.class)).addAppender(log);
    }

    @AfterEach
    void stop() {
        ((Logger) LoggerFactory.getLogger(EventStreams.class)).detachAppender(log);
        ((Logger) LoggerFactory.getLogger(CountingAhead.class)).detachAppender(log);
        streams.stop();
        ahead.stop();
    }

    private static void fail(Throwable how) {
        if (how instanceof Error error) {
            throw error;
        }
        throw (RuntimeException) how;
    }

    static Stream<Arguments> failures() {
        return Stream.of(
                Arguments.of(new IllegalStateException("unforeseen"), ProblemAdvice.UNEXPECTED, 1),
                Arguments.of(new StackOverflowError(), ProblemAdvice.UNEXPECTED, 1),
                Arguments.of(new OutOfMemoryError(), ProblemAdvice.UNEXPECTED, 1),
                Arguments.of(
                        new TooManyCombinationsException(new ArithmeticException("overflow")),
                        ProblemAdvice.TOO_MANY,
                        0),
                Arguments.of(new WardrobeTooLargeException(70, 64), "64", 0));
    }

    @ParameterizedTest
    @MethodSource("failures")
    void endsWithTheReasonWhenTheWorkFails(Throwable how, String says, int logged) throws InterruptedException {
        streams.open((progress, events) -> {
            events.send("part", 1);
            fail(how);
        });
        assertThat(listener.isCompleted()).isTrue();
        assertThat(listener.heard).hasSize(2);
        assertThat(listener.heard.get(0)).startsWith("event:part");
        assertThat(listener.heard.get(1)).startsWith("event:refused").contains(says);
        assertThat(log.list).hasSize(logged);
    }

    @Test
    void endsInOneAnswer() throws InterruptedException {
        streams.openEach("part", List.of(progress -> "a", progress -> "b"));
        assertThat(listener.isCompleted()).isTrue();
        assertThat(listener.heard).hasSize(3).last().asString().startsWith("event:complete");
    }

    @Test
    void keepsTheAnswerTheWorkEndsWith() throws InterruptedException {
        streams.open((progress, events) -> events.send("complete", Map.of("cells", 12)));
        assertThat(listener.isCompleted()).isTrue();
        assertThat(listener.heard).singleElement().asString().contains("cells=12");
    }

    static Stream<Exception> waysToBeGone() {
        IOException broken = new IOException("broken pipe");
        return Stream.of(
                broken,
                new IllegalStateException("Failed to send", new HttpMessageNotWritableException("JSON", broken)));
    }

    @ParameterizedTest
    @MethodSource("waysToBeGone")
    void isSilentWhenTheAnswerFindsNobody(Exception gone) throws InterruptedException {
        listener.gone = gone;
        streams.open((progress, events) -> events.send("part", 1));
        assertThat(listener.isCompleted()).isTrue();
        assertThat(log.list).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("waysToBeGone")
    void stopsTheWorkWhenNobodyListensAnyMore(Exception gone) throws InterruptedException {
        listener.gone = gone;
        CountDownLatch stopped = new CountDownLatch(1);
        streams.open((progress, events) -> {
            while (progress.goOn(0.5)) {
                Thread.onSpinWait();
            }
            stopped.countDown();
            throw new CountingStoppedException();
        });
        assertThat(stopped.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(listener.isCompleted()).isTrue();
        assertThat(log.list).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("failures")
    void countingAheadLogsWhatNobodyExpectedAndGoesOn(Throwable how, String says, int logged)
            throws InterruptedException {
        CountDownLatch failed = new CountDownLatch(1);
        ahead.begin(List.of(progress -> {
            failed.countDown();
            fail(how);
        }));
        assertThat(failed.await(10, TimeUnit.SECONDS)).isTrue();
        CountDownLatch next = new CountDownLatch(1);
        ahead.begin(List.of(progress -> next.countDown()));
        assertThat(next.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(log.list).hasSize(logged);
    }
}
