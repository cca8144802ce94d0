package jomble.core.entry;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import jomble.core.colour.ColourNames;
import jomble.core.piece.Attribute;
import jomble.core.piece.Fibre;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Word;

/** Every phrase the entry line knows, with all it may mean. Phrases are in lower case, with spaces for hyphens. */
final class Lexicon {
    static final String KIND = "kind";
    static final String COLOUR = "colours";
    static final String FIBRE = "fibres";
    static final String LAPEL = "lapel";
    static final String BREASTED = "breasted";
    static final String POCKETS = "pockets";
    static final String STRUCTURE = "structure";
    /** Words that name a kind by themselves and say something of another kind beside it. */
    static final Set<String> WEAK = Set.of("midi", "maxi", "mini", "cami", "top", "tie", "scarf", "belt", "jacket");

    static final int LONGEST_PHRASE = 4;
    static final Set<String> FILLERS = Set.of(
            "and",
            "with",
            "in",
            "the",
            "a",
            "an",
            "of",
            "made",
            "from",
            ",",
            "&",
            "on",
            "heel",
            "heels",
            "buckle",
            "colour",
            "coloured");

    /** One meaning of a phrase. */
    record Meaning(String attribute, String value) {}

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
    /** Words that say nothing by themselves because they are too short or mean something else on a line. */
    private static final Set<String> NOT_ALONE = Set.of(
            "none", "v", "new", "good", "keep", "store", "clean", "high", "mixed", "long", "short", "cap", "solid",
            "knee");
    /** Phrase, attribute, value. */
    private static final String[][] SYNONYMS = {
        {"plain", "pattern", "solid"},
        {"striped", "pattern", "stripe"},
        {"stripes", "pattern", "stripe"},
        {"stripy", "pattern", "stripe"},
        {"breton", "pattern", "stripe"},
        {"pinstriped", "pattern", "pinstripe"},
        {"chalk striped", "pattern", "chalk-stripe"},
        {"checked", "pattern", "check"},
        {"plaid", "pattern", "check"},
        {"tartan", "pattern", "check"},
        {"gingham", "pattern", "check"},
        {"dotted", "pattern", "dot"},
        {"dots", "pattern", "dot"},
        {"spotted", "pattern", "dot"},
        {"polka dot", "pattern", "dot"},
        {"flowered", "pattern", "floral"},
        {"leopard", "pattern", "animal"},
        {"flecked", "pattern", "fleck"},
        {"marl", "pattern", "fleck"},
        {"melange", "pattern", "fleck"},
        {"cord", "cloth", "corduroy"},
        {"knitted", "cloth", "fine-knit"},
        {"chunky", "cloth", "chunky-knit"},
        {"cable", "cloth", "cable-knit"},
        {"ribbed", "cloth", "rib"},
        {"tight", "fit", "close"},
        {"fitted", "fit", "close"},
        {"slim fit", "fit", "close"},
        {"loose", "fit", "relaxed"},
        {"boxy", "fit", "relaxed"},
        {"roomy", "fit", "relaxed"},
        {"oversize", "fit", "oversized"},
        {"wide leg", "shape", "wide"},
        {"straight leg", "shape", "straight"},
        {"bootcut", "shape", "boot-cut"},
        {"flare", "shape", "flared"},
        {"sleeveless", "sleeve", "none"},
        {"strappy", "sleeve", "straps"},
        {"short sleeve", "sleeve", "short"},
        {"short sleeves", "sleeve", "short"},
        {"short sleeved", "sleeve", "short"},
        {"long sleeve", "sleeve", "long"},
        {"long sleeves", "sleeve", "long"},
        {"long sleeved", "sleeve", "long"},
        {"cap sleeve", "sleeve", "cap"},
        {"three quarter sleeve", "sleeve", "three-quarter"},
        {"v neck", "neckline", "v"},
        {"crew neck", "neckline", "crew"},
        {"round neck", "neckline", "crew"},
        {"scoop neck", "neckline", "scoop"},
        {"boat neck", "neckline", "boat"},
        {"high neck", "neckline", "high"},
        {"square neck", "neckline", "square"},
        {"pussy bow", "neckline", "bow"},
        {"cropped", "hem", "waist"},
        {"knee length", "hem", "knee"},
        {"above the knee", "hem", "above-knee"},
        {"full length", "hem", "full-length"},
        {"ankle length", "hem", "ankle"},
        {"open toe", "toe", "open"},
        {"open toed", "toe", "open"},
        {"peep toe", "toe", "open"},
        {"closed toe", "toe", "closed"},
        {"stiletto heel", "heelType", "stiletto"},
        {"block heel", "heelType", "block"},
        {"wedge heel", "heelType", "wedge"},
        {"brand new", "condition", "new"},
        {"worn out", "condition", "worn"},
        {"at the cleaner", "whereabouts", "cleaner"},
        {"at the tailor", "whereabouts", "tailor"},
        {"secondhand", "source", "second-hand"},
        {"vintage", "source", "second-hand"},
        {"thrifted", "source", "second-hand"},
        {"low rise", "rise", "low"},
        {"mid rise", "rise", "mid"},
        {"high rise", "rise", "high"},
        {"high waist", "rise", "high"},
        {"high waisted", "rise", "high"},
        {"small scale", "patternScale", "small"},
        {"large scale", "patternScale", "large"},
        {"large", "patternScale", "large"},
        {"big", "patternScale", "large"},
        {"small", "patternScale", "small"},
        {"tiny", "patternScale", "micro"},
        {"midi", "hem", "mid-calf"},
        {"maxi", "hem", "ankle"},
        {"mini", "hem", "mid-thigh"},
        {"bow neck", "neckline", "bow"},
        {"pencil", "shape", "pencil"},
        {"cigarette", "shape", "slim"},
        {"oxford", "cloth", "plain-weave"},
        {"hopsack", "cloth", "worsted"},
        {"aran", "cloth", "cable-knit"},
        {"boucle", "cloth", "boucle"},
        {"lambswool", FIBRE, "wool"},
        {"metallic", "sheen", "3"},
        {"steel", "metal", "silver"},
        {"double breasted", BREASTED, "double"},
        {"single breasted", BREASTED, "single"},
        {"peak lapel", LAPEL, "peak"},
        {"peak lapels", LAPEL, "peak"},
        {"shawl collar", LAPEL, "shawl"},
        {"notch lapel", LAPEL, "notch"},
        {"patch pockets", POCKETS, "patch"},
        {"flap pockets", POCKETS, "flap"},
        {"jetted pockets", POCKETS, "jetted"},
        {"unstructured", STRUCTURE, "soft"},
        {"soft shoulder", STRUCTURE, "soft"},
        {"half structured", STRUCTURE, "half-structured"},
        {"structured", STRUCTURE, "structured"},
        {"mid blue", COLOUR, "blue"},
        {"natural", COLOUR, "beige"},
        {"champagne", COLOUR, "cream"},
        {"pearl", COLOUR, "cream"},
        {"tortoise", COLOUR, "tobacco"},
        {"tortoiseshell", COLOUR, "tobacco"},
        {"gray", COLOUR, "grey"},
        {"off white", COLOUR, "ivory"},
        {"light grey", COLOUR, "pale grey"},
        {"dark grey", COLOUR, "charcoal"},
        {"light blue", COLOUR, "pale blue"},
        {"dark blue", COLOUR, "navy"},
        {"dark brown", COLOUR, "chocolate"},
        {"bottle", COLOUR, "bottle green"},
        {"maroon", COLOUR, "burgundy"},
        {"wine red", COLOUR, "wine"},
    };

    private static final Map<String, List<Meaning>> PHRASES = load();

    private final Map<String, List<Meaning>> own = new LinkedHashMap<>();
    private final Kinds kinds;

    /** The phrases everybody knows, and the words of a studio's own kinds, which come first. */
    Lexicon(Kinds kinds) {
        this.kinds = kinds;
        kinds.own().forEach(kind -> {
            addKind(own, kind.id().replace('-', ' '), kind);
            kind.alsoCalled().forEach(word -> addKind(own, word, kind));
        });
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
        for (String[] synonym : SYNONYMS) {
            add(phrases, synonym[0], synonym[1], synonym[2]);
        }
        return phrases;
    }

    /** The word for a kind and its plural. */
    private static void addKind(Map<String, List<Meaning>> phrases, String word, Kind kind) {
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
