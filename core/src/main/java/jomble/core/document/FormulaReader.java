package jomble.core.document;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.colour.ColourFamily;
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
 * Each slot may say {@code kinds}, {@code families}, {@code fits}, {@code patterns}, {@code colours} (families of colour) and {@code
 * formalityLow}, {@code formalityHigh} (1..7).
 */
public final class FormulaReader {
    private static final List<String> FIELDS =
            List.of("kinds", "families", "fits", "patterns", "colours", "formalityLow", "formalityHigh");

    private FormulaReader() {}

    /** What is wrong is reported at the node; empty where nothing can be made of it. */
    public static Optional<Formula> read(Node node, Kinds kinds) {
        node.fields(List.of("slots"));
        Map<Slot, SlotFormula> slots = new EnumMap<>(Slot.class);
        Node bySlot = node.field("slots");
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
        return new SlotFormula(
                new HashSet<>(Values.list(node.field("kinds"), kind -> known(kind, kinds.ids(), "kind"))),
                set(node.field("families"), Family.class),
                set(node.field("fits"), Fit.class),
                set(node.field("patterns"), Pattern.class),
                colours(node.field("colours")),
                low,
                high);
    }

    private static <W extends Enum<W> & Word> Set<W> set(Node node, Class<W> type) {
        Set<W> words = EnumSet.noneOf(type);
        words.addAll(Values.list(node, one -> Values.word(one, type)));
        return words;
    }

    private static Set<ColourFamily> colours(Node node) {
        List<String> ids = new ArrayList<>();
        for (ColourFamily family : ColourFamily.values()) {
            ids.add(family.id());
        }
        Set<ColourFamily> colours = EnumSet.noneOf(ColourFamily.class);
        Values.list(node, one -> known(one, ids, "colour"))
                .forEach(id -> colours.add(ColourFamily.values()[ids.indexOf(id)]));
        return colours;
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
