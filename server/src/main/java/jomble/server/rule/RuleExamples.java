package jomble.server.rule;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.FindingTexts;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.Word;
import jomble.core.proportion.Heights;
import jomble.core.tree.Node;
import jomble.drawing.Figure;
import jomble.server.problem.ProblemException;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Drawn worked cases of a rule, with its finding on each. */
@Component
class RuleExamples {
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};
    private static final String CASES = "/jomble/core/judgement/cases/";

    private final RuleCatalogue catalogue;
    private final JsonMapper json;

    RuleExamples(RuleCatalogue catalogue, JsonMapper json) {
        this.catalogue = catalogue;
        this.json = json;
    }

    /**
     * A worked case.
     *
     * @param kind what the rule finds: none, credit, minor, major or stop
     * @param text of the finding, null for none
     */
    record ExampleView(String name, String kind, String text, String figure) {}

    List<ExampleView> of(String rule) {
        if (catalogue.find(rule).isEmpty()) {
            throw ProblemException.notFound("The rule " + rule);
        }
        try (InputStream in = RuleCatalogue.class.getResourceAsStream(CASES + rule + ".json")) {
            List<?> cases = (List<?>) json.readValue(in, TREE).get("cases");
            return cases.stream().map(one -> example(rule, (Map<?, ?>) one)).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private ExampleView example(String rule, Map<?, ?> one) {
        Map<String, Object> slots = new LinkedHashMap<>();
        List<Object> pieces = new ArrayList<>();
        ((Map<?, ?>) one.get("worn")).forEach((slot, piece) -> {
            Map<String, Object> named = new LinkedHashMap<>();
            ((Map<?, ?>) piece).forEach((name, value) -> named.put(name.toString(), value));
            named.put("id", slot);
            pieces.add(named);
            slots.put(slot.toString(), slot);
        });
        Map<String, Object> request = new LinkedHashMap<>();
        request.put(
                "wardrobe",
                Map.of(
                        "brief", one.containsKey("brief") ? one.get("brief") : Map.of(),
                        "pieces", pieces,
                        "sets", one.containsKey("sets") ? one.get("sets") : List.of()));
        request.put("outfits", List.of(slots));
        request.put("context", one.get("context"));
        Node node = Node.root(request);
        Question question = QuestionReader.read(node);
        Outfit outfit = QuestionReader.outfits(node.field("outfits"), question.wardrobe())
                .get(0);
        node.finish();
        Judge judge = new Judge(catalogue, question.contexts().get(0));
        Judgement judgement = one.get("finishes") instanceof Map<?, ?> finishes
                ? judge.judge(finished(outfit, finishes))
                : judge.best(outfit);
        return judgement.findings().stream()
                .filter(finding -> finding.rule().equals(rule))
                .findFirst()
                .map(finding -> new ExampleView(
                        one.get("name").toString(),
                        finding.kind().id(),
                        FindingTexts.text(
                                finding,
                                id -> question.wardrobe().find(id).orElseThrow().label()),
                        figure(judgement)))
                .orElseGet(() -> new ExampleView(one.get("name").toString(), "none", null, figure(judgement)));
    }

    private static String figure(Judgement judgement) {
        return Figure.of(judgement.outfit(), Heights.MEAN, true);
    }

    private static Outfit finished(Outfit outfit, Map<?, ?> finishes) {
        List<Worn> worn = outfit.worn().stream()
                .map(w -> finishes.get(w.slot().id()) instanceof String finish
                        ? w.finished(Word.find(Finish.class, finish).orElseThrow())
                        : w)
                .toList();
        return Outfit.of(worn);
    }
}
