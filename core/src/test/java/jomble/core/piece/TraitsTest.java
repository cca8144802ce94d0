package jomble.core.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jomble.core.brief.DressCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Rules ask for traits; which kind has which stands in the table alone. */
class TraitsTest {
    private static final Pattern QUOTED = Pattern.compile("[\"']([a-z]+(?:-[a-z]+)*)[\"']");
    /** Words for slots, dress codes and the entry line that are kinds as well. */
    private static final Set<String> OTHER_MEANINGS = otherMeanings();

    private static Set<String> otherMeanings() {
        Set<String> words = new HashSet<>(Word.ids(Slot.class));
        words.addAll(Word.ids(DressCode.class));
        return words;
    }

    @ParameterizedTest
    @EnumSource(Trait.class)
    void everyTraitIsOfSomeKind(Trait trait) {
        assertThat(Kinds.shipped().first(trait).has(trait)).isTrue();
    }

    @Test
    void noKindIsNamedOutsideTheTable() throws IOException {
        List<String> named = new ArrayList<>();
        for (Path source : sources()) {
            String text = Files.readString(source).replaceAll("(?m)^\\s*(\\*|//).*$", "");
            Matcher matcher = QUOTED.matcher(text);
            while (matcher.find()) {
                String word = matcher.group(1);
                if (Kinds.shipped().ids().contains(word) && !OTHER_MEANINGS.contains(word)) {
                    named.add(source.getFileName() + ": " + word);
                }
            }
        }
        assertThat(named).isEmpty();
    }

    /** Of the core, the server and the pages; what people say is no kind, and a drawing is of one. */
    private static List<Path> sources() throws IOException {
        List<Path> sources = new ArrayList<>();
        for (String root : List.of("src/main/java", "../server/src/main/java", "../web/src")) {
            try (Stream<Path> files = Files.walk(Path.of(root))) {
                files.filter(file -> file.toString().matches(".*\\.(java|tsx?)"))
                        .filter(file ->
                                !file.toString().matches(".*(/entry/|\\.test\\.|/api/|/testing/|/app/Gallery).*"))
                        .forEach(sources::add);
            }
        }
        assertThat(sources).hasSizeGreaterThan(600);
        return sources;
    }

    @ParameterizedTest
    @CsvSource({
        "shirt-dress, DRESS, true",
        "jumpsuit, DRESS, false",
        "underskirt, SKIRT, true",
        "culottes, SKIRT, false",
        "knee-boots, BOOT, true",
        "wedges, BOOT, false",
        "roll-neck, JUMPER, true",
        "roll-neck, PULLOVER, false",
        "dinner-jacket, TAILORED_JACKET, true",
        "denim-jacket, TAILORED_JACKET, false",
        "sandals, SUMMER_SHOE, true",
        "mules, SUMMER_SHOE, false",
    })
    void kindsHaveTheTraitsOfTheTable(String kind, Trait trait, boolean has) {
        assertThat(Kinds.shipped().find(kind).orElseThrow().has(trait)).isEqualTo(has);
    }

    @Test
    void aStudiosOwnKindHasTheTraitsOfTheOneItIsLike() {
        Kind jacket = Kinds.shipped().first(Trait.TAILORED_JACKET).copy("boiled-jacket", List.of(), Map.of());
        assertThat(jacket.traits()).isEqualTo(jacket.origin().traits()).contains(Trait.TAILORED_JACKET);
    }
}
