package jomble.core.counting.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import jomble.core.RandomWardrobes;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.document.WardrobeReader;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.Ruling;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The figures of pieces in slots that are not counted, found together, against counts that are about one piece or one slot. */
class UncountedFiguresTest {
    private static final int WARDROBES = 90;
    private static final int PIECES = 16;
    private static final long FIRST_SEED = 20_261_201;
    private static final List<CountedSlots> COUNTED = List.of(
            CountedSlots.OUTFITS, CountedSlots.CLOTHES, CountedSlots.OUTFITS.and(Slot.COAT), CountedSlots.BASES);

    private final Counter counter = new DiagramCounter(Catalogue.standard());

    @Test
    void areWhatIsCountedWithThePieceOrWithItsSlot() {
        int completing = 0;
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
                }
            }
        }
        assertThat(completing).isGreaterThan(WARDROBES);
    }

    private static final List<Piece> PIECES_AT_ODDS = WardrobeReader.read(
                    Map.of(
                            "pieces",
                            List.of(
                                    piece("shirt", "shirt", "linen"),
                                    piece("trousers", "tailored-trousers", "tweed"),
                                    piece("shoes", "loafers", "leather"),
                                    piece("coat", "wool-coat", "flannel"),
                                    piece("bag", "tote-bag", "canvas"),
                                    piece("watch", "watch", "metal"))),
                    Kinds.shipped())
            .pieces();

    private static Map<String, Object> piece(String id, String kind, String cloth) {
        return Map.of("id", id, "kind", kind, "cloth", cloth, "colours", List.of("#1b1a1c"));
    }

    /** Linen and tweed never work by the rules; what is approved does, completed by exactly what was approved with it. */
    @ParameterizedTest
    @CsvSource({
        "shirt trousers shoes,                                     1, 0, 0, 0, ''",
        "shirt trousers shoes bag,                                 1, 0, 1, 0, ''",
        "shirt trousers shoes coat,                                1, 1, 0, 0, shirt trousers shoes",
        "shirt trousers shoes coat bag,                            1, 1, 1, 0, shirt trousers shoes",
        "shirt trousers shoes coat; shirt trousers shoes coat bag, 1, 1, 1, 0, shirt trousers shoes",
        "shirt trousers shoes; shirt trousers shoes coat,          1, 1, 0, 0, ''",
        "shirt trousers shoes bag watch,                           1, 0, 1, 1, ''"
    })
    void approvedOutfitsAreCompletedByWhatIsInThem(
            String approved, int total, int coat, int bag, int watch, String keptByTheCoat) {
        List<Ruling> rulings = Arrays.stream(approved.split("; "))
                .map(outfit -> new Ruling("r1", ids(outfit), Ruling.Decision.APPROVED, "", ""))
                .toList();
        CountQuestion question = new CountQuestion(
                PIECES_AT_ODDS, List.of(ruled(rulings)), CountedSlots.OUTFITS, false, List.of(), true);
        Counts counts = counter.count(question, List.of(), Progress.NONE);
        assertThat(counts.total()).isEqualTo(total);
        assertThat(Stream.of("coat", "bag", "watch")
                        .map(id -> counts.perPiece().get(new PieceId(id)).intValue()))
                .containsExactly(coat, bag, watch);
        assertThat(counts.keeps().getOrDefault(new PieceId("coat"), List.of())).isEqualTo(ids(keptByTheCoat));
    }

    private static List<PieceId> ids(String words) {
        return words.isEmpty()
                ? List.of()
                : Arrays.stream(words.split(" ")).map(PieceId::new).toList();
    }

    private static JudgementContext ruled(List<Ruling> rulings) {
        JudgementContext plain = JudgementContext.PLAIN;
        return JudgementContext.PLAIN.with(new Overrides(rulings));
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
