package jomble.core.capsule;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import jomble.core.RandomWardrobes;
import jomble.core.brief.Occasion;
import jomble.core.brief.Season;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The table a capsule is sought in against the counter: any choice of pieces has as many outfits in one as in the other. */
class OutfitsTest {
    private static final int WARDROBES = 60;
    private static final int PIECES = 26;
    private static final int CHOICES = 4;
    private static final Counter COUNTER = new DiagramCounter(Catalogue.standard());

    static IntStream seeds() {
        return IntStream.rangeClosed(1, WARDROBES);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void countsWhatTheCounterCounts(int seed) {
        Random random = new Random(seed);
        RandomWardrobes wardrobes = new RandomWardrobes(seed);
        List<JudgementContext> contexts = wardrobes.contexts();
        CapsuleProblem problem =
                new CapsuleProblem(wardrobes.pieces(PIECES), Map.of(), needs(contexts), CapsuleWishes.of(8));
        List<Piece> pieces = problem.searched();
        EnsembleTable table = table(pieces, contexts);
        Outfits outfits = new Outfits(table);
        for (int i = 0; i < CHOICES; i++) {
            boolean[] chosen = new boolean[PIECES];
            Set<PieceId> out = new HashSet<>();
            for (int p = 0; p < PIECES; p++) {
                chosen[p] = random.nextInt(4) > 0 || !problem.counts(pieces.get(p));
                if (!chosen[p]) {
                    out.add(pieces.get(p).id());
                }
            }
            int[] members = IntStream.range(0, PIECES).filter(p -> chosen[p]).toArray();
            outfits.count(chosen, members);
            CountQuestion question =
                    new CountQuestion(pieces, contexts, CountedSlots.OUTFITS, false, List.of(), true).without(out);
            Counts counts = COUNTER.count(question, List.of(), Progress.NONE);
            assertThat(outfits.total()).isEqualTo(counts.total().longValueExact());
            for (int c = 0; c < contexts.size(); c++) {
                assertThat(outfits.in(c)).as("context %d", c).isEqualTo(total(question.in(List.of(contexts.get(c)))));
            }
            long[] perPiece = new long[PIECES];
            outfits.perPiece(perPiece);
            for (int member : members) {
                Piece piece = pieces.get(member);
                if (piece.roles().stream().allMatch(CountedSlots.OUTFITS::has) || isOnlyCoat(piece)) {
                    assertThat(perPiece[member])
                            .as(piece.label())
                            .isEqualTo(counts.perPiece()
                                    .getOrDefault(piece.id(), BigInteger.ZERO)
                                    .longValueExact());
                }
            }
        }
    }

    private static boolean isOnlyCoat(Piece piece) {
        return piece.roles().equals(List.of(Slot.COAT));
    }

    private static long total(CountQuestion question) {
        return COUNTER.totals(question, Progress.NONE).total().longValueExact();
    }

    private static List<Need> needs(List<JudgementContext> contexts) {
        return List.of(new Need(
                Occasion.ANY,
                new Season("any", List.of(1)),
                1,
                1,
                contexts.stream().map(context -> new Need.Month(null, context)).toList()));
    }

    static EnsembleTable table(List<Piece> pieces, List<JudgementContext> contexts) {
        EnsembleTable.Builder builder =
                new EnsembleTable.Builder(pieces.stream().map(Piece::id).toList());
        contexts.forEach(context -> COUNTER.ensembles(
                new CountQuestion(pieces, List.of(context), CountedSlots.OUTFITS, false, List.of(), false),
                builder,
                Progress.NONE));
        return builder.build();
    }
}
