package jomble.core.piece;

import static jomble.core.piece.CompositeValues.CARE;
import static jomble.core.piece.CompositeValues.COLOUR_SHARES;
import static jomble.core.piece.CompositeValues.CONSTRUCTION_PARTS;
import static jomble.core.piece.CompositeValues.DATE;
import static jomble.core.piece.CompositeValues.FIBRE_SHARES;
import static jomble.core.piece.CompositeValues.MONEY;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.tree.Node;

/**
 * An attribute of a piece: its name in the document and the form of its values. The constants are the whole vocabulary,
 * in document order.
 */
public final class Attribute<T> {
    private static final Map<String, Attribute<?>> BY_NAME = new LinkedHashMap<>();

    public static final Attribute<String> LABEL = of("label", ValueType.text(80));
    public static final Attribute<List<ColourShare>> COLOURS = of("colours", COLOUR_SHARES);
    public static final Attribute<Pattern> PATTERN = word("pattern", Pattern.class);
    public static final Attribute<PatternScale> PATTERN_SCALE = word("patternScale", PatternScale.class);
    public static final Attribute<List<FibreShare>> FIBRES = of("fibres", FIBRE_SHARES);
    public static final Attribute<Cloth> CLOTH = word("cloth", Cloth.class);
    public static final Attribute<Integer> CLOTH_WEIGHT = of("clothWeight", ValueType.integer(1, 5));
    public static final Attribute<Integer> SHEERNESS = of("sheerness", ValueType.integer(0, 3));
    public static final Attribute<Integer> SHEEN = of("sheen", ValueType.integer(0, 3));
    public static final Attribute<Integer> TEXTURE = of("texture", ValueType.integer(0, 3));
    public static final Attribute<Fit> FIT = word("fit", Fit.class);
    public static final Attribute<Shape> SHAPE = word("shape", Shape.class);
    public static final Attribute<Hem> HEM = word("hem", Hem.class);
    public static final Attribute<Rise> RISE = word("rise", Rise.class);
    public static final Attribute<Neckline> NECKLINE = word("neckline", Neckline.class);
    public static final Attribute<Sleeve> SLEEVE = word("sleeve", Sleeve.class);
    public static final Attribute<Integer> SLEEVE_VOLUME = of("sleeveVolume", ValueType.integer(1, 3));
    public static final Attribute<Opening> OPENING = word("opening", Opening.class);
    public static final Attribute<Construction> CONSTRUCTION = of("construction", CONSTRUCTION_PARTS);
    public static final Attribute<String> SET = of("set", ValueType.text(64));
    public static final Attribute<Metal> METAL = word("metal", Metal.class);
    public static final Attribute<Double> HEEL_CM = of("heelCm", ValueType.decimal(0, 25));
    public static final Attribute<HeelType> HEEL_TYPE = word("heelType", HeelType.class);
    public static final Attribute<Toe> TOE = word("toe", Toe.class);
    public static final Attribute<Shaft> SHAFT = word("shaft", Shaft.class);
    public static final Attribute<ShaftFit> SHAFT_FIT = word("shaftFit", ShaftFit.class);
    public static final Attribute<Double> HEMMED_FOR_HEEL_CM = of("hemmedForHeelCm", ValueType.decimal(0, 25));
    public static final Attribute<Integer> DENIER = of("denier", ValueType.integer(1, 1000));
    public static final Attribute<Show> SHOW = word("show", Show.class);
    public static final Attribute<Integer> FORMALITY = of("formality", ValueType.integer(1, 7));
    public static final Attribute<Double> WARMTH_CLO = of("warmthClo", ValueType.decimal(0, 2));
    public static final Attribute<List<Slot>> ROLES = of("roles", ValueType.words(Slot.class, "roles"));
    public static final Attribute<List<Finish>> FINISHES = of("finishes", ValueType.words(Finish.class, "finishes"));
    public static final Attribute<List<Detail>> DETAILS = of("details", ValueType.words(Detail.class, "details"));
    public static final Attribute<Care> CARE_NEEDS = of("care", CARE);
    public static final Attribute<Money> COST = of("cost", MONEY);
    public static final Attribute<LocalDate> ACQUIRED = of("acquired", DATE);
    public static final Attribute<Source> SOURCE = word("source", Source.class);
    public static final Attribute<Condition> CONDITION = word("condition", Condition.class);
    public static final Attribute<Decision> DECISION = word("decision", Decision.class);
    public static final Attribute<Errand> ERRAND = of("errand", CompositeValues.ERRAND);
    public static final Attribute<Whereabouts> WHEREABOUTS = word("whereabouts", Whereabouts.class);
    public static final Attribute<LocalDate> DUE_BACK = of("dueBack", DATE);
    public static final Attribute<Integer> WEARS_BEFORE = of("wearsBefore", ValueType.integer(0, 100_000));
    public static final Attribute<Integer> FAVOURITE = of("favourite", ValueType.integer(-2, 2));
    public static final Attribute<String> SIZE = of("size", ValueType.text(40));
    public static final Attribute<FitsNow> FITS_NOW = word("fitsNow", FitsNow.class);
    public static final Attribute<Integer> QUANTITY = of("quantity", ValueType.integer(1, 1000));
    public static final Attribute<Integer> COMFORT_MINUTES = of("comfortMinutes", ValueType.integer(0, 1440));
    public static final Attribute<Integer> CREASES = of("creases", ValueType.integer(0, 3));
    public static final Attribute<Integer> PACKS = of("packs", ValueType.integer(0, 3));
    public static final Attribute<List<String>> TAGS = of("tags", CompositeValues.TAGS);
    public static final Attribute<String> NOTES = of("notes", ValueType.text(4000));
    /** The line the piece was recorded with, word for word. */
    public static final Attribute<String> AS_TYPED = of("asTyped", ValueType.text(400));
    /** Words of that line nobody has made sense of yet, and "colour" or "kind" where the line left these open. */
    public static final Attribute<List<String>> UNCLEAR = of("unclear", CompositeValues.TAGS);

    /** Among the unclear words: the line said no colour. */
    public static final String COLOURS_OPEN = "colour";
    /** Among the unclear words: the line did not say what the piece is. */
    public static final String KIND_OPEN = "kind";

    private final String name;
    private final int index;
    private final ValueType<T> type;

    private Attribute(String name, int index, ValueType<T> type) {
        this.name = name;
        this.index = index;
        this.type = type;
    }

    private static <T> Attribute<T> of(String name, ValueType<T> type) {
        Attribute<T> attribute = new Attribute<>(name, BY_NAME.size(), type);
        BY_NAME.put(name, attribute);
        return attribute;
    }

    private static <W extends Enum<W> & Word> Attribute<W> word(String name, Class<W> values) {
        return of(name, ValueType.word(values, name));
    }

    public static List<Attribute<?>> all() {
        return new ArrayList<>(BY_NAME.values());
    }

    public static Set<String> names() {
        return BY_NAME.keySet();
    }

    public static Optional<Attribute<?>> find(String name) {
        return Optional.ofNullable(BY_NAME.get(name));
    }

    static int count() {
        return BY_NAME.size();
    }

    public String name() {
        return name;
    }

    /** An attribute's name in words: {@code sleeveVolume} is "sleeve volume". */
    public static String words(String name) {
        return name.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
    }

    int index() {
        return index;
    }

    /** The ids this attribute's values are chosen from; empty when it is not an enumeration. */
    public List<String> words() {
        return type.words();
    }

    public ValueForm form() {
        return type.form();
    }

    /** Reads a value; null, with the problem reported at the node, when it has the wrong form. */
    public T read(Node node) {
        return type.read().apply(node);
    }

    /** The one-word form of a value, as the table of kinds writes it. */
    T parse(String text) {
        return type.parse().apply(text);
    }

    /** The document form of a value of this attribute. */
    @SuppressWarnings("unchecked")
    public Object write(Object value) {
        return type.write().apply((T) value);
    }

    @Override
    public String toString() {
        return name;
    }
}
