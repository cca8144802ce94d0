package jomble.core.counting.enumeration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EnumerationTest {
    private static final long SEED = 5;
    private static final int PIECES = 90;
    private static final double HUE_SHARE = 0.3;

    private static CompiledQuestion compiled(int optionsPerPartition) {
        Node node = Node.root(Map.of("wardrobe", Map.of("pieces", SampleWardrobe.pieces(SEED, PIECES, HUE_SHARE))));
        Question question = QuestionReader.read(node);
        node.finish();
        return new CompiledQuestion(question.toCount().withoutCompletions(), Catalogue.standard(), optionsPerPartition);
    }

    private static List<PartitionSolutions> walked(int optionsPerPartition) {
        List<PartitionSolutions> found = new ArrayList<>();
        new Enumeration(compiled(optionsPerPartition), Progress.NONE).run(Constraints.nothing(), found::add);
        return found;
    }

    private static List<String> bodies(List<PartitionSolutions> found) {
        List<String> bodies = new ArrayList<>();
        for (PartitionSolutions solutions : found) {
            for (Option[] body : solutions.bodies()) {
                StringBuilder written = new StringBuilder(solutions.structure().id());
                Stream.of(body).forEach(option -> written.append(' ').append(option == null ? "-" : option.ids()));
                bodies.add(written.toString());
            }
        }
        return bodies;
    }

    @Test
    void findsTheSameBodiesHoweverTheyAreSharedOut() {
        List<PartitionSolutions> alone = walked(Integer.MAX_VALUE);
        List<PartitionSolutions> shared = walked(3);
        assertThat(bodies(alone)).hasSizeGreaterThan(100).doesNotHaveDuplicates();
        assertThat(bodies(shared)).as("in the same order").isEqualTo(bodies(alone));
        assertThat(shared).as("shares").hasSizeGreaterThan(alone.size());
    }

    @ParameterizedTest
    @ValueSource(ints = {3, Integer.MAX_VALUE})
    void stopsWhenItIsAskedTo(int optionsPerPartition) {
        Enumeration sweep = new Enumeration(compiled(optionsPerPartition), done -> false);
        assertThatThrownBy(() -> sweep.run(Constraints.nothing(), solutions -> {}))
                .isInstanceOf(CountingStoppedException.class);
    }

    /** What goes wrong in whichever thread goes wrong for the one that asked, and the others leave off. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1})
    void handsOnWhatGoesWrongInAShare(int broken) {
        Workers threads = new Workers();
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
