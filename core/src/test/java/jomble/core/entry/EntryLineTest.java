package jomble.core.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jomble.core.colour.ColourNames;
import jomble.core.document.PieceReader;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EntryLineTest {
    private static final Currency EURO = Currency.getInstance("EUR");
    private static final Path PUBLISHED = Path.of("../docs/entry-line.md");
    private static final double LEAST_SHARE = 0.95;
    private static final double LEAST_SHARE_OF_STRANGERS = 0.75;

    private static Piece piece(String line) {
        return PieceReader.readAlone(
                EntryLine.toDocument(EntryLine.read(line, EURO, Kinds.shipped()), "p"), Kinds.shipped());
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "white shirt poplin          | kind        | shirt",
                "poplin SHIRT white          | cloth       | poplin",
                "black tights 60 denier      | kind        | opaque-tights",
                "black tights 20 den         | kind        | sheer-tights",
                "jeans dark blue wide leg    | shape       | wide",
                "belt brown brass buckle     | metal       | brass",
                "necklace gold               | metal       | gold",
                "blazer 180,50 £             | cost        | {amount=180.50, currency=GBP}",
                "blazer 90                   | cost        | {amount=90.00, currency=EUR}",
                "trousers 80% wool 20% polyester | fibres  | [{fibre=wool, percent=80}, {fibre=polyester, percent=20}]",
                "coat cream wool 70% cashmere 30%    | fibres  | [{fibre=wool, percent=70}, {fibre=cashmere, percent=30}]",
                "shirt #a9c8e6 and white     | colours     | 2",
                "court shoes navy stiletto   | heelType    | stiletto",
                "long sleeved t-shirt        | kind        | long-sleeved-t-shirt",
                "court shoes black 7 cm heel | heelCm      | 7.0",
                "ankle boots heel 4 cm       | heelCm      | 4.0",
                "opaque tights 60 denier     | denier      | 60",
                "cashmere jumper size M      | size        | M",
                "shirt at the cleaner        | whereabouts | cleaner",
                "scarf rust and cream        | colours     | 2",
                "hat brown felt              | kind        | felt-hat",
                "dress green midi            | hem         | mid-calf",
                "skirt midi satin            | kind        | midi-skirt",
                "jacket navy leather         | kind        | leather-jacket",
                "suit jacket double-breasted peak lapel | construction | {lapel=peak, breasted=double, pockets=flap}",
                "waistcoat part of the grey suit | set     | grey suit",
                "\"Aunt's best\" coat        | label       | Aunt's best",
                "dark jeans                 | colours     | dark indigo",
                "light wash mom jeans       | colours     | sky blue",
                "mom jeans                  | rise        | high",
                "little black dress         | colours     | black",
                "little red black dress     | colours     | red, black",
                "puffer jacket navy         | kind        | down-coat",
                "gilet                      | kind        | padded-sleeveless-jacket",
                "joggers grey               | kind        | jogging-bottoms",
                "grey sweater               | kind        | fine-knit",
                "pumps nude                 | kind        | court-shoes",
                "tee                        | kind        | t-shirt",
                "tux                        | kind        | dinner-jacket",
                "white sneakers             | kind        | trainers",
                "polo neck black            | kind        | roll-neck",
                "polo neck jumper black     | kind        | roll-neck",
                "brown cords                | cloth       | corduroy",
                "skinny jeans               | shape       | skinny",
                "oversized blazer           | fit         | oversized",
                "cropped jumper             | hem         | waist",
                "cropped trousers           | hem         | ankle",
                "high-waisted trousers      | rise        | high",
                "vintage coat               | source      | second-hand",
                "soft blazer                | construction | {structure=soft, lapel=notch, breasted=single, pockets=flap}",
                "structured tote bag black  | kind        | tote-bag",
                "button down shirt blue     | fibres      | [{fibre=cotton, percent=100}]",
                "shirt button-down blue     | neckline    | point-collar",
                "breton top                 | pattern     | stripe",
                "breton jumper              | kind        | fine-knit",
                "midi dress green           | hem         | mid-calf",
                "49 white shirt             | cost        | {amount=49.00, currency=EUR}",
                "£1,250 wool coat           | cost        | {amount=1250.00, currency=GBP}",
                "boots 120 dollars          | cost        | {amount=120.00, currency=USD}",
                "jumper 45eur               | cost        | {amount=45.00, currency=EUR}",
                "jeans W32 L34 60           | size        | W32 L34",
                "dress UK 12                | size        | UK 12",
                "black/white striped shirt  | colours     | black, white",
                "wool cashmere coat navy    | fibres      | [{fibre=wool, percent=50}, {fibre=cashmere, percent=50}]",
                "jumper 70% wool            | fibres      | [{fibre=wool, percent=70}, {fibre=other, percent=30}]",
                "jumper 80% wool 80% silk   | fibres      | [{fibre=wool, percent=50}, {fibre=silk, percent=50}]",
                "70% wool 30% cashmere coat | fibres      | [{fibre=wool, percent=70}, {fibre=cashmere, percent=30}]",
            })
    void understandsPlainWordsInAnyOrder(String line, String what, String expected) {
        Piece piece = piece(line);
        String found = switch (what) {
            case "kind" -> piece.kind().id();
            case "colours" ->
                expected.matches("\\d")
                        ? String.valueOf(piece.colours().size())
                        : piece.colours().stream()
                                .map(share -> ColourNames.nameOf(share.colour()))
                                .collect(Collectors.joining(", "));
            default -> String.valueOf(piece.written(Attribute.find(what).orElseThrow()));
        };
        assertThat(found).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "3 × t-shirt white, 3",
        "2x socks black, 2",
        "shirt, 1",
        "3 white t-shirts, 3",
        "two pairs of black jeans, 2",
        "3 jeans, 1",
        "4 blouse, 1",
        "five belts, 5",
        "12 white t-shirts, 1",
    })
    void countsWhatIsRepeated(String line, int count) {
        assertThat(EntryLine.read(line, EURO, Kinds.shipped()).count()).isEqualTo(count);
    }

    @Test
    void marksWhatItDoesNotUnderstandAndSuggests() {
        EntryReading reading = EntryLine.read("shirt whitte brunhilde", EURO, Kinds.shipped());
        assertThat(reading.isComplete()).isFalse();
        assertThat(reading.chips())
                .filteredOn(chip -> !chip.isUnderstood())
                .extracting(Chip::text)
                .containsExactly("whitte", "brunhilde");
        assertThat(reading.chips().get(1).readings()).startsWith("white").hasSizeLessThanOrEqualTo(2);
        assertThat(reading.chips().get(2).readings()).isEmpty();
    }

    @ParameterizedTest(name = "{0}: open {1}, kind {2}")
    @CsvSource({
        "shirt burgandy, burgandy colour, shirt",
        "shirt plaid, colour, shirt",
        "jaens dark blue, jaens, jeans",
        "sleeveless thingummy blue, thingummy kind, ''",
        "blue cotton, kind, ''",
        "necklace, '', necklace",
        "shirt white, '', shirt",
        "black velvet snorple, snorple kind, ''",
    })
    void guessesNothingWithoutAMark(String line, String open, String kind) {
        EntryReading reading = EntryLine.read(line, EURO, Kinds.shipped());
        assertThat(String.join(" ", reading.unclear())).isEqualTo(open);
        assertThat(reading.kind() == null ? "" : reading.kind().id()).isEqualTo(kind);
        assertThat(reading.isComplete())
                .isEqualTo(kind.isEmpty() ? false : open.isEmpty() || open.equals(Attribute.COLOURS_OPEN));
    }

    @ParameterizedTest(name = "{0}: {1} may mean {2}")
    @CsvSource({
        "shirt burgandy, burgandy, burgundy",
        "jaens blue, jaens, jeans",
        "tweeed blazer navy, tweeed, tweed",
    })
    void offersTheLikeliestReadings(String line, String word, String likeliest) {
        assertThat(EntryLine.read(line, EURO, Kinds.shipped()).chips())
                .filteredOn(chip -> chip.text().equals(word))
                .singleElement()
                .satisfies(chip -> assertThat(chip.readings()).first().isEqualTo(likeliest));
    }

    @ParameterizedTest(name = "{0}: {1} is {2}, or {3}")
    @CsvSource({
        "belt leather gold, gold, metal, colours:gold",
        "belt leather colours:gold, colours:gold, colours, ''",
        "shirt white, white, colours, ''",
    })
    void offersWhatElseAWordMayMean(String line, String word, String means, String other) {
        assertThat(EntryLine.read(line, EURO, Kinds.shipped()).chips())
                .filteredOn(chip -> chip.text().equals(word))
                .singleElement()
                .satisfies(chip -> {
                    assertThat(chip.means()).isEqualTo(means);
                    assertThat(String.join(" ", chip.others())).isEqualTo(other);
                });
    }

    /**
     * Publishes what share of the words is understood: of the lines the lexicon was made with, and of lines as twelve people would
     * write them, which were written after it and left as they were.
     */
    @Test
    void understandsNearlyEveryWordOfTheCollectedLines() throws IOException {
        Understood collected = understood("lines.txt");
        Understood twelve = understood("twelve-people.txt");
        if (Boolean.getBoolean("jomble.write")) {
            Files.writeString(PUBLISHED, published(collected, twelve));
        }
        assertThat(collected.lines()).isGreaterThanOrEqualTo(150);
        assertThat(collected.share()).as("unknown %s", collected.unknown()).isGreaterThan(LEAST_SHARE);
        assertThat(collected.kindless()).isEmpty();
        assertThat(twelve.lines()).isEqualTo(300);
        assertThat(twelve.share()).as("unknown %s", twelve.unknown()).isGreaterThan(LEAST_SHARE_OF_STRANGERS);
    }

    /** @param unknown words that were not understood, each with a line it stands in */
    private record Understood(
            int lines, int words, int understood, List<String> kindless, Map<String, String> unknown) {
        double share() {
            return (double) understood / words;
        }

        String percent() {
            return Math.round(1000 * share()) / 10.0 + " %";
        }
    }

    private static Understood understood(String file) throws IOException {
        List<String> lines;
        try (InputStream in = EntryLineTest.class.getResourceAsStream(file)) {
            lines = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .toList();
        }
        int words = 0;
        int understood = 0;
        List<String> kindless = new ArrayList<>();
        Map<String, String> unknown = new LinkedHashMap<>();
        for (String line : lines) {
            EntryReading reading = EntryLine.read(line, EURO, Kinds.shipped());
            if (reading.kind() == null) {
                kindless.add(line);
            } else {
                assertThat(piece(line).kind()).as(line).isEqualTo(reading.kind());
            }
            for (Chip chip : reading.chips()) {
                int length = chip.text().split(" ").length;
                words += length;
                understood += chip.isUnderstood() ? length : 0;
                if (!chip.isUnderstood()) {
                    unknown.put(chip.text(), line);
                }
            }
        }
        return new Understood(lines.size(), words, understood, kindless, unknown);
    }

    private static String published(Understood collected, Understood twelve) {
        StringBuilder text = new StringBuilder("""
                # The entry line

                One line of plain words is one piece. Whatever a line says, Enter saves it: a word that is not understood stays with the piece
                and is asked about on its row, with the likeliest readings; a colour the line does not name is left open and asked for; a line
                that does not say what the piece is becomes a piece to be named. The line as typed is kept and found by the search.

                What is known beside kinds, colours and attribute values stands in `core/src/main/resources/jomble/core/entry/words.txt`.
                """);
        text.append("\n## How much is understood\n\n");
        text.append("| lines | how many | name a kind | words understood |\n|---|---|---|---|\n");
        text.append(row("collected while the lexicon was made (`lines.txt`)", collected));
        text.append(row(
                "as twelve people would write them, written after it and measured once (`twelve-people.txt`)", twelve));
        text.append(
                "\nBoth lists are in `core/src/test/resources/jomble/core/entry/`. Words that only fill, such as *the* or *with*,"
                        + " are not counted.\n");
        text.append("\n## What is not understood\n");
        for (Understood one : List.of(collected, twelve)) {
            text.append(one == collected ? "\nOf the collected lines:\n\n" : "\nOf the twelve people's:\n\n");
            one.unknown()
                    .forEach((word, line) -> text.append("- *")
                            .append(word)
                            .append("* in “")
                            .append(line)
                            .append("”\n"));
            one.kindless()
                    .forEach(line -> text.append("- no kind in “").append(line).append("”\n"));
        }
        return text.toString();
    }

    private static String row(String what, Understood one) {
        return "| " + what + " | " + one.lines() + " | "
                + (one.lines() - one.kindless().size()) + " | " + one.understood() + " of " + one.words() + ", "
                + one.percent() + " |\n";
    }
}
