package jomble.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.RandomPieces;
import jomble.core.Seeds;
import jomble.core.capsule.SavedCapsule;
import jomble.core.judgement.HouseRules;
import jomble.core.judgement.Ruling;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.PieceSet;
import jomble.core.piece.SetKind;
import jomble.core.tree.InvalidInputException;
import jomble.core.visit.Visit;
import jomble.core.wear.Wear;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What goes out comes in again, as a document and as a table. */
class RoundTripTest {
    private static final HouseRules HOUSE =
            new HouseRules(Map.of(SchoolSwitch.METALS, "mixed"), Map.of("colour.near-miss/clear-from", 7.5));
    private static final List<PieceSet> SETS = List.of(
            new PieceSet("s1", SetKind.SUIT, "One"),
            new PieceSet("s2", SetKind.JEWELLERY, "Two"),
            new PieceSet("s3", SetKind.CO_ORD, "Three"));
    private static final List<Visit> VISITS = List.of(
            new Visit("v1", LocalDate.of(2026, 12, 3), "measured again"),
            new Visit("v2", LocalDate.of(2027, 2, 4), ""));

    @Seeds(200)
    void aDocumentLosesNothing(long seed) {
        RandomPieces random = new RandomPieces(seed);
        List<Kind> own = List.of(random.ownKind("kind-one"), random.ownKind("kind-two"));
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            pieces.add(random.piece("p" + i, own));
        }
        Wardrobe wardrobe = Wardrobe.EMPTY
                .with(Parts.KINDS, own)
                .with(Parts.PIECES, pieces)
                .with(Parts.SETS, SETS)
                .with(Parts.WEARS, wears(pieces))
                .with(Parts.OVERRIDES, rulings(pieces))
                .with(Parts.RULES, HOUSE)
                .with(Parts.CAPSULES, capsules(pieces))
                .with(Parts.OUTFITS, SavedOutfitSamples.outfits(pieces))
                .with(Parts.FORMULAS, SavedOutfitSamples.FORMULAS)
                .with(Parts.VISITS, VISITS);
        Map<String, Object> written = WardrobeWriter.write(wardrobe);
        Wardrobe again = WardrobeReader.read(written, Kinds.shipped());
        assertThat(again.with(Parts.KINDS, own)).isEqualTo(wardrobe);
        assertThat(WardrobeWriter.write(again)).isEqualTo(written);
    }

    private static List<Ruling> rulings(List<Piece> pieces) {
        return List.of(
                new Ruling(
                        "r1", List.of(pieces.get(1).id(), pieces.get(2).id()), Ruling.Decision.APPROVED, "seen", "Ada"),
                new Ruling("r2", List.of(new PieceId("long-gone")), Ruling.Decision.NEVER, "", ""));
    }

    private static List<SavedCapsule> capsules(List<Piece> pieces) {
        Instant then = Instant.parse("2027-01-08T09:30:00Z");
        SavedCapsule.Version first =
                new SavedCapsule.Version(List.of(new PieceId("long-gone")), Map.of("seasons", List.of("winter")), then);
        SavedCapsule.Version next =
                new SavedCapsule.Version(List.of(pieces.get(2).id()), Map.of("size", 9), then.plusSeconds(60));
        SavedCapsule.Lock lock = new SavedCapsule.Lock("winter", LocalDate.of(2027, 1, 9));
        SavedCapsule work = new SavedCapsule("c1", "Work", "for the new post", null, first, List.of()).changed(next);
        return List.of(work.locked(lock), new SavedCapsule("c2", "Weekend", "", null, first, List.of()));
    }

    private static List<Wear> wears(List<Piece> pieces) {
        LocalDate day = LocalDate.of(2027, 1, 4);
        return List.of(
                new Wear("w1", day, List.of(pieces.get(0).id(), pieces.get(3).id())),
                new Wear("w2", day.plusDays(3), List.of(pieces.get(0).id(), new PieceId("long-gone"))));
    }

    @Seeds(200)
    void aTableLosesNothing(long seed) {
        RandomPieces random = new RandomPieces(seed);
        List<Kind> own = List.of(random.ownKind("kind-one"));
        for (int p = 0; p < 12; p++) {
            Piece piece = random.piece("p" + p, own);
            List<String> cells = InventoryTable.write(piece);
            Map<String, String> byColumn = new LinkedHashMap<>();
            for (int i = 0; i < cells.size(); i++) {
                byColumn.put(InventoryTable.columns().get(i), cells.get(i));
            }
            assertThat(InventoryTable.read(byColumn, "unused", Kinds.shipped().with(own)))
                    .isEqualTo(piece);
        }
    }

    @ParameterizedTest(name = "{0} = {1}: {2} {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "cloth       | tweeed                  | /cloth             | did you mean \"tweed\"?",
                "kind        | shirtt                  | /kind              | did you mean \"shirt\"?",
                "clothWeight | 9                       | /clothWeight       | between 1 and 5",
                "clothWeight | heavy                   | /clothWeight       | a number is expected",
                "fibres      | wool 80 cotton 30       | /fibres            | 110 %",
                "colours     | mauvish                 | /colours/0         | #rrggbb",
                "cost.amount | -4                      | /cost/amount       | from 0",
                "heelCm      | 99                      | /heelCm            | between 0 and 25",
                "acquired    | 31.12.2026              | /acquired          | date",
                "notes       | a\u0007b                | /notes             | control character",
                "sleeve      | very long               | /sleeve            | unknown value",
            })
    void aBadCellIsNamed(String column, String cell, String pointer, String words) {
        Map<String, String> cells = new LinkedHashMap<>(Map.of("kind", "shirt"));
        cells.put(column, cell);
        if (column.equals("cost.amount")) {
            cells.put("cost.currency", "EUR");
        }
        InvalidInputException refused = catchThrowableOfType(
                InvalidInputException.class, () -> InventoryTable.read(cells, "p1", Kinds.shipped()));
        assertThat(refused.problems().get(0).pointer()).isEqualTo(pointer);
        assertThat(refused.problems().get(0).message()).contains(words);
    }

    @ParameterizedTest
    @CsvSource({
        "kind;clothe, there is no column \"clothe\" – did you mean \"cloth\"?",
        "kind;Cloth;cloth, the column \"cloth\" stands there twice",
        "label, the column \"kind\" is missing"
    })
    void aBadHeaderIsNamed(String header, String message) {
        List<String> cells = new ArrayList<>(List.of(header.split(";")));
        InvalidInputException refused =
                catchThrowableOfType(InvalidInputException.class, () -> InventoryTable.header(cells));
        assertThat(refused.problems().stream().map(p -> p.message()).toList()).contains(message);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "colours | white, navy            | [#f7f7f5, #22304d]",
                "fibres  | merino 80% polyamide 20% | 2",
                "kind    | tee                    | t-shirt",
                "source  | second hand            | second-hand",
            })
    void aCellTakesPlainWords(String column, String cell, String expected) {
        Map<String, String> cells = new LinkedHashMap<>(Map.of("kind", "shirt"));
        cells.put(column, cell);
        Piece piece = InventoryTable.read(cells, "p1", Kinds.shipped());
        String found = switch (column) {
            case "colours" ->
                piece.colours().stream().map(c -> c.colour().hex()).toList().toString();
            case "fibres" -> String.valueOf(piece.get(Attribute.FIBRES).size());
            case "kind" -> piece.kind().id();
            default -> piece.get(Attribute.SOURCE).id();
        };
        assertThat(found).isEqualTo(expected);
    }
}
