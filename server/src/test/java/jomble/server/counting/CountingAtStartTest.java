package jomble.server.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import jomble.core.counting.CombinationPage;
import jomble.core.counting.Completions;
import jomble.core.counting.CountDifference;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.EnsembleListener;
import jomble.core.counting.Progress;
import jomble.core.counting.SlotPair;
import jomble.core.counting.Totals;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.server.client.ClientService;
import jomble.server.document.ClientQuestions;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import jomble.server.studio.StudioRepository;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is counted before anybody asks. */
@ExtendWith(RunningJomble.class)
class CountingAtStartTest {
    private static final Counts FIGURES = new Counts(
            null, null, null, Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), null, List.of(), List.of(), List.of());

    /** Answers everything the same, and remembers what it was asked. */
    private static final class Listener implements Counter {
        private final BlockingQueue<CountQuestion> asked = new LinkedBlockingQueue<>();

        @Override
        public Counts count(CountQuestion question, List<SlotPair> crossings, Progress progress) {
            asked.add(question);
            return FIGURES;
        }

        @Override
        public Totals totals(CountQuestion question, Progress progress) {
            throw new AssertionError("bare totals are not asked for ahead");
        }

        @Override
        public Completions completions(CountQuestion question, Progress progress) {
            throw new AssertionError("figures of uncounted pieces are not asked for ahead");
        }

        @Override
        public Optional<CountDifference> without(
                CountQuestion question, Counts known, Set<PieceId> out, Progress progress) {
            throw new AssertionError("nothing is thought of ahead");
        }

        @Override
        public CombinationPage list(CountQuestion question, long offset, int limit, Progress progress) {
            throw new AssertionError("nothing is listed ahead");
        }

        @Override
        public List<Map<Slot, List<PieceId>>> tuples(CountQuestion question, Progress progress) {
            throw new AssertionError("nothing is listed ahead");
        }

        @Override
        public void ensembles(CountQuestion question, EnsembleListener listener, Progress progress) {
            throw new UnsupportedOperationException();
        }
    }

    private static String inWords(CountQuestion question) {
        boolean isAny = question.contexts().get(0).weather() == null;
        return question.pieces().size() + " pieces, "
                + (isAny ? "no weather" : question.contexts().size() + " months");
    }

    @Test
    void countsTheLargestWardrobesInEverySeason(Jomble jomble) throws InterruptedException {
        Listener counter = new Listener();
        CountingAhead ahead = new CountingAhead(0);
        EventStreams streams = new EventStreams(ahead, new HeavyQuestions(new Lanes()));
        LiveCounts live = new LiveCounts(counter, streams, ahead);
        new CountingAtStart(
                        jomble.bean(StudioRepository.class),
                        jomble.bean(ClientService.class),
                        jomble.bean(ClientQuestions.class),
                        live)
                .begin();
        List<CountQuestion> asked = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            asked.add(counter.asked.poll(10, TimeUnit.SECONDS));
        }
        streams.stop();
        ahead.stop();
        List<String> seasons = List.of("no weather", "3 months", "3 months", "3 months", "3 months", "12 months");
        assertThat(asked)
                .doesNotHaveDuplicates()
                .extracting(CountingAtStartTest::inWords)
                .containsExactlyElementsOf(Stream.of("240 pieces, ", "64 pieces, ")
                        .flatMap(pieces -> seasons.stream().map(pieces::concat))
                        .toList());
        assertThat(counter.asked).isEmpty();
    }
}
