package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.Json;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.tree.Node;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class OutfitNoteTest {
    @ParameterizedTest
    @EnumSource(OutfitNote.class)
    void everyNoteHasItsSentence(OutfitNote note) {
        assertThat(note.text()).endsWith(".").hasSizeGreaterThan(30);
    }

    @ParameterizedTest(name = "{0} in {1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "top=shirt bottom=jeans shoes=loafers                | {}                                      | ",
                "top=shirt bottom=jeans shoes=loafers jacket=blazer  | {}                                      | SHIRT_CUFF",
                "onepiece=evening-dress shoes=heeled-sandals         | {}                                      | HIGH_HEELS",
                "top=shirt bottom=jeans shoes=loafers neck=scarf     | {'occasion': {'name': 'quay', 'formalityLow': 1, 'formalityHigh': 7, 'requires': ['protective-clothing']}} | SITE_RULES NEAR_MACHINERY",
                "top=t-shirt bottom=shorts shoes=sandals             | {'weather': {'lowC': 26, 'highC': 34}}  | HEAT",
                "top=t-shirt bottom=shorts shoes=sandals             | {'weather': {'lowC': 26, 'highC': 31}}  | ",
                "top=fine-knit bottom=jeans shoes=ankle-boots coat=down-coat neck=scarf | {'weather': {'lowC': -14, 'highC': -4}} | HARD_FROST SCARF_END",
                "top=fine-knit bottom=jeans shoes=ankle-boots        | {'weather': {'lowC': 2, 'highC': 6}}    | TAKE_A_COAT",
                "top=fine-knit bottom=jeans shoes=ankle-boots        | {'weather': {'lowC': 2, 'highC': 6}, 'coats': 'recorded'} | ",
                "top=fine-knit bottom=jeans shoes=ankle-boots        | {'weather': {'lowC': 2, 'highC': 6}, 'occasion': {'name': 'rooms', 'outdoorMinutes': 0}} | ",
            })
    void saysWhatBelongsBesideAVerdict(String pieces, String context, String expected) {
        Map<String, Object> slots = new LinkedHashMap<>();
        List<Map<String, Object>> wardrobe = new ArrayList<>();
        for (String piece : pieces.split(" ")) {
            String[] parts = piece.split("=");
            slots.put(parts[0], parts[0]);
            wardrobe.add(Map.of("id", parts[0], "kind", parts[1]));
        }
        Node node = Node.root(Map.of(
                "wardrobe", Map.of("pieces", wardrobe), "context", Json.object(context), "outfits", List.of(slots)));
        Question question = QuestionReader.read(node);
        Judge judge = new Judge(Catalogue.standard(), question.contexts().get(0));
        Judgement judgement = judge.best(QuestionReader.outfits(node.field("outfits"), question.wardrobe())
                .get(0));
        List<String> notes = OutfitNote.of(judgement, judge.context()).stream()
                .map(Enum::name)
                .toList();
        assertThat(String.join(" ", notes)).isEqualTo(expected == null ? "" : expected);
    }
}
