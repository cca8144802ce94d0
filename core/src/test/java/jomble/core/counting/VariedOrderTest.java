package jomble.core.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import jomble.core.colour.ColourScheme;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.score.OutfitScore;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;

class VariedOrderTest {
    private static final int TOPS = 12;
    private static final int BOTTOMS = 12;
    private static final int SHOES = 8;

    @Test
    void tellsEachOutfitOnceBestFirst() {
        List<Combination> all = outfits();
        List<Combination> laid = VariedOrder.of(all);
        assertThat(laid).hasSameSizeAs(all);
        assertThat(new HashSet<>(laid)).isEqualTo(new HashSet<>(all));
        assertThat(laid.get(0).score().total())
                .isEqualTo(all.stream()
                        .mapToDouble(one -> one.score().total())
                        .max()
                        .orElseThrow());
        assertThat(VariedOrder.of(all)).isEqualTo(laid);
    }

    @Test
    void theFirstSheetShowsNoPieceTooOftenAndNoOutfitTwiceButForOnePiece() {
        List<Combination> sheet = VariedOrder.of(outfits()).subList(0, VariedOrder.SHEET);
        Map<PieceId, Integer> shown = new HashMap<>();
        sheet.forEach(one -> one.slots().forEach((slot, ids) -> {
            int times = shown.merge(ids.get(0), 1, Integer::sum);
            assertThat(times).as("%s", ids).isLessThanOrEqualTo(slot == Slot.SHOES ? 3 : 2);
        }));
        for (Combination one : sheet) {
            for (Combination other : sheet) {
                long alike = one.slots().entrySet().stream()
                        .filter(worn -> worn.getValue().equals(other.slots().get(worn.getKey())))
                        .count();
                assertThat(one == other || alike <= 1).isTrue();
            }
        }
    }

    @Test
    void takesTheBestThatIsLeftWhereNothingKeepsToIt() {
        List<Combination> few = outfits().subList(0, 5);
        assertThat(VariedOrder.of(few)).hasSize(5);
    }

    private static List<Combination> outfits() {
        List<Combination> outfits = new ArrayList<>();
        for (int top = 0; top < TOPS; top++) {
            for (int bottom = 0; bottom < BOTTOMS; bottom++) {
                for (int shoes = 0; shoes < SHOES; shoes++) {
                    double points = top + bottom * 0.1 - shoes * 0.01;
                    outfits.add(new Combination(
                            Map.of(
                                    Slot.TOP, List.of(new PieceId("t" + top)),
                                    Slot.BOTTOM, List.of(new PieceId("b" + bottom)),
                                    Slot.SHOES, List.of(new PieceId("s" + shoes))),
                            Map.of(),
                            Verdict.WORKS,
                            0,
                            0,
                            new OutfitScore(List.of(new OutfitScore.Part(OutfitScore.Kind.ECHO, points))),
                            ColourScheme.NEUTRALS,
                            JudgementContext.PLAIN));
                }
            }
        }
        return outfits;
    }
}
