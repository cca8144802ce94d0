package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import jomble.core.Json;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.Word;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every worked case of every rule, as it stands in the rule's case file. */
class WorkedCasesTest {
    private static final List<String> KINDS = List.of("none", "credit", "minor", "major", "stop");

    static Stream<Arguments> cases() {
        return Catalogue.standard().rules().stream()
                .flatMap(rule -> casesOf(rule).stream().map(one -> Arguments.of(rule.id(), one.get("name"), one)));
    }

    @SuppressWarnings("unchecked")
    static List<Map<String, Object>> casesOf(Rule rule) {
        return (List<Map<String, Object>>) Json.resource("/jomble/core/judgement/cases/" + rule.id() + ".json")
                .get("cases");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("cases")
    void ruleFindsWhatTheCaseExpects(String rule, String name, Map<String, Object> one) {
        Judgement judgement = judge(one);
        String found = judgement.findings().stream()
                .filter(finding -> finding.rule().equals(rule))
                .map(finding -> finding.kind().id())
                .findFirst()
                .orElse("none");
        assertThat(found)
                .as("%s in %s", judgement.findings(), judgement.outfit())
                .isEqualTo(one.get("expect"));
        assertThat(KINDS).contains(found);
    }

    static Stream<Arguments> outfits() {
        return arguable().stream().map(one -> Arguments.of(one.get("name"), one));
    }

    @SuppressWarnings("unchecked")
    private static List<Map<String, Object>> arguable() {
        return (List<Map<String, Object>>)
                Json.resource("/jomble/core/judgement/outfits.json").get("outfits");
    }

    /** Whole outfits a stylist would argue about, with the verdict she would give and the rule that speaks for it. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("outfits")
    void judgesWholeOutfitsAsAStylistWould(String name, Map<String, Object> one) {
        Judgement judgement = judge(one);
        assertThat(judgement.verdict().id())
                .as("%s in %s", judgement.findings(), judgement.outfit())
                .isEqualTo(one.get("verdict"));
        if (!"".equals(one.get("reason"))) {
            assertThat(judgement.findings()).extracting(Finding::rule).contains((String) one.get("reason"));
        }
        assertThat((String) one.get("why")).isNotBlank();
    }

    /** Each question on which schools differ about an outfit changes the verdict of one at least. */
    @Test
    void theSchoolsFlipVerdicts() {
        Map<String, Set<Object>> verdicts = new LinkedHashMap<>();
        for (Map<String, Object> one : arguable()) {
            String[] parts = one.get("name").toString().split(", (?=[^,]*$)");
            if (one.get("context") instanceof Map<?, ?> context && context.containsKey("schools")) {
                verdicts.computeIfAbsent(parts[0], p -> new HashSet<>()).add(one.get("verdict"));
            }
        }
        assertThat(verdicts).hasSizeGreaterThanOrEqualTo(8);
        assertThat(verdicts.values()).allSatisfy(found -> assertThat(found).hasSizeGreaterThan(1));
    }

    /** Judged with the finishes the case names, or with the best. */
    @SuppressWarnings("unchecked")
    private static Judgement judge(Map<String, Object> one) {
        Map<String, Object> slots = new LinkedHashMap<>();
        List<Object> pieces = new ArrayList<>();
        ((Map<String, Map<String, Object>>) one.get("worn")).forEach((slot, piece) -> {
            Map<String, Object> named = new LinkedHashMap<>(piece);
            named.put("id", slot);
            pieces.add(named);
            slots.put(slot, slot);
        });
        Map<String, Object> wardrobe = Map.of(
                "brief", one.getOrDefault("brief", Map.of()),
                "pieces", pieces,
                "sets", one.getOrDefault("sets", List.of()));
        Map<String, Object> request = new LinkedHashMap<>(Map.of("wardrobe", wardrobe, "outfits", List.of(slots)));
        request.put("context", one.get("context"));
        Node node = Node.root(request);
        Question question = QuestionReader.read(node);
        List<Outfit> outfits = QuestionReader.outfits(node.field("outfits"), question.wardrobe());
        node.finish();
        Judge judge = new Judge(Catalogue.standard(), question.contexts().get(0));
        Map<String, String> finishes = (Map<String, String>) one.get("finishes");
        return finishes == null ? judge.best(outfits.get(0)) : judge.judge(finished(outfits.get(0), finishes));
    }

    private static Outfit finished(Outfit outfit, Map<String, String> finishes) {
        List<Worn> worn = outfit.worn().stream()
                .map(w -> finishes.containsKey(w.slot().id())
                        ? w.finished(
                                Word.find(Finish.class, finishes.get(w.slot().id()))
                                        .orElseThrow())
                        : w)
                .toList();
        return Outfit.of(worn);
    }
}
