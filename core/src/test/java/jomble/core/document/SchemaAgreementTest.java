package jomble.core.document;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jomble.core.Json;
import jomble.core.RandomPieces;
import jomble.core.capsule.SavedCapsule;
import jomble.core.judgement.Ruling;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceSet;
import jomble.core.piece.SetKind;
import jomble.core.piece.ValueForm;
import jomble.core.tree.InvalidInputException;
import jomble.core.tree.Problem;
import jomble.core.visit.Visit;
import jomble.core.wear.Wear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The published schema, as any validator reads it, and the reader accept and refuse the same. */
class SchemaAgreementTest {
    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(Json.write(WardrobeSchema.write()));
    private static final int DOCUMENTS = 60;

    /** What no schema of ours says: sums, days there are, currencies there are and how small their coins. */
    private static final List<String> BEYOND_A_SCHEMA =
            List.of("shares", "fibres-sum", "not-a-date", "unknown-currency", "decimals", "control-character");

    private static List<Error> faults(Object document) {
        return SCHEMA.validate(Json.write(document), InputFormat.JSON);
    }

    private static List<Problem> problems(Object document) {
        try {
            WardrobeReader.read(document, Kinds.shipped());
            return List.of();
        } catch (InvalidInputException e) {
            return e.problems();
        }
    }

    @Test
    void whatIsWrittenIsValid() {
        for (long seed = 1; seed <= DOCUMENTS; seed++) {
            RandomPieces random = new RandomPieces(seed);
            List<Kind> own = List.of(random.ownKind("kind-one"), random.ownKind("kind-two"));
            List<Piece> pieces = new ArrayList<>();
            for (int i = 0; i < 10; i++) {
                pieces.add(random.piece("p" + i, own));
            }
            LocalDate day = LocalDate.of(2027, 1, 4);
            Wardrobe wardrobe = Wardrobe.EMPTY
                    .with(Parts.KINDS, own)
                    .with(Parts.PIECES, pieces)
                    .with(Parts.SETS, List.of(new PieceSet("s1", SetKind.SUIT, "One")))
                    .with(
                            Parts.WEARS,
                            List.of(new Wear("w1", day, List.of(pieces.get(0).id()))))
                    .with(
                            Parts.OVERRIDES,
                            List.of(new Ruling(
                                    "r1", List.of(pieces.get(1).id()), Ruling.Decision.NEVER, "tight", "Ada")))
                    .with(
                            Parts.CAPSULES,
                            List.of(new SavedCapsule(
                                    "c1",
                                    "Winter",
                                    "",
                                    new SavedCapsule.Lock("winter", day),
                                    new SavedCapsule.Version(
                                            List.of(pieces.get(0).id()), Map.of("size", 16), Instant.EPOCH),
                                    List.of(new SavedCapsule.Version(List.of(), Map.of(), Instant.EPOCH)))))
                    .with(Parts.OUTFITS, SavedOutfitSamples.outfits(pieces))
                    .with(Parts.FORMULAS, SavedOutfitSamples.FORMULAS)
                    .with(Parts.VISITS, List.of(new Visit("v1", day, "bring the pins")));
            assertThat(faults(WardrobeWriter.write(wardrobe)))
                    .as("seed " + seed)
                    .isEmpty();
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"id\": \"c1\", \"name\": \"Winter\"} | true",
                "{\"id\": \"c1\", \"name\": \"Winter\", \"pieces\": [\"gone\"], \"locked\": {\"on\": \"2027-01-08\"}} | true",
                "{\"id\": \"c1\", \"pieces\": []} | false",
                "{\"id\": \"c1\", \"name\": \"Winter\", \"locked\": {\"season\": \"winter\"}} | false",
                "{\"id\": \"c1\", \"name\": \"Winter\", \"earlier\": [{\"name\": \"x\"}]} | false",
            })
    void sayTheSameOfACapsule(String capsule, boolean isValid) {
        Map<String, Object> document = Map.of("capsules", List.of(Json.object(capsule)));
        assertThat(faults(document).isEmpty()).isEqualTo(isValid);
        assertThat(problems(document).isEmpty()).isEqualTo(isValid);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"place\": \"Vessel Bay\", \"notes\": null, \"budget\": {\"amount\": 900, \"currency\": \"EUR\"}} | true",
                "{\"occasions\": [{\"name\": \"desk\", \"requires\": [\"flat\", {\"colours\": [\"#111111\"]}], \"timesPerMonth\": 2}]} | true",
                "{\"boundaries\": {\"sensitivities\": [\"wool\", \"chrome\"], \"avoid\": [{\"fibre\": \"wool\"}], \"maxHeelCm\": null}} | true",
                "{\"needs\": [{\"occasion\": \"desk\", \"season\": \"winter\", \"outfits\": 3}], \"photoConsent\": \"2027-01-05\"} | true",
                "{\"coats\": \"recorded\"} | true",
                "{\"coats\": \"some\"} | false",
                "{\"occasions\": [{\"from\": \"12:30\", \"to\": \"15:00\"}]} | true",
                "{\"occasions\": [{\"from\": \"12.30\", \"to\": \"15:00\"}]} | false",
                "{\"boundaries\": {\"avoid\": [{\"fibre\": \"wool\", \"kind\": \"shirt\"}]}} | false",
                "{\"occasions\": [{\"timesPerWeek\": 40}]} | false",
                "{\"climate\": [{\"month\": 1, \"lowC\": 1}]} | false",
                "{\"laundry\": {\"intervalDays\": 0}} | false",
                "{\"colours\": []} | false",
            })
    void sayTheSameOfABrief(String brief, boolean isValid) {
        Map<String, Object> document = Map.of("brief", Json.object(brief));
        assertThat(faults(document).isEmpty()).isEqualTo(isValid);
        assertThat(problems(document).isEmpty()).isEqualTo(isValid);
    }

    static Stream<Attribute<?>> attributes() {
        return Attribute.all().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("attributes")
    void acceptTheSameValues(Attribute<?> attribute) {
        int accepted = 0;
        int refused = 0;
        for (Object value : values(attribute)) {
            Map<String, Object> piece = new LinkedHashMap<>(Map.of("id", "a", "kind", "shirt"));
            piece.put(attribute.name(), value);
            Map<String, Object> document = Map.of("pieces", List.of(piece));
            List<Problem> problems = problems(document);
            String what = attribute.name() + " = " + Json.write(value);
            assertThat(problems)
                    .as(what)
                    .allSatisfy(problem -> assertThat(problem.pointer()).startsWith("/pieces/0/" + attribute.name()));
            boolean isBeyond = !problems.isEmpty()
                    && problems.stream().allMatch(problem -> BEYOND_A_SCHEMA.contains(problem.code()));
            if (!isBeyond) {
                assertThat(faults(document).isEmpty())
                        .as("%s: %s", what, problems)
                        .isEqualTo(problems.isEmpty());
            }
            accepted += problems.isEmpty() ? 1 : 0;
            refused += problems.isEmpty() ? 0 : 1;
        }
        assertThat(accepted).as("values accepted").isPositive();
        assertThat(refused).as("values refused").isGreaterThan(3);
    }

    /** Values of the attribute's form, just inside and just outside, and values of every other. */
    private static List<Object> values(Attribute<?> attribute) {
        ValueForm form = attribute.form();
        String word = attribute.words().isEmpty() ? "" : attribute.words().get(0);
        List<Object> values = new ArrayList<>(Arrays.asList(
                null,
                "",
                "nothing-known",
                true,
                0,
                1,
                -1,
                2.5,
                1e9,
                "#1f2a44",
                "2027-01-12",
                List.of(),
                Map.of(),
                List.of(1),
                List.of("nothing-known"),
                List.of(Map.of()),
                Map.of("nothing", 1),
                word,
                List.of(word),
                Arrays.asList((Object) null),
                Arrays.asList(word, null)));
        switch (form.name()) {
            case "integer", "decimal" -> {
                for (double limit : new double[] {form.least(), form.most()}) {
                    for (double step : new double[] {-1, -0.5, 0, 0.5, 1}) {
                        values.add(BigDecimal.valueOf(limit + step));
                    }
                }
            }
            case "text" -> {
                values.add("\uD83E\uDDE5".repeat((int) form.most()));
                values.add("x".repeat((int) form.most() + 1));
                values.add("x\u0000");
            }
            case "words" ->
                values.addAll(List.of(
                        attribute.words(),
                        Stream.concat(attribute.words().stream(), Stream.of(word))
                                .toList()));
            default -> values.addAll(composite(form.name(), word));
        }
        return values;
    }

    private static List<Object> composite(String form, String word) {
        Map<String, Object> euros = Map.of("amount", 12.5, "currency", "EUR");
        return switch (form) {
            case "colours" ->
                List.of(
                        List.of("#FFFFFF", "#000000"),
                        List.of("#fffff"),
                        List.of("fffffff"),
                        List.of("#1", "#2", "#3", "#4", "#5", "#6"),
                        List.of("#111111", "#222222", "#333333", "#444444", "#555555"),
                        List.of("#111111", "#222222", "#333333", "#444444", "#555555", "#666666"),
                        List.of(Map.of("hex", "#111111", "share", 1)),
                        List.of(Map.of("hex", "#111111", "share", 0)),
                        List.of(Map.of("hex", "#111111", "share", 1.01)),
                        List.of(Map.of("hex", "#111111", "share", "half")),
                        List.of(Map.of("share", 0.5)),
                        List.of(Map.of("hex", "#111111", "part", 0.5)),
                        List.of(Map.of("hex", "#111111", "share", 0.9), Map.of("hex", "#222222", "share", 0.9)));
            case "fibres" ->
                List.of(
                        List.of(Map.of("fibre", word)),
                        List.of(Map.of("fibre", word, "percent", 100)),
                        List.of(Map.of("fibre", word, "percent", 101)),
                        List.of(Map.of("fibre", word, "percent", 0)),
                        List.of(Map.of("fibre", word, "percent", 99.5)),
                        List.of(Map.of("fibre", "unobtainium", "percent", 100)),
                        List.of(Map.of("percent", 100)),
                        List.of(Map.of("fibre", word, "share", 100)),
                        List.of(Map.of("fibre", word, "percent", 60), Map.of("fibre", word, "percent", 30)));
            case "construction" ->
                List.of(
                        Map.of("lapel", "peak", "pockets", "patch"),
                        Map.of("lapel", "shawll"),
                        Map.of("lapel", 1),
                        Map.of("collar", "peak"));
            case "care" ->
                List.of(
                        Map.of("method", "hand", "wearsBetween", 100, "daysOut", 0, "iron", true),
                        Map.of("wearsBetween", 0),
                        Map.of("wearsBetween", 101),
                        Map.of("daysOut", 61),
                        Map.of("daysOut", 1.5),
                        Map.of("iron", "yes"),
                        Map.of("method", "magic"),
                        Map.of("wash", "hand"));
            case "money" ->
                List.of(
                        euros,
                        Map.of("amount", 0, "currency", "EUR"),
                        Map.of("amount", -1, "currency", "EUR"),
                        Map.of("amount", new BigDecimal("9999999999.99"), "currency", "EUR"),
                        Map.of("amount", new BigDecimal("10000000000"), "currency", "EUR"),
                        Map.of("amount", 1.005, "currency", "EUR"),
                        Map.of("amount", 1, "currency", "XQZ"),
                        Map.of("amount", 1, "currency", "eur"),
                        Map.of("amount", "1", "currency", "EUR"),
                        Map.of("amount", 1),
                        Map.of("currency", "EUR"),
                        Map.of("amount", 1, "currency", "EUR", "vat", 0.2));
            case "errand" ->
                List.of(
                        Map.of("what", "hem", "where", "tailor", "by", "2027-02-01", "cost", euros),
                        Map.of("what", ""),
                        Map.of("what", "x".repeat(200)),
                        Map.of("what", "x".repeat(201)),
                        Map.of("what", "hem", "where", 1),
                        Map.of("what", "hem", "by", "soon"),
                        Map.of("what", "hem", "by", "2027-02-30"),
                        Map.of("what", "hem", "cost", 5),
                        Map.of("what", "hem", "whose", "mine"));
            case "tags" ->
                List.of(
                        List.of("holiday", "سفر"),
                        List.of("holiday", "holiday"),
                        List.of("a,b"),
                        List.of(" "),
                        List.of("\uD83E\uDDE5".repeat(40)),
                        List.of("x".repeat(41)),
                        Stream.iterate("a", a -> a + "a").limit(21).toList());
            case "date" -> List.of("2027-01-31", "2027-02-30", "12.1.2027", "2027-1-1", "20270112");
            case "word" -> List.of(word.toUpperCase(java.util.Locale.ROOT), word + " ");
            default -> throw new IllegalStateException("no values of " + form);
        };
    }

    /** Documents that are not about an attribute, each with the place the reader names, or nothing where it is whole. */
    static Stream<List<String>> documents() {
        return Stream.of(
                List.of("{}", ""),
                List.of("{'format': 'jomble-wardrobe', 'version': 1, 'pieces': []}", ""),
                List.of("{'format': 'some-other'}", "/format"),
                List.of("{'version': 2}", "/version"),
                List.of("{'version': 'one'}", "/version"),
                List.of("{'peices': []}", "/peices"),
                List.of("{'pieces': {}}", "/pieces"),
                List.of("{'pieces': [{'kind': 'shirt'}]}", "/pieces/0/id"),
                List.of("{'pieces': [{'id': 'a'}]}", "/pieces/0/kind"),
                List.of("{'pieces': [{'id': '', 'kind': 'shirt'}]}", "/pieces/0/id"),
                List.of("{'pieces': [{'id': 7, 'kind': 'shirt'}]}", "/pieces/0/id"),
                List.of("{'pieces': [7]}", "/pieces/0"),
                List.of("{'sets': [{'id': 's', 'kind': 'suit', 'label': 'Grey'}]}", ""),
                List.of("{'sets': [{'id': 's', 'kind': 'pair'}]}", "/sets/0/kind"),
                List.of("{'sets': [{'kind': 'suit'}]}", "/sets/0/id"),
                List.of("{'overrides': [{'pieces': ['a', 'b'], 'decision': 'approved', 'reason': 'seen'}]}", ""),
                List.of("{'overrides': [{'pieces': [], 'decision': 'never'}]}", "/overrides/0/pieces"),
                List.of("{'overrides': [{'pieces': ['a', 'b'], 'decision': 'perhaps'}]}", "/overrides/0/decision"),
                List.of("{'overrides': [{'decision': 'never'}]}", "/overrides/0/pieces"),
                List.of("{'overrides': [{'pieces': ['a', 'b'], 'decision': 'never', 'why': ''}]}", "/overrides/0/why"),
                List.of("{'wears': [{'date': '2027-01-04', 'pieces': ['a']}]}", ""),
                List.of("{'wears': [{'date': '2027-01-04', 'pieces': []}]}", "/wears/0/pieces"),
                List.of("{'wears': [{'pieces': ['a']}]}", "/wears/0/date"),
                List.of("{'kinds': [{'id': 'smock', 'like': 'blouse', 'set': {'fit': 'relaxed'}}]}", ""),
                List.of("{'kinds': [{'id': 'smock', 'like': 'blouses'}]}", "/kinds/0/like"),
                List.of("{'kinds': [{'id': 'smock', 'like': 'blouse', 'set': {'fit': 'baggyy'}}]}", "/kinds/0/set/fit"),
                List.of("{'kinds': [{'like': 'blouse'}]}", "/kinds/0/id"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("documents")
    void acceptTheSameDocuments(List<String> documentAndPlace) {
        Map<String, Object> document = Json.object(documentAndPlace.get(0));
        String place = documentAndPlace.get(1);
        List<Problem> problems = problems(document);
        assertThat(faults(document).isEmpty()).as("%s", problems).isEqualTo(place.isEmpty());
        assertThat(problems.stream().map(Problem::pointer).toList())
                .isEqualTo(place.isEmpty() ? List.of() : List.of(place));
    }
}
