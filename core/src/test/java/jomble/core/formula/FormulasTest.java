package jomble.core.formula;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.brief.Palette;
import jomble.core.building.MissingPiece;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourFamily;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.counting.query.FormulaQueries;
import jomble.core.counting.query.OutfitQueries;
import jomble.core.document.FormulaReader;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.document.StudioFormulas;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.WornSlots;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Formulas of outfits: made of one, found in many, and what is missing for them. */
class FormulasTest {
    private static final DiagramCounter COUNTER = new DiagramCounter(Catalogue.standard());
    private static final FormulaQueries QUERIES = new FormulaQueries(COUNTER);
    private static final OutfitQueries OUTFITS = new OutfitQueries(COUNTER);

    private static Question question(List<Map<String, Object>> pieces) {
        Node node = Node.root(Map.of("wardrobe", Map.of("pieces", pieces)));
        Question question = QuestionReader.read(node);
        node.finish();
        return question;
    }

    private static List<Piece> pieces(List<Map<String, Object>> pieces) {
        return question(pieces).wardrobe().pieces();
    }

    /** Worn together, in no order: where each of them was. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            shirt, jeans, loafers                           | top=shirt bottom=jeans shoes=loafers
            overshirt, jeans, t-shirt                       | top=t-shirt bottom=jeans mid=overshirt
            fine-knit, chinos, shirt, blazer                | top=shirt bottom=chinos mid=fine-knit jacket=blazer
            earrings, shirt-dress, necklace                 | onepiece=shirt-dress jewellery=earrings+necklace
            jeans, chinos                                   | nothing""")
    void knowsWherePiecesWereWorn(String kinds, String expected) {
        List<Map<String, Object>> worn = new ArrayList<>();
        for (String kind : kinds.split(", ")) {
            worn.add(Map.of("id", kind, "kind", kind));
        }
        String placed = WornSlots.of(pieces(worn))
                .map(slots -> {
                    List<String> parts = new ArrayList<>();
                    slots.forEach((slot, those) -> parts.add(slot.id() + "="
                            + String.join(
                                    "+",
                                    those.stream()
                                            .map(piece -> piece.id().value())
                                            .toList())));
                    return String.join(" ", parts);
                })
                .orElse("nothing");
        assertThat(placed).isEqualTo(expected);
    }

    /** Whatever an outfit is, it keeps to its own formula. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void anOutfitKeepsToItsOwnFormula(int seed) {
        Question question = question(SampleWardrobe.pieces(seed, 24, 0.3));
        CountQuestion asked = question.toCount().withoutCompletions();
        List<Map<Slot, List<Piece>>> outfits = drawn(question, seed, 6);
        for (Map<Slot, List<Piece>> outfit : outfits) {
            Formula formula = Formulas.of(outfit);
            assertThat(QUERIES.matches(asked, formula, 0, 500, Progress.NONE).outfits())
                    .anyMatch(one -> outfit.entrySet().stream()
                            .allMatch(slot -> slot.getValue().stream()
                                    .map(Piece::id)
                                    .toList()
                                    .equals(one.slots().get(slot.getKey()))));
        }
    }

    private static List<Map<Slot, List<Piece>>> drawn(Question question, int seed, int most) {
        Random random = new Random(seed);
        List<Map<Slot, List<Piece>>> outfits = new ArrayList<>();
        for (int i = 0; i < most; i++) {
            OUTFITS.surprise(question.toCount(), one -> false, random, Progress.NONE)
                    .ifPresent(one -> {
                        Map<Slot, List<Piece>> outfit = new EnumMap<>(Slot.class);
                        one.slots()
                                .forEach((slot, ids) -> outfit.put(
                                        slot,
                                        ids.stream()
                                                .map(id -> question.wardrobe()
                                                        .find(id)
                                                        .orElseThrow())
                                                .toList()));
                        outfits.add(outfit);
                    });
        }
        return outfits;
    }

    /** No pair of kinds weighs more than the first formula; each says truly how many keep to it, and none is part of another. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void findsWhatSomebodyLivesIn(int seed) {
        Question question = question(SampleWardrobe.pieces(seed, 20, 0.3));
        List<Map<Slot, List<Piece>>> outfits = drawn(question, seed, 40);
        List<Formulas.Lived> lived = Formulas.livedIn(outfits, 3);
        assertThat(lived).isNotEmpty();
        for (Formulas.Lived one : lived) {
            long keeping = outfits.stream()
                    .filter(outfit -> one.formula().slots().entrySet().stream()
                            .allMatch(slot -> outfit.containsKey(slot.getKey())
                                    && slot.getValue().kinds().contains(kind(outfit, slot.getKey()))))
                    .count();
            assertThat(one.times()).isEqualTo((int) keeping);
            assertThat(outfits.stream().filter(outfit -> keeps(outfit, one.formula())))
                    .as("fit, pattern and colour hold of nearly all")
                    .hasSizeGreaterThanOrEqualTo((int) Math.ceil(0.2 * keeping));
        }
        Set<Slot> slots = Set.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.MID, Slot.JACKET, Slot.SHOES);
        int weight = lived.get(0).times() * (lived.get(0).formula().slots().size() - 1);
        for (Map<Slot, List<Piece>> outfit : outfits) {
            for (Slot a : slots) {
                for (Slot b : slots) {
                    if (a != b && outfit.containsKey(a) && outfit.containsKey(b)) {
                        long both = outfits.stream()
                                .filter(other -> other.containsKey(a)
                                        && other.containsKey(b)
                                        && kind(other, a).equals(kind(outfit, a))
                                        && kind(other, b).equals(kind(outfit, b)))
                                .count();
                        assertThat(both < 2 || both <= weight).isTrue();
                    }
                }
            }
        }
    }

    private static String kind(Map<Slot, List<Piece>> outfit, Slot slot) {
        return outfit.get(slot).get(0).kind().id();
    }

    private static boolean keeps(Map<Slot, List<Piece>> outfit, Formula formula) {
        return formula.slots().entrySet().stream()
                .allMatch(slot -> outfit.containsKey(slot.getKey())
                        && outfit.get(slot.getKey()).stream()
                                .allMatch(piece -> slot.getValue().takes(piece, Palette.NONE)));
    }

    /** Navy is a neutral and here a base; what is within ΔE00 12 of an accent is one. */
    @ParameterizedTest
    @CsvSource({
        "#1f2a44, true, NEUTRAL BASE, NEUTRAL BASE",
        "#24314e, true, NEUTRAL BASE, NEUTRAL BASE",
        "#8a8a8a, true, NEUTRAL, NEUTRAL BASE",
        "#b5522b, false, ACCENT, ACCENT",
        "#2b7a4b, false, '', ACCENT",
    })
    void knowsTheRolesOfAColour(String hex, boolean isNeutral, String ofPalette, String withoutPalette) {
        Piece piece = question(List.of(Map.of("id", "a", "kind", "shirt", "colours", List.of(hex))))
                .wardrobe()
                .pieces()
                .get(0);
        Palette palette = new Palette(List.of(Colour.of("#1f2a44")), List.of(Colour.of("#b5522b")), List.of());
        assertThat(piece.colourFamily().isNeutral()).isEqualTo(isNeutral);
        assertThat(roles(piece, palette)).isEqualTo(ofPalette);
        assertThat(roles(piece, Palette.NONE)).isEqualTo(withoutPalette);
    }

    /** A shade is near and of its family: ink is not black, cream is not white. */
    @ParameterizedTest
    @CsvSource({
        "#17171a, black",
        "#1f2023, black",
        "#3b3c40, charcoal",
        "#1c2433, ''",
        "#f7f7f5, white",
        "#f2ebdc, white",
        "#efe4c8, cream",
        "#b58a59, camel",
        "#bb9160, camel",
        "#5c3d29, ''",
    })
    void knowsASingleColourByItsName(String hex, String shades) {
        Piece piece = question(List.of(Map.of("id", "a", "kind", "shirt", "colours", List.of(hex))))
                .wardrobe()
                .pieces()
                .get(0);
        String found = Stream.of("black", "charcoal", "white", "cream", "camel")
                .filter(name -> read(Map.of("top", Map.of("colours", List.of(name))))
                        .slots()
                        .get(Slot.TOP)
                        .takes(piece, Palette.NONE))
                .collect(Collectors.joining(" "));
        assertThat(found).isEqualTo(shades);
    }

    /** A family and a single colour stand in one list, and come back as they were written. */
    @Test
    void readsColoursAndJewelleryAndWritesThemBack() {
        Map<String, Object> written = Map.of(
                "bottom", Map.of("colours", List.of("black", "navy")),
                "jewellery", Map.of("kinds", List.of("necklace")));
        Formula formula = read(written);
        assertThat(FormulaReader.write(formula)).isEqualTo(written);
        assertThat(formula.slots().get(Slot.BOTTOM).words()).isEqualTo("black or navy");
        assertThat(formula.slots().get(Slot.BOTTOM).colours()).containsExactly(ColourFamily.NAVY);
        Node unknown = Node.root(Map.of("slots", Map.of("top", Map.of("colours", List.of("blakc")))));
        FormulaReader.read(unknown, Kinds.shipped());
        assertThatThrownBy(unknown::finish).hasMessageContaining("/slots/top/colours/0");
    }

    private static Formula read(Map<String, Object> slots) {
        Node node = Node.root(Map.of("slots", slots));
        Formula formula = FormulaReader.read(node, Kinds.shipped()).orElseThrow();
        node.finish();
        return formula;
    }

    private static String roles(Piece piece, Palette palette) {
        return Arrays.stream(ColourRole.values())
                .filter(role ->
                        SlotFormula.ofKinds(Set.of()).inRoles(Set.of(role)).takes(piece, palette))
                .map(Enum::name)
                .collect(Collectors.joining(" "));
    }

    @Test
    void shipsTwentyFormulasOfKindsThereAre() {
        List<SavedFormula> shipped = StudioFormulas.shipped();
        assertThat(shipped).hasSize(20);
        assertThat(new HashSet<>(shipped.stream().map(SavedFormula::name).toList()))
                .hasSize(20);
        assertThat(shipped).allMatch(one -> one.formula().slots().size() >= 2);
    }

    /** With the piece that is said to be missing there are as many outfits as is said, counted in a wardrobe that has it. */
    @Test
    void knowsThePieceThatIsMissing() {
        List<Map<String, Object>> owned = List.of(
                Map.of("id", "a", "kind", "shirt"),
                Map.of("id", "b", "kind", "tailored-trousers", "colours", List.of("#3b3f45")),
                Map.of("id", "c", "kind", "loafers"));
        Formula formula = StudioFormulas.shipped().stream()
                .filter(one -> one.name().equals("Odd jacket and flannels"))
                .findFirst()
                .orElseThrow()
                .formula();
        CountQuestion asked = question(owned).toCount().withoutCompletions();
        assertThat(QUERIES.count(asked, formula, Progress.NONE)).isZero();
        List<MissingPiece.Found> found =
                new MissingPiece(QUERIES).of(asked, formula, Set.of(Slot.JACKET), Progress.NONE);
        assertThat(found).hasSize(1);
        List<Piece> with = new ArrayList<>(asked.pieces());
        with.add(found.get(0).piece());
        assertThat(found.get(0).piece().kind().id()).isEqualTo("blazer");
        assertThat(QUERIES.count(asked.having(with), formula, Progress.NONE))
                .isEqualTo(found.get(0).outfits())
                .isPositive();
    }
}
