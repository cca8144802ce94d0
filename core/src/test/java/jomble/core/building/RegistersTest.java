package jomble.core.building;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import jomble.core.building.Registers.Dressed;
import jomble.core.building.Registers.Register;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Piece;
import jomble.core.piece.Show;
import jomble.core.piece.Slot;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A base finished for day, evening and weekend. */
class RegistersTest {
    private static final Registers REGISTERS = new Registers(Catalogue.standard());

    private static Question question(List<Map<String, Object>> pieces) {
        Node node = Node.root(Map.of("wardrobe", Map.of("pieces", pieces)));
        Question question = QuestionReader.read(node);
        node.finish();
        return question;
    }

    private static Outfit base(List<Piece> pieces) {
        List<Worn> worn = new ArrayList<>();
        for (Slot slot : List.of(Slot.TOP, Slot.BOTTOM, Slot.JACKET, Slot.SHOES)) {
            pieces.stream()
                    .filter(piece -> piece.isFirstOf(slot))
                    .findFirst()
                    .ifPresent(piece -> worn.add(Worn.of(slot, piece)));
        }
        return Outfit.of(worn);
    }

    /** The base stays, what is put on makes it no worse, and nothing that is put on would be better left off. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void finishesWithoutTouchingTheBase(int seed) {
        Question question = question(SampleWardrobe.pieces(seed, 60, 0.3));
        List<Piece> pieces = question.wardrobe().pieces();
        JudgementContext context = question.contexts().get(0);
        Judge judge = new Judge(Catalogue.standard(), context);
        Outfit base = base(pieces);
        Judgement bare = judge.best(base);
        List<Dressed> dressed = REGISTERS.of(base, pieces, context);
        assertThat(dressed).extracting(Dressed::register).containsExactly(Register.values());
        for (Dressed one : dressed) {
            Outfit outfit = one.judgement().outfit();
            base.worn()
                    .forEach(worn -> assertThat(
                                    outfit.in(worn.slot()).orElseThrow().pieces())
                            .isEqualTo(worn.pieces()));
            assertThat(outfit.worn())
                    .hasSize(base.worn().size() + one.finishing().size());
            assertThat(one.judgement().verdict()).isLessThanOrEqualTo(bare.verdict());
            assertThat(one.judgement().points()).isLessThanOrEqualTo(bare.points());
            for (Slot slot : one.finishing().keySet()) {
                Judgement without = judge.best(Outfit.of(outfit.worn().stream()
                        .filter(worn -> worn.slot() != slot)
                        .toList()));
                assertThat(one.judgement().points()).as("without " + slot).isLessThanOrEqualTo(without.points());
            }
            Set<Show> shows = one.finishing().values().stream()
                    .map(those -> those.get(0).get(Attribute.SHOW))
                    .collect(Collectors.toSet());
            assertThat(one.register() == Register.EVENING || !shows.contains(Show.STATEMENT))
                    .isTrue();
        }
    }

    /** The evening takes the statement necklace and the clutch, the weekend leaves both. */
    @Test
    void toldApartByTheirPieces() {
        Question question = question(List.of(
                Map.of("id", "top", "kind", "fine-knit", "colours", List.of("#1c1c1e")),
                Map.of("id", "bottom", "kind", "tailored-trousers", "colours", List.of("#3b3f45")),
                Map.of("id", "shoes", "kind", "loafers", "colours", List.of("#1c1c1e")),
                Map.of("id", "clutch", "kind", "clutch-bag", "formality", 6, "colours", List.of("#1c1c1e")),
                Map.of("id", "rucksack", "kind", "rucksack", "formality", 1, "colours", List.of("#1c1c1e")),
                Map.of("id", "collar", "kind", "necklace", "show", "statement", "formality", 6)));
        List<Piece> pieces = question.wardrobe().pieces();
        List<Dressed> dressed =
                REGISTERS.of(base(pieces), pieces, question.contexts().get(0));
        assertThat(ids(dressed.get(1))).contains("clutch", "collar");
        assertThat(ids(dressed.get(2))).contains("rucksack").doesNotContain("clutch", "collar");
        assertThat(ids(dressed.get(0))).doesNotContain("collar");
    }

    private static List<String> ids(Dressed dressed) {
        return dressed.finishing().values().stream()
                .map(pieces -> pieces.get(0).id().value())
                .toList();
    }
}
