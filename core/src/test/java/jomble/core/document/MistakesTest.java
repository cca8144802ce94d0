package jomble.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.Json;
import jomble.core.piece.Kinds;
import jomble.core.tree.InvalidInputException;
import jomble.core.tree.Node;
import jomble.core.tree.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is wrong with a brief, a question, outfits or a thought, and where. */
class MistakesTest {
    private static final String WARDROBE = "{'brief': {'climate': [{'month': 1, 'lowC': 1, 'highC': 5}]},"
            + " 'pieces': [{'id': 'a', 'kind': 'shirt'}, {'id': 'b', 'kind': 'jeans'}, {'id': 'c', 'kind': 'necklace'},"
            + " {'id': 'd', 'kind': 'earrings'}]}";

    /** Everything a call of the compute interface may ask. */
    private static void ask(Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("wardrobe", "context", "outfits", "pairs", "whatIf"));
        Question question = QuestionReader.read(node);
        QuestionReader.outfits(node.field("outfits"), question.wardrobe());
        QuestionReader.slotPairs(node.field("pairs"));
        WhatIfReader.read(node.field("whatIf"), question.wardrobe(), Kinds.shipped());
        node.finish();
    }

    private static List<Problem> problems(Map<String, Object> request) {
        InvalidInputException refused = catchThrowableOfType(InvalidInputException.class, () -> ask(request));
        return refused == null ? List.of() : refused.problems();
    }

    private static Map<String, Object> request(String part, String value) {
        Map<String, Object> request = new LinkedHashMap<>();
        request.put("wardrobe", Json.object(WARDROBE));
        request.put(part, Json.object("{'value': " + value + "}").get("value"));
        return request;
    }

    @ParameterizedTest(name = "{0}: {1} {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "{'boundries': {}}|/boundries|unknown-field",
                "{'boundaries': []}|/boundaries|not-an-object",
                "{'boundaries': {'coverage': ['elbow']}}|/boundaries/coverage/0|unknown-value",
                "{'boundaries': {'coverage': 'knee'}}|/boundaries/coverage|not-a-list",
                "{'boundaries': {'avoid': [{'kind': 'shirt', 'fibre': 'wool'}]}}|/boundaries/avoid/0|one-of",
                "{'boundaries': {'avoid': [{}]}}|/boundaries/avoid/0|one-of",
                "{'boundaries': {'avoid': [{'kind': 'shirtt'}]}}|/boundaries/avoid/0/kind|unknown-value",
                "{'boundaries': {'avoid': [{'colour': 'red'}]}}|/boundaries/avoid/0/colour|not-a-colour",
                "{'boundaries': {'sensitivities': ['']}}|/boundaries/sensitivities/0|length",
                "{'boundaries': {'healthNote': 3}}|/boundaries/healthNote|not-text",
                "{'boundaries': {'maxHeelCm': 26}}|/boundaries/maxHeelCm|out-of-range",
                "{'boundaries': {'tucks': 'never'}}|/boundaries/tucks|not-a-boolean",
                "{'palette': {'base': ['#12345g']}}|/palette/base/0|not-a-colour",
                "{'palette': {'accents': '#123456'}}|/palette/accents|not-a-list",
                "{'metals': 'tin'}|/metals|unknown-value",
                "{'metals': 1}|/metals|not-text",
                "{'pmvOffset': 0.6}|/pmvOffset|out-of-range",
                "{'heights': {'statureCm': 49}}|/heights/statureCm|out-of-range",
                "{'heights': {'kneee': 48}}|/heights/kneee|unknown-field",
                "{'hair': 'brown'}|/hair|not-a-colour",
                "{'laundry': {'intervalDays': 0}}|/laundry/intervalDays|out-of-range",
                "{'laundry': {'intervalDays': 1.5}}|/laundry/intervalDays|not-whole",
                "{'occasions': [{'name': ''}]}|/occasions/0/name|length",
                "{'occasions': [{'formalityLow': 5, 'formalityHigh': 4}]}|/occasions/0/formalityLow|out-of-order",
                "{'occasions': [{'formalityHigh': 8}]}|/occasions/0/formalityHigh|out-of-range",
                "{'occasions': [{'requires': ['no-hats']}]}|/occasions/0/requires/0|unknown-value",
                "{'occasions': [{'requires': [{'colours': ['#111111'], 'not-colours': []}]}]}|/occasions/0/requires/0|one-of",
                "{'occasions': [{'requires': [{'not-colours': ['blue']}]}]}|/occasions/0/requires/0/not-colours/0|not-a-colour",
                "{'occasions': [{'outdoorMinutes': 1441}]}|/occasions/0/outdoorMinutes|out-of-range",
                "{'occasions': [{'met': 0.7}]}|/occasions/0/met|out-of-range",
                "{'occasions': [{'months': [13]}]}|/occasions/0/months/0|out-of-range",
                "{'occasions': [{'timesPerWeek': 40}]}|/occasions/0/timesPerWeek|out-of-range",
                "{'occasions': [{'timesPerWeek': 1, 'timesPerMonth': 4}]}|/occasions/0/timesPerMonth|one-of",
                "{'occasions': [{'timeOfDay': 'dawn'}]}|/occasions/0/timeOfDay|unknown-value",
                "{'occasions': [{'name': 'desk'}, {'name': 'desk'}]}|/occasions/1/name|twice",
                "{'seasons': [{'name': 'always', 'months': [1]}]}|/seasons|too-many",
                "{'seasons': [{'name': 'cold', 'months': [1]}, {'name': 'hot', 'months': []}]}|/seasons/1/months|missing",
                "{'seasons': [{'name': 'cold', 'months': [1, 2]}, {'name': 'hot', 'months': [2]}]}|/seasons|twice",
                "{'seasons': [{'name': 'year', 'months': [1]}, {'name': 'hot', 'months': [2]}]}|/seasons/0/name|reserved",
                "{'needs': [{'occasion': 'desk', 'season': 'winter', 'outfits': -1}]}|/needs/0/outfits|out-of-range",
                "{'budget': {'amount': -1, 'currency': 'EUR'}}|/budget/amount|out-of-range",
                "{'photoConsent': 'yes'}|/photoConsent|not-a-date",
                "{'coats': 'some'}|/coats|unknown-value",
                "{'occasions': [{'from': '12:30'}]}|/occasions/0/to|missing",
                "{'occasions': [{'to': '12:30'}]}|/occasions/0/from|missing",
                "{'occasions': [{'from': '24:10', 'to': '12:30'}]}|/occasions/0/from|not-a-time",
                "{'occasions': [{'from': '12:30', 'to': 'later'}]}|/occasions/0/to|not-a-time",
                "{'laundry': {'dryingDays': 15}}|/laundry/dryingDays|out-of-range",
                "{'climate': [{'month': 1, 'lowC': 5, 'highC': 1}]}|/climate/0/lowC|out-of-order",
                "{'climate': [{'month': 1, 'lowC': 1, 'highC': 5}, {'month': 1, 'lowC': 1, 'highC': 5}]}|/climate/1/month|twice",
                "{'climate': [{'month': 1, 'lowC': 1, 'highC': 5, 'humidity': 101}]}|/climate/0/humidity|out-of-range",
                "{'climate': [{'month': 1, 'lowC': -61, 'highC': 5}]}|/climate/0/lowC|out-of-range",
            })
    void ofABrief(String brief, String pointer, String code) {
        Map<String, Object> request = Map.of("wardrobe", Map.of("brief", Json.object(brief)));
        assertThat(problems(request)).extracting(Problem::pointer).containsExactly("/wardrobe/brief" + pointer);
        assertThat(problems(request)).extracting(Problem::code).containsExactly(code);
    }

    @Test
    void aPaletteOfSixtyColoursIsNone() {
        List<String> colours = java.util.Collections.nCopies(60, "#22304d");
        Map<String, Object> brief = Map.of("palette", Map.of("base", colours));
        assertThat(problems(Map.of("wardrobe", Map.of("brief", brief))))
                .extracting(Problem::pointer, Problem::code)
                .containsExactly(org.assertj.core.groups.Tuple.tuple("/wardrobe/brief/palette/base", "too-many"));
    }

    @ParameterizedTest(name = "{0} = {1}: {2} {3}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "context|{'season': 'winter'}|/context/season|unknown-field",
                "context|{'months': [2]}|/context/months/0|no-climate",
                "context|{'months': [0]}|/context/months/0|out-of-range",
                "context|{'months': [null]}|/context/months/0|not-a-number",
                "context|{'months': 1}|/context/months|not-a-list",
                "context|{'months': [1], 'weather': {'lowC': 1, 'highC': 2}}|/context/months|one-of",
                "context|{'weather': {'lowC': 3, 'highC': 2}}|/context/weather/lowC|out-of-order",
                "context|{'weather': {'lowC': 3}}|/context/weather/highC|not-a-number",
                "context|{'weather': {'lowC': 1, 'highC': 2, 'rainChance': 40}}|/context/weather/rainChance|out-of-range",
                "context|{'occasion': {'formalityLow': 0}}|/context/occasion/formalityLow|out-of-range",
                "context|{'occasion': 'council evening'}|/context/occasion|not-an-object",
                "context|{'schools': {'metal': 'mixed'}}|/context/schools/metal|unknown-field",
                "context|{'schools': {'metals': 'mix'}}|/context/schools/metals|unknown-value",
                "context|{'countedSlots': 'everything'}|/context/countedSlots|unknown-value",
                "context|{'countedSlots': []}|/context/countedSlots|too-few",
                "context|{'countedSlots': ['top', 'trousers']}|/context/countedSlots/1|unknown-value",
                "context|{'includeDaring': 'yes'}|/context/includeDaring|not-a-boolean",
                "context|{'date': '2027-02-30'}|/context/date|not-a-date",
                "outfits|{}|/outfits|not-a-list",
                "outfits|[{'top': 'z'}]|/outfits/0/top|unknown-piece",
                "outfits|[{'topp': 'a'}]|/outfits/0/topp|unknown-field",
                "outfits|[{'top': 'a', 'mid': 'a'}]|/outfits/0/mid|twice",
                "outfits|[{}, {'top': ['a', 'b']}]|/outfits/1/top|too-many",
                "outfits|[{'jewellery': ['c', 'c']}]|/outfits/0/jewellery|twice",
                "outfits|[{'top': 7}]|/outfits/0/top|not-text",
                "pairs|[['top']]|/pairs/0|not-a-pair",
                "pairs|[['top', 'top']]|/pairs/0|not-a-pair",
                "pairs|[['top', 'bottoms']]|/pairs/0/1|unknown-value",
                "whatIf|{'removed': ['a']}|/whatIf/removed|unknown-field",
                "whatIf|{'without': ['z']}|/whatIf/without/0|unknown-piece",
                "whatIf|{'changed': [{'id': 'z', 'fit': 'close'}]}|/whatIf/changed/0/id|unknown-piece",
                "whatIf|{'changed': [{'id': 'a', 'fit': 'tight'}]}|/whatIf/changed/0/fit|unknown-value",
                "whatIf|{'added': [{'id': 'a', 'kind': 'blazer'}]}|/whatIf/added/0/id|duplicate",
                "whatIf|{'added': [{'id': 'n'}]}|/whatIf/added/0/kind|missing-kind",
                "whatIf|{'lines': ['something blue']}|/whatIf/lines/0|missing-kind",
                "whatIf|{'lines': ['']}|/whatIf/lines/0|length",
                "whatIf|{'house': {'parameters': {'colour.near-miss/clear': 3}}}|/whatIf/house/parameters/colour.near-miss~1clear|unknown-field",
            })
    void ofAQuestion(String part, String value, String pointer, String code) {
        assertThat(problems(request(part, value))).extracting(Problem::pointer).contains(pointer);
        assertThat(problems(request(part, value)).stream()
                        .filter(problem -> problem.pointer().equals(pointer))
                        .map(Problem::code))
                .containsExactly(code);
    }

    /** The same calls without a mistake. */
    @ParameterizedTest(name = "{0} = {1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "context|{'months': [1], 'countedSlots': ['top', 'bottom'], 'includeDaring': true, 'date': '2027-01-12'}",
                "context|{'weather': {'lowC': 1, 'highC': 2, 'rainChance': 0.4, 'indoors': false}}",
                "context|{'occasion': {'name': 'council evening', 'requires': ['closed-toe', {'colours': ['#111111']}]}}",
                "context|{'schools': {'metals': 'mixed'}, 'countedSlots': 'looks'}",
                "context|null",
                "outfits|[{'top': 'a', 'bottom': 'b', 'jewellery': ['c', 'd']}, {}]",
                "pairs|[['top', 'bottom'], ['jacket', 'shoes']]",
                "whatIf|{'without': ['a'], 'changed': [{'id': 'b', 'fit': 'close'}], 'lines': ['blazer navy wool']}",
                "whatIf|{'added': [{'id': 'n', 'kind': 'blazer'}], 'house': {'schools': {'metals': 'mixed'}}}",
            })
    void ofNone(String part, String value) {
        assertThat(problems(request(part, value))).isEmpty();
    }

    /** One reading finds them all. */
    @Test
    void areToldTogether() {
        Map<String, Object> request = request("context", "{'months': [2, 1, 14], 'includeDaring': 1}");
        request.put("outfits", List.of(Map.of("top", "z"), Map.of("hat", 3)));
        assertThat(problems(request))
                .extracting(Problem::pointer)
                .containsExactlyInAnyOrder(
                        "/context/months/0",
                        "/context/months/2",
                        "/context/includeDaring",
                        "/outfits/0/top",
                        "/outfits/1/hat");
    }
}
