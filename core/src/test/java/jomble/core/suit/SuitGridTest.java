package jomble.core.suit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.counting.Progress;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.suit.NextSuit.Candidate;
import jomble.core.suit.SuitGrid.Cell;
import jomble.core.suit.SuitGrid.Grid;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Suits taken apart: a soft flannel three-piece, a striped worsted two-piece, an odd tweed jacket and odd cords. */
class SuitGridTest {
    private static final List<Map<String, Object>> PIECES = List.of(
            Map.of(
                    "id",
                    "soft",
                    "kind",
                    "suit-jacket",
                    "colours",
                    List.of("#22304d"),
                    "cloth",
                    "flannel",
                    "set",
                    "s1",
                    "construction",
                    Map.of("structure", "soft", "lapel", "notch", "pockets", "patch")),
            Map.of(
                    "id",
                    "soft-trousers",
                    "kind",
                    "tailored-trousers",
                    "colours",
                    List.of("#22304d"),
                    "cloth",
                    "flannel",
                    "set",
                    "s1"),
            Map.of(
                    "id",
                    "waistcoat",
                    "kind",
                    "waistcoat",
                    "colours",
                    List.of("#22304d"),
                    "cloth",
                    "flannel",
                    "set",
                    "s1"),
            Map.of(
                    "id",
                    "stripe",
                    "kind",
                    "suit-jacket",
                    "colours",
                    List.of("#4a4d52"),
                    "pattern",
                    "chalk-stripe",
                    "set",
                    "s2",
                    "construction",
                    Map.of("structure", "structured", "lapel", "peak", "breasted", "double", "pockets", "flap")),
            Map.of(
                    "id",
                    "stripe-trousers",
                    "kind",
                    "tailored-trousers",
                    "colours",
                    List.of("#4a4d52"),
                    "pattern",
                    "chalk-stripe",
                    "set",
                    "s2"),
            Map.of(
                    "id",
                    "tweed",
                    "kind",
                    "blazer",
                    "colours",
                    List.of("#6b5138"),
                    "cloth",
                    "tweed",
                    "pattern",
                    "herringbone",
                    "construction",
                    Map.of("structure", "soft", "pockets", "patch")),
            Map.of("id", "cords", "kind", "tailored-trousers", "colours", List.of("#c9b48a"), "cloth", "corduroy"),
            Map.of("id", "jeans", "kind", "jeans"),
            Map.of("id", "leather", "kind", "leather-jacket"));

    private static Question question(List<Map<String, Object>> pieces, String school) {
        Node node = Node.root(Map.of(
                "wardrobe", Map.of("pieces", pieces), "context", Map.of("schools", Map.of("tailoring", school))));
        Question question = QuestionReader.read(node);
        node.finish();
        return question;
    }

    private static Grid grid(List<Map<String, Object>> pieces, String school) {
        Question question = question(pieces, school);
        return new SuitGrid(Catalogue.standard(), question.contexts())
                .of(question.wardrobe().pieces());
    }

    private static Cell cell(Grid grid, String jacket, String waistcoat, String bottom) {
        return grid.cells().stream()
                .filter(one -> one.jacket().id().value().equals(jacket)
                        && one.bottom().id().value().equals(bottom)
                        && (waistcoat == null
                                ? one.waistcoat() == null
                                : one.waistcoat() != null
                                        && one.waistcoat().id().value().equals(waistcoat)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void takesWhatIsTailored() {
        Grid grid = grid(PIECES, "measured");
        assertThat(grid.jackets()).extracting(piece -> piece.id().value()).containsExactly("soft", "stripe", "tweed");
        assertThat(grid.bottoms())
                .extracting(piece -> piece.id().value())
                .containsExactly("soft-trousers", "stripe-trousers", "cords");
        assertThat(grid.waistcoats()).hasSize(1);
        assertThat(grid.cells()).hasSize(3 * 3 * 2);
    }

    @ParameterizedTest(name = "{0} with {1} over {2}, {3}: {4}")
    @CsvSource(textBlock = """
            soft,   ,          soft-trousers,   measured, works,  true,  1,
            soft,   waistcoat, soft-trousers,   measured, works,  true,  1,
            soft,   ,          cords,           measured, works,  false, 2, 7
            stripe, ,          soft-trousers,   measured, no,     false, 2, 0
            soft,   ,          stripe-trousers, measured, no,     false, 2, 1
            tweed,  ,          cords,           measured, works,  false, 2,
            soft,   ,          cords,           strict,   no,     false, 2, 7
            tweed,  waistcoat, cords,           measured, works,  false, 3,
            soft,   ,          soft-trousers,   strict,   works,  true,  1,""")
    void saysOfEachCellWhetherItMayBeBroken(
            String jacket,
            String waistcoat,
            String bottom,
            String school,
            String verdict,
            boolean whole,
            int suits,
            Integer separability) {
        Cell cell = cell(grid(PIECES, school), jacket, waistcoat, bottom);
        assertThat(cell.verdict().id()).as(String.valueOf(cell.reason())).isEqualTo(verdict);
        assertThat(cell.whole()).isEqualTo(whole);
        assertThat(cell.suits()).isEqualTo(suits);
        assertThat(cell.separability()).isEqualTo(separability);
        if (cell.verdict() == Verdict.NO) {
            assertThat(cell.reason()).isNotNull();
        }
    }

    /** The next suit opens what the grid says once it hangs there, and no other value of one attribute would open more. */
    @Test
    void knowsTheNextSuit() {
        Question question = question(PIECES, "measured");
        List<Candidate> best = new NextSuit(
                        Catalogue.standard(),
                        question.contexts(),
                        question.wardrobe().pieces())
                .best(Progress.NONE);
        assertThat(best)
                .hasSize(3)
                .extracting(suit -> suit.attributes().get("colour"))
                .doesNotHaveDuplicates();
        for (Candidate suit : best) {
            suit.otherwise()
                    .forEach((attribute, values) -> assertThat(values.values())
                            .as(attribute)
                            .allMatch(opens -> attribute.equals("colour") || opens <= suit.opens()));
            Grid with = grid(with(suit), "measured");
            assertThat(works(with, "next-jacket", null)).isEqualTo(suit.withJacket());
            assertThat(works(with, null, "next-trousers")).isEqualTo(suit.withTrousers());
        }
        assertThat(best.get(0).opens()).isGreaterThanOrEqualTo(best.get(1).opens());
    }

    private static long works(Grid grid, String jacket, String bottom) {
        return grid.cells().stream()
                .filter(cell -> cell.waistcoat() == null && !cell.whole() && cell.verdict() == Verdict.WORKS)
                .filter(cell -> jacket == null || cell.jacket().id().value().equals(jacket))
                .filter(cell -> bottom == null || cell.bottom().id().value().equals(bottom))
                .count();
    }

    private static List<Map<String, Object>> with(Candidate suit) {
        Map<String, String> hex = Map.of(
                "navy",
                "#1f2a44",
                "charcoal",
                "#3b3f45",
                "mid grey",
                "#7d8087",
                "light grey",
                "#b3b5b8",
                "brown",
                "#54392a",
                "tan",
                "#b0895c",
                "olive",
                "#59583a",
                "bottle green",
                "#1f4537",
                "burgundy",
                "#571f2c");
        Map<String, String> of = suit.attributes();
        Map<String, Object> made = Map.of(
                "structure", of.get("structure"), "lapel", "notch", "breasted", "single", "pockets", of.get("pockets"));
        List<Map<String, Object>> pieces = new ArrayList<>(PIECES);
        List.of(List.of("next-jacket", "suit-jacket"), List.of("next-trousers", "tailored-trousers"))
                .forEach(one -> pieces.add(Map.of(
                        "id",
                        one.get(0),
                        "kind",
                        one.get(1),
                        "colours",
                        List.of(hex.get(of.get("colour"))),
                        "cloth",
                        of.get("cloth"),
                        "pattern",
                        of.get("pattern"),
                        "set",
                        "next",
                        "construction",
                        made)));
        return pieces;
    }
}
