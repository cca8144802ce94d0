package jomble.core.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KindsTest {
    @Test
    void everyKindMakesACompletePieceByItself() {
        assertThat(Kinds.shipped().all()).hasSizeGreaterThan(110).allSatisfy(kind -> {
            Piece piece = Piece.of(new PieceId("p"), kind, Map.of());
            assertThat(piece.roles().isEmpty()).isEqualTo(kind.has(Trait.UNNAMED));
            assertThat(piece.cloth()).isNotNull();
            assertThat(piece.formality()).isBetween(1, 7);
            assertThat(piece.label()).isNotBlank();
            assertThat(piece.centiClo()).isBetween(0, 90);
        });
    }

    @ParameterizedTest
    @CsvSource({
        "sheath-dress",
        "slip-dress",
        "tote-bag",
        "felt-hat",
        "short-gloves",
        "sleeveless-bodysuit",
        "thermal-top",
        "long-sleeved-t-shirt",
        "fitted-blouse",
        "long-flared-skirt",
        "lace-up-shoes",
        "over-knee-boots",
        "cross-body-bag"
    })
    void idsAreTheHandbooksNamesWithTheQualifierFirst(String id) {
        assertThat(Kinds.shipped().ids()).contains(id);
    }

    @ParameterizedTest
    @CsvSource({"gilet, padded-sleeveless-jacket", "clutch, clutch-bag", "jumper, fine-knit", "hoodie, hooded-top"})
    void otherWordsFindTheKind(String word, String id) {
        assertThat(Kinds.shipped().find(word)).map(Kind::id).contains(id);
    }

    @ParameterizedTest
    @CsvSource({
        "t-shirt, T-shirt",
        "long-sleeved-t-shirt, long-sleeved T-shirt",
        "polo-shirt, polo shirt",
        "roll-neck, roll neck",
        "lace-up-shoes, lace-up shoes"
    })
    void kindsHaveNamesForPeople(String id, String words) {
        assertThat(Kinds.shipped().find(id).orElseThrow().words()).isEqualTo(words);
    }

    @Test
    void aLinenShirtIsASummerShirtOfLinen() {
        Piece shirt = piece("shirt", Attribute.CLOTH, Cloth.LINEN);
        assertThat(shirt.seasons()).isEqualTo(new SeasonRange(1, 2));
        assertThat(shirt.percentOf(Fibre.LINEN)).isEqualTo(100);
        assertThat(shirt.formality()).isEqualTo(3);
    }

    @Test
    void barerArmsAndShorterHemsAreCooler() {
        Piece long_ = piece("shirt", Attribute.SLEEVE, Sleeve.LONG);
        Piece short_ = piece("shirt", Attribute.SLEEVE, Sleeve.SHORT);
        assertThat(long_.centiClo()).isEqualTo(25);
        assertThat(short_.centiClo()).isBetween(17, 20);
        assertThat(piece("wool-coat", Attribute.HEM, Hem.MID_THIGH).centiClo())
                .isLessThan(piece("wool-coat", Attribute.HEM, Hem.CALF).centiClo());
    }

    @Test
    void aClosedShirtCannotBeWornOpenOverAnother() {
        assertThat(piece("shirt", Attribute.OPENING, Opening.NONE).roles()).containsExactly(Slot.TOP);
        assertThat(piece("fine-knit", Attribute.FIT, Fit.CLOSE).roles()).containsExactly(Slot.TOP, Slot.MID);
        assertThat(piece("camisole", Attribute.SHEERNESS, 2).roles()).containsExactly(Slot.BASE);
        assertThat(piece("scarf", Attribute.CLOTH, Cloth.TWILL).roles())
                .containsExactly(Slot.NECK, Slot.BELT, Slot.HAT);
        assertThat(piece("scarf", Attribute.CLOTH, Cloth.FLANNEL).roles()).containsExactly(Slot.NECK);
    }

    @ParameterizedTest
    @CsvSource({
        "LINEN,1,1,1",
        "LINEN,5,2,2",
        "FLANNEL,1,4,4",
        "WORSTED,4,3,4",
        "POPLIN,1,1,4",
        "POPLIN,5,4,5",
        "DENIM,3,1,5",
        "TWEED,4,4,5",
        "RIB,2,1,5"
    })
    void weightShiftsTheSeasonsAndNeverEmptiesThem(Cloth cloth, int weight, int from, int to) {
        Piece piece = Piece.of(
                new PieceId("p"),
                Kinds.shipped().find("shirt").orElseThrow(),
                Map.of(
                        Attribute.CLOTH,
                        cloth,
                        Attribute.CLOTH_WEIGHT,
                        weight,
                        Attribute.FIBRES,
                        List.of(new FibreShare(Fibre.COTTON, 100))));
        assertThat(piece.seasons()).isEqualTo(new SeasonRange(from, to));
    }

    /** A heavy coating is what a coat is made of, and a leather jacket is of leather thicker than a glove's. */
    @Test
    void whatAKindIsUsuallyMadeOfHasTheKindsUsualWeight() {
        assertThat(piece("wool-coat", Attribute.LABEL, "coat").seasons()).isEqualTo(new SeasonRange(4, 5));
        assertThat(piece("leather-jacket", Attribute.LABEL, "jacket").seasons()).isEqualTo(new SeasonRange(2, 5));
        assertThat(piece("wool-coat", Attribute.CLOTH_WEIGHT, 5).seasons()).isEqualTo(new SeasonRange(5, 5));
    }

    @Test
    void whatIsHalfLinenIsReadAsLinen() {
        Piece piece = piece(
                "chinos", Attribute.FIBRES, List.of(new FibreShare(Fibre.LINEN, 55), new FibreShare(Fibre.COTTON, 45)));
        assertThat(piece.cloth()).isEqualTo(Cloth.LINEN);
        assertThat(piece.seasons()).isEqualTo(new SeasonRange(1, 2));
    }

    private static <T> Piece piece(String kind, Attribute<T> attribute, T value) {
        return Piece.of(new PieceId("p"), Kinds.shipped().find(kind).orElseThrow(), Map.of(attribute, value));
    }

    @Test
    void labelsSayColourPatternClothAndKind() {
        Piece piece = Piece.of(
                new PieceId("p"),
                Kinds.shipped().find("blazer").orElseThrow(),
                Map.of(
                        Attribute.COLOURS,
                        List.of(new ColourShare(jomble.core.colour.Colour.of("#22304d"), 1)),
                        Attribute.CLOTH,
                        Cloth.FLANNEL,
                        Attribute.PATTERN,
                        Pattern.WINDOWPANE));
        assertThat(piece.label()).isEqualTo("Navy windowpane flannel blazer");
    }
}
