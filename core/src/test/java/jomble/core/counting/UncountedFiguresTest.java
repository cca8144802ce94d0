package jomble.core.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import jomble.core.RandomWardrobes;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;

/** The figures of pieces in slots that are not counted, found together, against counts that are about one piece or one slot. */
class UncountedFiguresTest {
    private static final int WARDROBES = 150;
    private static final int PIECES = 16;
    private static final long FIRST_SEED = 20_261_201;
    private static final List<CountedSlots> COUNTED = List.of(
            CountedSlots.OUTFITS,
            CountedSlots.CLOTHES,
            CountedSlots.OUTFITS.and(Slot.COAT),
            new CountedSlots(EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.SHOES)));

    private final Counter counter = new DiagramCounter(Catalogue.standard());

    @Test
    void areWhatIsCountedWithThePieceOrWithItsSlot() {
        int completing = 0;
        int besides = 0;
        for (int i = 0; i < WARDROBES; i++) {
            CountQuestion question = question(FIRST_SEED + i, COUNTED.get(i % COUNTED.size()));
            Counts counts = counter.count(question, List.of(), Progress.NONE);
            for (Piece piece : question.pieces()) {
                List<Slot> roles = piece.roles();
                if (roles.isEmpty() || roles.stream().anyMatch(question.counted()::has)) {
                    continue;
                }
                String what = "seed %d counting %s, %s".formatted(FIRST_SEED + i, question.counted(), piece);
                CountQuestion alone = question.withoutCompletions();
                Counts with = counter.count(alone.containing(List.of(piece.id())), List.of(), Progress.NONE);
                assertThat(counts.perPiece().get(piece.id())).as(what).isEqualTo(with.total());
                completing += with.total().signum();
                if (roles.size() == 1) {
                    Slot slot = roles.get(0);
                    Counts there = counter.count(alone.counting(alone.counted().and(slot)), List.of(), Progress.NONE);
                    boolean isPlain = piece.setId() == null || slot != Slot.JEWELLERY;
                    if (isPlain) {
                        assertThat(counts.reach().getOrDefault(piece.id(), 0))
                                .as(what)
                                .isEqualTo(there.reach().getOrDefault(piece.id(), 0));
                    }
                    besides += CountedSlots.FILLED.contains(slot)
                            ? 0
                            : with.total().signum();
                }
            }
        }
        assertThat(completing).isGreaterThan(WARDROBES);
        assertThat(besides).isGreaterThan(WARDROBES / 4);
    }

    private static CountQuestion question(long seed, CountedSlots counted) {
        RandomWardrobes wardrobes = new RandomWardrobes(seed);
        return new CountQuestion(
                wardrobes.pieces(PIECES),
                wardrobes.contexts(),
                counted,
                new Random(seed).nextBoolean(),
                List.of(),
                true);
    }
}
