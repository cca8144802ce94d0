package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every worked case of every rule, as it stands in the rule's case file. */
class WorkedCasesTest {
    private static final List<String> KINDS = List.of("none", "credit", "note", "minor", "major", "stop");

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

    /** Of every question that rules ask, each school but the usual one judges at least three outfits otherwise than that. */
    @ParameterizedTest(name = "{0}")
    @EnumSource(
            value = SchoolSwitch.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"TOPS_SHARE", "ONE_PIECES", "CAPSULE_SIZE"})
    void everySchoolFlipsThreeOutfits(SchoolSwitch question) {
        Map<String, Integer> flips = new LinkedHashMap<>();
        for (Map<String, Object> one : arguable()) {
            Map<String, Verdict> verdicts = new LinkedHashMap<>();
            question.schools()
                    .forEach(school -> verdicts.put(
                            school, judge(in(one, question, school)).verdict()));
            verdicts.forEach((school, verdict) ->
                    flips.merge(school, verdict == verdicts.get(question.usual()) ? 0 : 1, Integer::sum));
        }
        assertThat(flips).containsEntry(question.usual(), 0).hasSameSizeAs(question.schools());
        flips.remove(question.usual());
        assertThat(flips.values()).allSatisfy(flipped -> assertThat(flipped).isGreaterThanOrEqualTo(3));
    }

    /** The same outfit before a studio of that school. */
    private static Map<String, Object> in(Map<String, Object> one, SchoolSwitch question, String school) {
        Map<String, Object> context = new LinkedHashMap<>();
        if (one.get("context") instanceof Map<?, ?> given) {
            given.forEach((key, value) -> context.put((String) key, value));
        }
        Map<String, Object> schools = new LinkedHashMap<>();
        if (context.get("schools") instanceof Map<?, ?> given) {
            given.forEach((key, value) -> schools.put((String) key, value));
        }
        schools.put(question.id(), school);
        context.put("schools", schools);
        Map<String, Object> there = new LinkedHashMap<>(one);
        there.put("context", context);
        return there;
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
