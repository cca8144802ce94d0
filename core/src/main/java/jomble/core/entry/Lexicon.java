package jomble.core.entry;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.colour.ColourNames;
import jomble.core.piece.Attribute;
import jomble.core.piece.Fibre;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Trait;
import jomble.core.piece.Word;

/**
 * Every phrase the entry line knows, with its possible meanings. Phrases are in lower case, with spaces for hyphens.
 */
final class Lexicon {
    static final String KIND = "kind";
    static final String COLOUR = "colours";
    static final String FIBRE = "fibres";
    static final String LAPEL = "lapel";
    static final String BREASTED = "breasted";
    static final String POCKETS = "pockets";
    static final String STRUCTURE = "structure";
    /** Small numbers in words, as used before plurals and pairs. */
    static final Map<String, Integer> NUMBERS = Map.of("two", 2, "three", 3, "four", 4, "five", 5, "six", 6);
    /** Words that name a kind on their own but describe another kind beside it. */
    static final Set<String> WEAK = Set.of(
            "midi",
            "maxi",
            "mini",
            "cami",
            "top",
            "tie",
            "scarf",
            "belt",
            "jacket",
            "breton",
            "cap",
            "wrap",
            "heels",
            "shell",
            "stilettos",
            "bodycon",
            "henley",
            "vest",
            "pearls",
            "beads",
            "knit",
            "chain",
            "cuff",
            "hoops",
            "boots",
            "flats",
            "bag",
            "pin",
            "tank",
            "sweat",
            "buttons",
            "hat",
            "basket",
            "thermal",
            "slip");

    static final int LONGEST_PHRASE = 4;
    static final Set<String> FILLERS = Set.of(
            ("and with in the a an of made from , & + / - – — on it its is that this my her his our one some i got bought paid cost costs "
                            + "for around about approx but or to very really quite so rather nice lovely pair pairs buckle colour coloured "
                            + "color colored heel heels blend mix style type shade all over has have pcs piece pieces")
                    .split(" "));

    /**
     * One meaning of a phrase.
     *
     * @param besides implied attributes; those named explicitly take precedence
     * @param only kinds and families this meaning is limited to; empty for all
     */
    record Meaning(String attribute, String value, List<Meaning> besides, Set<String> only) {
        Meaning(String attribute, String value) {
            this(attribute, value, List.of(), Set.of());
        }
    }

    private static final String WORDS = "/jomble/core/entry/words.txt";
    private static final List<Attribute<?>> SPOKEN = List.of(
            Attribute.PATTERN,
            Attribute.CLOTH,
            Attribute.FIT,
            Attribute.SHAPE,
            Attribute.SLEEVE,
            Attribute.NECKLINE,
            Attribute.HEM,
            Attribute.METAL,
            Attribute.HEEL_TYPE,
            Attribute.SOURCE,
            Attribute.CONDITION,
            Attribute.DECISION,
            Attribute.WHEREABOUTS);
    /** Words that are not recognised on their own, because they are too short or mean something else. */
    private static final Set<String> NOT_ALONE = Set.of(
            "none", "v", "new", "good", "keep", "store", "clean", "high", "mixed", "long", "short", "cap", "solid",
            "knee");

    private static final Map<String, List<Meaning>> PHRASES = load();

    private final Map<String, List<Meaning>> own = new LinkedHashMap<>();
    private final Kinds kinds;

    /** The built-in phrases and those of a studio's own kinds, which take precedence. */
    Lexicon(Kinds kinds) {
        this.kinds = kinds;
        kinds.own().forEach(kind -> {
            addKind(own, kind.id().replace('-', ' '), kind);
            kind.alsoCalled().forEach(word -> addKind(own, word, kind));
        });
    }

    /** The kind a phrase names. */
    Optional<Meaning> kindMeaning(String phrase) {
        return kindAmong(meanings(phrase));
    }

    static Optional<Meaning> kindAmong(List<Meaning> meanings) {
        return meanings.stream()
                .filter(meaning -> meaning.attribute().equals(KIND))
                .findFirst();
    }

    Kind kind(Meaning meaning) {
        return kinds.find(meaning.value()).orElseThrow();
    }

    List<Meaning> meanings(String phrase) {
        List<Meaning> usual = PHRASES.getOrDefault(phrase, List.of());
        if (!own.containsKey(phrase)) {
            return usual;
        }
        List<Meaning> all = new ArrayList<>(own.get(phrase));
        all.addAll(usual);
        return all;
    }

    Set<String> phrases() {
        if (own.isEmpty()) {
            return PHRASES.keySet();
        }
        Set<String> all = new LinkedHashSet<>(PHRASES.keySet());
        all.addAll(own.keySet());
        return all;
    }

    /** The phrases with a meaning for an attribute. */
    Set<String> phrases(String attribute) {
        return phrases().stream()
                .filter(phrase ->
                        meanings(phrase).stream().anyMatch(m -> m.attribute().equals(attribute)))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static Map<String, List<Meaning>> load() {
        Map<String, List<Meaning>> phrases = new LinkedHashMap<>();
        new HashMap<>(Kinds.shipped().words()).forEach((word, kind) -> addKind(phrases, word, kind));
        ColourNames.all().forEach(name -> add(phrases, name, COLOUR, name));
        for (Attribute<?> attribute : SPOKEN) {
            for (String id : attribute.words()) {
                if (!NOT_ALONE.contains(id)) {
                    add(phrases, id.replace('-', ' '), attribute.name(), id);
                }
            }
        }
        Word.ids(Fibre.class).forEach(id -> add(phrases, id.replace('-', ' '), FIBRE, id));
        lines().filter(line -> !line.isBlank() && !line.startsWith("#")).forEach(line -> addLine(phrases, line));
        return phrases;
    }

    private static Stream<String> lines() {
        try (InputStream in = Lexicon.class.getResourceAsStream(WORDS)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Adds a line of the word list: {@code phrase, phrase | attribute=value attribute=value | family, kind}. */
    private static void addLine(Map<String, List<Meaning>> phrases, String line) {
        String[] cells = line.split(" *\\| *");
        List<Meaning> parts =
                Arrays.stream(cells[1].split(" ")).map(Lexicon::part).toList();
        Set<String> only = cells.length > 2 ? Set.of(cells[2].split(", *")) : Set.of();
        Meaning meaning =
                new Meaning(parts.get(0).attribute(), parts.get(0).value(), parts.subList(1, parts.size()), only);
        for (String phrase : cells[0].split(", *")) {
            phrases.computeIfAbsent(phrase.replace('-', ' '), p -> new ArrayList<>())
                    .add(meaning);
        }
    }

    private static Meaning part(String text) {
        int equals = text.indexOf('=');
        String value = text.substring(equals + 1);
        return switch (text.substring(0, equals)) {
            case "colour" -> new Meaning(COLOUR, value.replace('-', ' '));
            case "fibre" -> new Meaning(FIBRE, value);
            default -> new Meaning(text.substring(0, equals), value);
        };
    }

    /** Adds the word for a kind and its plural. */
    private static void addKind(Map<String, List<Meaning>> phrases, String word, Kind kind) {
        if (kind.has(Trait.UNNAMED)) {
            return;
        }
        add(phrases, word, KIND, kind.id());
        if (!word.endsWith("s")) {
            add(phrases, word + (word.endsWith("sh") || word.endsWith("tch") ? "es" : "s"), KIND, kind.id());
        }
    }

    private static void add(Map<String, List<Meaning>> phrases, String phrase, String attribute, String value) {
        phrases.computeIfAbsent(phrase.toLowerCase(Locale.ROOT), p -> new ArrayList<>())
                .add(new Meaning(attribute, value));
    }
}
