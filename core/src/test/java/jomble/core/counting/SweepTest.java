package jomble.core.counting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Slot;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SweepTest {
    private static final long SEED = 5;
    private static final int PIECES = 40;
    private static final double HUE_SHARE = 0.3;

    private static Field field(long worthSharing) {
        Node node = Node.root(Map.of("wardrobe", Map.of("pieces", SampleWardrobe.pieces(SEED, PIECES, HUE_SHARE))));
        Question question = QuestionReader.read(node);
        node.finish();
        return new Field(question.toCount().withoutCompletions(), Catalogue.standard(), worthSharing);
    }

    /** Writes down every body it hears of. */
    private static final class Heard implements Collector {
        private final List<String> bodies = new ArrayList<>();
        private final AtomicInteger speaking = new AtomicInteger();
        private int finished;

        @Override
        public Bodies of(Field.Search search) {
            return new Bodies() {
                @Override
                public void add(Option[] body, int node) {
                    assertThat(speaking.incrementAndGet())
                            .as("one body at a time")
                            .isEqualTo(1);
                    StringBuilder written = new StringBuilder(search.structure().id());
                    Stream.of(Slot.values())
                            .map(slot -> body[slot.ordinal()])
                            .forEach(option -> written.append(' ').append(option == null ? "-" : option.ids()));
                    bodies.add(written.toString());
                    speaking.decrementAndGet();
                }

                @Override
                public void addApproved(Option[] combination, int verdict) {}

                @Override
                public void finish() {
                    finished++;
                }
            };
        }
    }

    private static Heard heard(long worthSharing) {
        Heard heard = new Heard();
        new Sweep(field(worthSharing), List.of(heard), Progress.NONE).run(Forced.free(), Forced.free());
        return heard;
    }

    @Test
    void tellsTheSameBodiesHoweverTheyAreSharedOut() {
        Heard alone = heard(Long.MAX_VALUE);
        Heard shared = heard(0);
        assertThat(alone.bodies).hasSizeGreaterThan(100).doesNotHaveDuplicates();
        assertThat(shared.bodies).containsExactlyInAnyOrderElementsOf(alone.bodies);
        assertThat(shared.finished).as("shares").isGreaterThan(alone.finished);
    }

    @ParameterizedTest
    @ValueSource(longs = {0, Long.MAX_VALUE})
    void stopsWhenItIsAskedTo(long worthSharing) {
        Sweep sweep = new Sweep(field(worthSharing), List.of(new Heard()), done -> false);
        assertThatThrownBy(() -> sweep.run(Forced.free(), Forced.free())).isInstanceOf(CountingStoppedException.class);
    }

    /** What goes wrong in whichever thread goes wrong for the one that asked. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1})
    void handsOnWhatGoesWrongInAShare(int broken) {
        Collector failing = search -> new Collector.Bodies() {
            @Override
            public void add(Option[] body, int node) {
                if (search.share().part() == broken) {
                    throw new IllegalArgumentException("broken share");
                }
            }

            @Override
            public void addApproved(Option[] combination, int verdict) {}
        };
        Sweep sweep = new Sweep(field(0), List.of(failing), Progress.NONE);
        assertThatThrownBy(() -> sweep.run(Forced.free(), Forced.free())).hasMessage("broken share");
    }
}
