package jomble.core.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import jomble.core.RandomWardrobes;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Structure;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
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

    /** Taken out one by one or counted anew, it is the same that goes. */
    @Test
    void isTheSameWhenOnlyWhatGoesIsCounted() {
        int changed = 0;
        for (long seed = 100; seed < 260; seed++) {
            RandomWardrobes wardrobes = new RandomWardrobes(seed);
            CountedSlots counted = List.of(CountedSlots.OUTFITS, CountedSlots.CLOTHES, CountedSlots.LOOKS)
                    .get((int) seed % 3);
            CountQuestion whole = new CountQuestion(
                    wardrobes.pieces(11), wardrobes.contexts(), counted, seed % 2 == 0, List.of(), seed % 4 < 2);
            Set<PieceId> out = new TreeSet<>();
            for (int i = 0; i <= seed % 6; i++) {
                out.add(whole.pieces()
                        .get((int) (seed * (i + 3)) % whole.pieces().size())
                        .id());
            }
            Counts before = count(whole);
            CountDifference expected = CountDifference.between(before, count(whole.without(out)));
            assertThat(whole.leftOutBy(whole.without(out))).isEqualTo(out);
            Optional<CountDifference> told = counter.without(whole, before, out, Progress.NONE);
            if (told.isPresent()) {
                assertThat(told.get())
                        .as("seed %d without %s", seed, out)
                        .usingRecursiveComparison()
                        .isEqualTo(expected);
                changed += expected.total().signum() != 0 ? 1 : 0;
            }
        }
        assertThat(changed).as("wardrobes in which it made a difference").isGreaterThan(10);
    }

    @Test
    void knowsWhenMoreIsChangedThanPiecesLeftOut() {
        RandomWardrobes wardrobes = new RandomWardrobes(3);
        CountQuestion whole = new CountQuestion(
                wardrobes.pieces(9), wardrobes.contexts(), CountedSlots.OUTFITS, false, List.of(), false);
        CountQuestion fewer = whole.without(Set.of(whole.pieces().get(0).id()));
        assertThat(whole.leftOutBy(fewer)).containsExactly(whole.pieces().get(0).id());
        assertThat(fewer.leftOutBy(whole)).isEmpty();
        assertThat(whole.leftOutBy(fewer.built(Structure.SEPARATES))).isEmpty();
        assertThat(whole.leftOutBy(whole)).isEmpty();
    }
}
