package jomble.core.counting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.rule.Catalogue;
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

    private static List<Census> walked(long worthSharing) {
        return new Sweep(field(worthSharing), Progress.NONE).run(Forced.nothing());
    }

    private static List<String> bodies(List<Census> found) {
        List<String> bodies = new ArrayList<>();
        for (Census census : found) {
            for (Option[] body : census.bodies()) {
                StringBuilder written = new StringBuilder(census.structure().id());
                Stream.of(body).forEach(option -> written.append(' ').append(option == null ? "-" : option.ids()));
                bodies.add(written.toString());
            }
        }
        return bodies;
    }

    @Test
    void findsTheSameBodiesHoweverTheyAreSharedOut() {
        List<Census> alone = walked(Long.MAX_VALUE);
        List<Census> shared = walked(0);
        assertThat(bodies(alone)).hasSizeGreaterThan(100).doesNotHaveDuplicates();
        assertThat(bodies(shared)).containsExactlyInAnyOrderElementsOf(bodies(alone));
        assertThat(shared).as("shares").hasSizeGreaterThan(alone.size());
    }

    @ParameterizedTest
    @ValueSource(longs = {0, Long.MAX_VALUE})
    void stopsWhenItIsAskedTo(long worthSharing) {
        Sweep sweep = new Sweep(field(worthSharing), done -> false);
        assertThatThrownBy(() -> sweep.run(Forced.nothing())).isInstanceOf(CountingStoppedException.class);
    }

    /** What goes wrong in whichever thread goes wrong for the one that asked, and the others leave off. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1})
    void handsOnWhatGoesWrongInAShare(int broken) {
        SideBySide threads = new SideBySide();
        List<Supplier<Integer>> parts = IntStream.range(0, 2)
                .<Supplier<Integer>>mapToObj(part -> () -> {
                    if (part == broken) {
                        throw new IllegalArgumentException("broken share");
                    }
                    return part;
                })
                .toList();
        assertThatThrownBy(() -> threads.all(parts)).hasMessage("broken share");
        assertThat(threads.isStopped()).isTrue();
    }
}
