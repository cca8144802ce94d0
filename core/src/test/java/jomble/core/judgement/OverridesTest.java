package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.Json;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a ruling changes, and what no ruling reaches. */
class OverridesTest {
    /** A shirt and trousers that almost match, in one cloth and one colour: two cautions, three points. */
    private static final Map<String, Object> CLOTHES = Json.object("{'top': {'kind': 'shirt', 'cloth': 'twill',"
            + " 'colours': ['#22304d']}, 'bottom': {'kind': 'tailored-trousers', 'cloth': 'twill',"
            + " 'colours': ['#2b3a5c'], 'hem': 'full-length'}, 'shoes': {'kind': 'loafers', 'colours': ['#5c3d29']}}");

    private static Judgement judge(Map<String, Object> clothes, Map<String, Object> extra, Ruling... rulings) {
        List<Object> pieces = new ArrayList<>();
        Map<String, Object> slots = new LinkedHashMap<>();
        clothes.forEach((slot, piece) -> {
            Map<String, Object> named = new LinkedHashMap<>();
            ((Map<?, ?>) piece).forEach((key, value) -> named.put(key.toString(), value));
            named.put("id", slot);
            pieces.add(named);
            slots.put(slot, slot);
        });
        Map<String, Object> wardrobe = new HashMap<>(extra);
        wardrobe.put("pieces", pieces);
        wardrobe.put(
                "overrides",
                Arrays.stream(rulings)
                        .map(ruling -> Map.of(
                                "pieces",
                                        ruling.pieces().stream()
                                                .map(PieceId::value)
                                                .toList(),
                                "decision", ruling.decision().id(),
                                "reason", ruling.reason()))
                        .toList());
        Node node = Node.root(Map.of("wardrobe", wardrobe, "outfits", List.of(slots)));
        Question question = QuestionReader.read(node);
        Outfit outfit = QuestionReader.outfits(node.field("outfits"), question.wardrobe())
                .get(0);
        node.finish();
        return new Judge(Catalogue.standard(), question.contexts().get(0)).best(outfit);
    }

    private static Map<String, Object> with(String slot, String piece) {
        Map<String, Object> clothes = new LinkedHashMap<>(CLOTHES);
        clothes.put(slot, Json.object(piece));
        return clothes;
    }

    private static Ruling ruling(Ruling.Decision decision, String... pieces) {
        return new Ruling("r1", Arrays.stream(pieces).map(PieceId::new).toList(), decision, "so it was decided", "");
    }

    private static Ruling approved(String... pieces) {
        return ruling(Ruling.Decision.APPROVED, pieces);
    }

    private static Ruling never(String... pieces) {
        return ruling(Ruling.Decision.NEVER, pieces);
    }

    private static List<String> faults(Judgement judgement) {
        return judgement.findings().stream()
                .filter(finding -> finding.kind() != FindingKind.CREDIT)
                .map(Finding::rule)
                .sorted()
                .toList();
    }

    @Test
    void withoutARulingTheRulesSpeak() {
        Judgement judgement = judge(CLOTHES, Map.of());
        assertThat(judgement.verdict()).isEqualTo(Verdict.DARING);
        assertThat(faults(judgement)).containsExactly("colour.near-miss", "surface.flat");
    }

    @Test
    void anApprovedPairSilencesWhatIsSaidOfBothAndNothingElse() {
        Judgement judgement = judge(CLOTHES, Map.of(), approved("bottom", "top"));
        assertThat(judgement.verdict()).isEqualTo(Verdict.WORKS);
        assertThat(faults(judgement)).containsExactly("surface.flat");
        assertThat(faults(judge(CLOTHES, Map.of(), approved("top", "shoes"))))
                .containsExactly("colour.near-miss", "surface.flat");
    }

    @Test
    void anApprovedOutfitWorksAsItStandsAndNotWithAnythingMore() {
        Judgement judgement = judge(CLOTHES, Map.of(), approved("top", "bottom", "shoes"));
        assertThat(judgement.verdict()).isEqualTo(Verdict.WORKS);
        assertThat(judgement.points()).isZero();
        assertThat(judgement.findings()).anySatisfy(finding -> {
            assertThat(finding.rule()).isEqualTo(Overrides.ID);
            assertThat(FindingTexts.text(finding, PieceId::value)).contains("so it was decided");
        });
        Map<String, Object> more = with("mid", "{'kind': 'cardigan', 'colours': ['#22304d']}");
        assertThat(judge(more, Map.of(), approved("top", "bottom", "shoes")).verdict())
                .isEqualTo(judge(more, Map.of()).verdict());
    }

    @Test
    void neverBeatsApprovedAndNamesThePieces() {
        Judgement judgement = judge(CLOTHES, Map.of(), approved("top", "bottom", "shoes"), never("top", "shoes"));
        assertThat(judgement.verdict()).isEqualTo(Verdict.NO);
        assertThat(judgement.findings().get(0))
                .isEqualTo(new Finding(
                        Overrides.ID,
                        FindingKind.STOP,
                        List.of(new PieceId("top"), new PieceId("shoes")),
                        new Overrides.Never("so it was decided")));
    }

    @ParameterizedTest(name = "never {0}: {1}")
    @CsvSource({"top, NO", "shoes bottom, NO", "shoes bottom top, NO", "nobody, DARING", "top nobody, DARING"})
    void neverStopsWhereAllThePiecesAreWorn(String pieces, Verdict verdict) {
        assertThat(judge(CLOTHES, Map.of(), never(pieces.split(" "))).verdict()).isEqualTo(verdict);
    }

    @Test
    void noApprovalReachesABoundaryAHemThatTrailsOrALayerThatDoesNotGoOn() {
        Map<String, Object> refuses = Map.of("brief", Json.object("{'boundaries': {'avoid': [{'kind': 'shirt'}]}}"));
        assertThat(judge(CLOTHES, refuses, approved("top", "bottom", "shoes")).verdict())
                .isEqualTo(Verdict.NO);
        Map<String, Object> trailing = with(
                "bottom",
                "{'kind': 'tailored-trousers', 'hem': 'full-length', 'hemmedForHeelCm': 8, 'colours': ['#85868a']}");
        assertThat(faults(judge(trailing, Map.of(), approved("bottom", "shoes"))))
                .contains("hem.heel");
        Map<String, Object> tight = with("jacket", "{'kind': 'blazer', 'fit': 'close', 'colours': ['#85868a']}");
        tight.put("top", Json.object("{'kind': 'chunky-knit', 'clothWeight': 5}"));
        assertThat(faults(judge(tight, Map.of(), approved("top", "jacket")))).contains("layer.order");
    }

    @Test
    void aRuleHeldSofterIsOneStepMilder() {
        Map<String, Object> soft = Map.of(
                "rules", Json.object("{'parameters': {'colour.near-miss/softened': 1, 'surface.flat/softened': 1}}"));
        Judgement judgement = judge(CLOTHES, soft);
        assertThat(judgement.points()).isEqualTo(1);
        assertThat(faults(judgement)).containsExactly("colour.near-miss");
    }

    @ParameterizedTest
    @CsvSource({"a, APPROVED", "a a, NEVER", "'', NEVER"})
    void aRulingOnTooFewPiecesIsNone(String pieces, Ruling.Decision decision) {
        String[] named = pieces.isEmpty() ? new String[0] : pieces.split(" ");
        assertThatThrownBy(() -> ruling(decision, named)).isInstanceOf(IllegalArgumentException.class);
    }
}
