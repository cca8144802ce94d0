package jomble.server.judgement;

import java.util.List;
import java.util.Map;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourFamily;
import jomble.core.colour.Lab;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.Judge;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.outfit.Outfit;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The stateless calls about verdicts and colours. */
@RestController
@Requires(Right.COMPUTE)
@RequestMapping("/api/v1/compute")
class ComputeController {
    private static final int MOST_PAIRS = 10_000;

    private final RuleCatalogue catalogue;

    ComputeController(RuleCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    record Verdicts(List<JudgementView> verdicts) {}

    record Difference(double de00, double deltaL, double hueA, double hueB, String familyA, String familyB) {}

    record Differences(List<Difference> differences) {}

    /**
     * Judges each outfit; over several months, in the month in which it is at its best. Without a coat an outfit that wants
     * one is judged under an assumed coat, or, where only recorded ones count, under the best of those.
     */
    @PostMapping("/judge")
    Verdicts judge(@RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("wardrobe", "context", "outfits"));
        Question question = QuestionReader.read(node);
        List<Outfit> outfits = QuestionReader.outfits(node.field("outfits"), question.wardrobe());
        node.finish();
        List<Judge> judges = Judge.of(catalogue, question.contexts());
        return new Verdicts(outfits.stream()
                .map(outfit -> BestJudgement.of(judges, outfit)
                        .underACoat(question.wardrobe().pieces())
                        .view(question.wardrobe().pieces()))
                .toList());
    }

    /** Differences between colours (CIEDE2000) and their families. */
    @PostMapping("/colour")
    Differences colour(@RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("pairs"));
        List<List<Node>> pairs = node.field("pairs").items(MOST_PAIRS).stream()
                .map(pair -> pair.items(2))
                .toList();
        for (int i = 0; i < pairs.size(); i++) {
            if (pairs.get(i).size() != 2) {
                node.field("pairs").items(MOST_PAIRS).get(i).reject("not-a-pair", "two colours are expected here");
            }
            pairs.get(i).stream()
                    .filter(one -> !one.isText() || !Colour.isHex((String) one.value()))
                    .forEach(one -> one.reject("not-a-colour", "a colour of the form #rrggbb is expected here"));
        }
        node.finish();
        return new Differences(pairs.stream().map(ComputeController::difference).toList());
    }

    private static Difference difference(List<Node> pair) {
        Lab a = Colour.of((String) pair.get(0).value()).lab();
        Lab b = Colour.of((String) pair.get(1).value()).lab();
        return new Difference(
                Ciede2000.difference(a, b),
                Math.abs(a.l() - b.l()),
                a.hueDegrees(),
                b.hueDegrees(),
                ColourFamily.of(a).id(),
                ColourFamily.of(b).id());
    }
}
