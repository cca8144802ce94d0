package jomble.core.counting.exact;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.climate.Weather;
import jomble.core.colour.ColourNames;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.document.WardrobeReader;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Inputs that a counter once got wrong, with the reason. */
class CountingHardCasesTest {
    private static final List<String> COLD_WARDROBE = List.of(
            "shirt white",
            "roll-neck black",
            "tailored-trousers charcoal",
            "jeans navy",
            "cardigan grey",
            "wool-coat camel",
            "ankle-boots black",
            "scarf navy",
            "scarf burgundy",
            "knitted-hat charcoal",
            "belt black");

    private static List<Piece> pieces() {
        List<Map<String, Object>> pieces = new ArrayList<>();
        for (String words : COLD_WARDROBE) {
            String[] parts = words.split(" ");
            pieces.add(Map.of("id", words.replace(' ', '-'), "kind", parts[0], "colours", List.of(hex(parts[1]))));
        }
        return WardrobeReader.read(Map.of("pieces", pieces), Kinds.shipped()).pieces();
    }

    private static String hex(String name) {
        return ColourNames.find(name).orElseThrow().hex();
    }

    /**
     * A scarf may warm the neck, hold the waist or cover the head. A filling that put it about the waist was once taken to be as
     * warm as one with it about the neck and the hat on the head, or barred the belt beside it: in the cold some outfits were
     * lost. The temperatures pass over the edges of the warmth windows.
     */
    @ParameterizedTest
    @ValueSource(doubles = {-8, -4, -2, -1, 0, 1, 2, 3, 5, 8, 12})
    void aScarfThatCanSitInThreeSlotsFillsEachAsWellAsCanBe(double lowC) {
        JudgementContext context = JudgementContext.PLAIN.in(new Weather(lowC, lowC + 4, 80, 3, 0, false));
        CountQuestion question =
                new CountQuestion(pieces(), List.of(context), CountedSlots.OUTFITS, true, List.of(), true);
        BruteForce slow = new BruteForce(question);
        Counts fast = new DiagramCounter(Catalogue.standard()).count(question, List.of(), Progress.NONE);
        assertThat(fast.total()).isEqualTo(slow.total());
        assertThat(fast.daring()).isEqualTo(slow.daring());
        for (Piece piece : question.pieces()) {
            assertThat(fast.perPiece().get(piece.id())).as(piece.label()).isEqualTo(slow.perPiece(piece));
        }
    }
}
