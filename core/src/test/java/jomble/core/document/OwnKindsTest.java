package jomble.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.tuple;

import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.entry.EntryLine;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.tree.InvalidInputException;
import jomble.core.tree.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnKindsTest {
    private static final Map<String, Object> DECK_SMOCK = Map.of(
            "id",
            "deck-smock",
            "like",
            "overshirt",
            "alsoCalled",
            List.of("Smock"),
            "set",
            Map.of("cloth", "canvas", "hem", "mid-thigh", "label", "Mine", "roles", List.of("mid", "coat")));

    private static Kinds kinds() {
        return Kinds.shipped().with(List.of(KindReader.readAlone(DECK_SMOCK, Kinds.shipped())));
    }

    @Test
    void isLikeItsOriginButForWhatIsSet() {
        Piece smock = PieceReader.readAlone(Map.of("id", "p1", "kind", "deck-smock"), kinds());
        Piece overshirt = PieceReader.readAlone(Map.of("id", "p1", "kind", "overshirt"), kinds());
        assertThat(smock.cloth()).isEqualTo(Cloth.CANVAS);
        assertThat(smock.roles()).extracting(role -> role.id()).containsExactly("mid", "coat");
        assertThat(smock.clothWeight()).as("follows the cloth").isEqualTo(3);
        assertThat(smock.neckline()).isEqualTo(overshirt.neckline());
        assertThat(smock.label()).as("a label is of one piece").endsWith("deck smock");
        assertThat(smock.isSet(Attribute.CLOTH)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"deck smock navy, deck-smock", "2 × smocks red, deck-smock", "shirt white, shirt"})
    void isNamedInTheEntryLine(String line, String kind) {
        assertThat(EntryLine.read(line, Currency.getInstance("EUR"), kinds())
                        .kind()
                        .id())
                .isEqualTo(kind);
    }

    @Test
    void goesWithTheDocumentItIsUsedIn() {
        Map<String, Object> document =
                Map.of("kinds", List.of(DECK_SMOCK), "pieces", List.of(Map.of("id", "p1", "kind", "deck-smock")));
        Wardrobe wardrobe = WardrobeReader.read(document, Kinds.shipped());
        assertThat(wardrobe.kinds()).extracting(Kind::id).containsExactly("deck-smock");
        Map<String, Object> written = WardrobeWriter.write(wardrobe);
        assertThat(WardrobeReader.read(written, Kinds.shipped())).isEqualTo(wardrobe);
        assertThat(WardrobeReader.read(written, kinds())).isEqualTo(wardrobe);
    }

    @ParameterizedTest(name = "{0} {1}: {2} {3}")
    @CsvSource({
        "id, shirt, /kinds/0/id, kind-taken",
        "id, two words, /kinds/0/id, not-an-id",
        "like, smoock, /kinds/0/like, unknown-value",
        "set, cotton, /kinds/0/set, not-an-object",
        "colour, red, /kinds/0/colour, unknown-field",
    })
    void aMistakeIsNamed(String field, String value, String pointer, String code) {
        Map<String, Object> kind = new LinkedHashMap<>(DECK_SMOCK);
        kind.put(field, value);
        InvalidInputException refused = catchThrowableOfType(
                InvalidInputException.class,
                () -> WardrobeReader.read(Map.of("kinds", List.of(kind)), Kinds.shipped()));
        assertThat(refused.problems())
                .extracting(Problem::pointer, Problem::code)
                .contains(tuple(pointer, code));
    }
}
