package jomble.core.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.List;
import java.util.Set;
import jomble.core.RandomWardrobes;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Piece;
import org.junit.jupiter.api.Test;

/** Differences against the counts they are taken from, on random wardrobes with a piece taken out and put back. */
class CountDifferenceTest {
    private final Counter counter = new DiagramCounter(Catalogue.standard());

    private Counts count(CountQuestion question) {
        return counter.count(question, List.of(), Progress.NONE);
    }

    @Test
    void addsUpToWhatIsCountedAfterwards() {
        int changed = 0;
        for (long seed = 1; seed <= 40; seed++) {
            RandomWardrobes wardrobes = new RandomWardrobes(seed);
            CountQuestion whole = new CountQuestion(
                    wardrobes.pieces(12), wardrobes.contexts(), CountedSlots.OUTFITS, seed % 2 == 0, List.of(), true);
            Piece out = whole.pieces().get((int) seed % whole.pieces().size());
            Counts before = count(whole);
            Counts after = count(whole.without(Set.of(out.id())));
            CountDifference lost = CountDifference.between(before, after);
            CountDifference found = CountDifference.between(after, before);

            assertThat(before.total().add(lost.total())).isEqualTo(after.total());
            assertThat(before.daring().add(lost.daring())).isEqualTo(after.daring());
            assertThat(before.paper().add(lost.paper())).isEqualTo(after.paper());
            assertThat(found.total()).isEqualTo(lost.total().negate());
            assertThat(found.relieved()).isEqualTo(lost.orphaned());
            assertThat(found.orphaned()).isEqualTo(lost.relieved());
            assertThat(lost.orphaned()).doesNotContain(out.id());
            assertThat(lost.perPiece())
                    .as("greatest change first")
                    .isSortedAccordingTo(
                            (a, b) -> b.change().abs().compareTo(a.change().abs()));
            for (CountDifference.OfPiece one : lost.perPiece()) {
                assertThat(one.before()).isEqualTo(before.perPiece().getOrDefault(one.id(), BigInteger.ZERO));
                assertThat(one.after()).isEqualTo(after.perPiece().getOrDefault(one.id(), BigInteger.ZERO));
            }
            long same = before.perPiece().entrySet().stream()
                    .filter(e -> e.getValue().equals(after.perPiece().getOrDefault(e.getKey(), BigInteger.ZERO)))
                    .count();
            assertThat(lost.perPiece()).hasSize((int) (before.perPiece().size() - same));
            changed += lost.perPiece().isEmpty() ? 0 : 1;
        }
        assertThat(changed).as("wardrobes in which it made a difference").isGreaterThan(10);
    }
}
