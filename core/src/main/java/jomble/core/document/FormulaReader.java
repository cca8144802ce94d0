package jomble.core.document;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import jomble.core.colour.ColourFamily;
import jomble.core.colour.ColourNames;
import jomble.core.document.part.Values;
import jomble.core.formula.ColourRole;
import jomble.core.formula.Formula;
import jomble.core.formula.SlotFormula;
import jomble.core.piece.Family;
import jomble.core.piece.Fit;
import jomble.core.piece.Kinds;
import jomble.core.piece.Pattern;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;
import jomble.core.tree.Node;

/**
 * A formula in document form:
 *
 * <pre>{@code {"slots": {"top": {"kinds": ["shirt"], "patterns": ["stripe"]}, "bottom": {"families": ["bottom"], "fits": ["wide"]}}}}</pre>
 *
 * Each slot may say {@code kinds}, {@code families}, {@code fits}, {@code patterns}, {@code colours} (families of colour, or names of
 * colours such as {@code black} and {@code camel}), {@code colourRoles} and {@code
 * formalityLow}, {@code formalityHigh} (1..7).
 */
public final class FormulaReader {
    private static final List<String> FIELDS =
            List.of("kinds", "families", "fits", "patterns", "colours", "colourRoles", "formalityLow", "formalityHigh");

    /** In the order of the values. */
    private static final List<String> COLOURS =
            Arrays.stream(ColourFamily.values()).map(ColourFamily::id).toList();

    private FormulaReader() {}

    /** The colours a formula may name: families first, then single colours. */
    static List<String> colours() {
        Set<String> ids = new LinkedHashSet<>(COLOURS);
        ids.addAll(ColourNames.all());
        return List.copyOf(ids);
    }

    /** Reads a formula; problems are reported at their node. Empty when nothing valid is left. */
    public static Optional<Formula> read(Node node, Kinds kinds) {
        node.fields(List.of("slots"));
        return slots(node.field("slots"), kinds);
    }

    /**
     * The slots of a formula alone.
     *
     * @param kinds null to leave kinds unchecked
     */
    public static Optional<Formula> ofSlots(Node slots, Kinds kinds) {
        return slots(slots, kinds);
    }

    /** The slots of a formula in document form, with only the attributes that are set. */
    public static Map<String, Object> write(Formula formula) {
        Map<String, Object> slots = new LinkedHashMap<>();
        formula.slots().forEach((slot, asked) -> {
            Map<String, Object> tree = new LinkedHashMap<>();
            put(tree, "kinds", asked.kinds().stream());
            put(tree, "families", asked.families().stream().map(Family::id));
            put(tree, "fits", asked.fits().stream().map(Fit::id));
            put(tree, "patterns", asked.patterns().stream().map(Pattern::id));
            put(
                    tree,
                    "colours",
                    Stream.concat(asked.colours().stream().map(ColourFamily::id), asked.shades().stream()));
            put(tree, "colourRoles", asked.roles().stream().map(ColourRole::id));
            if (asked.formalityLow() != null) {
                tree.put("formalityLow", asked.formalityLow());
            }
            if (asked.formalityHigh() != null) {
                tree.put("formalityHigh", asked.formalityHigh());
            }
            slots.put(slot.id(), tree);
        });
        return slots;
    }

    private static void put(Map<String, Object> tree, String name, Stream<String> ids) {
        List<String> sorted = ids.sorted().toList();
        if (!sorted.isEmpty()) {
            tree.put(name, sorted);
        }
    }

    /** @param kinds null to leave kinds unchecked */
    private static Optional<Formula> slots(Node bySlot, Kinds kinds) {
        Map<Slot, SlotFormula> slots = new EnumMap<>(Slot.class);
        bySlot.fields(Word.ids(Slot.class))
                .forEach((name, field) -> Word.find(Slot.class, name)
                        .filter(slot -> !field.isNull())
                        .ifPresent(slot -> slots.put(slot, slot(field, kinds))));
        if (slots.isEmpty()) {
            bySlot.reject("too-few", "at least one slot is expected here");
            return Optional.empty();
        }
        return Optional.of(new Formula(slots));
    }

    private static SlotFormula slot(Node node, Kinds kinds) {
        node.fields(FIELDS);
        Integer low = Values.given(node.field("formalityLow"), n -> n.integer(1, 7), null);
        Integer high = Values.given(node.field("formalityHigh"), n -> n.integer(1, 7), null);
        if (low != null && high != null && low > high) {
            node.field("formalityLow").reject("out-of-order", "formalityLow is above formalityHigh");
        }
        List<String> colours = Values.list(node.field("colours"), FormulaReader::colour);
        return new SlotFormula(
                new HashSet<>(Values.list(
                        node.field("kinds"),
                        kind -> kinds == null ? kind.text(1, 64) : known(kind, kinds.ids(), "kind"))),
                set(node.field("families"), Family.class),
                set(node.field("fits"), Fit.class),
                set(node.field("patterns"), Pattern.class),
                families(colours),
                new HashSet<>(
                        colours.stream().filter(id -> !COLOURS.contains(id)).toList()),
                set(node.field("colourRoles"), ColourRole.class),
                low,
                high);
    }

    private static <W extends Enum<W> & Word> Set<W> set(Node node, Class<W> type) {
        Set<W> words = EnumSet.noneOf(type);
        words.addAll(Values.list(node, one -> Values.word(one, type)));
        return words;
    }

    /** A family of colour, which is the wider where a colour has the same name, or the name of a colour. */
    private static String colour(Node node) {
        return known(node, colours(), "colour");
    }

    private static Set<ColourFamily> families(List<String> colours) {
        Set<ColourFamily> families = EnumSet.noneOf(ColourFamily.class);
        colours.stream()
                .filter(COLOURS::contains)
                .forEach(id -> families.add(ColourFamily.values()[COLOURS.indexOf(id)]));
        return families;
    }

    private static String known(Node node, Collection<String> ids, String what) {
        String text = node.text(1, 64);
        if (text != null && !ids.contains(text)) {
            node.rejectUnknown(what, text, ids);
            return null;
        }
        return text;
    }
}
