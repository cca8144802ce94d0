package jomble.core.document;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.SavedFields;
import jomble.core.document.part.Shape;
import jomble.core.document.part.Values;
import jomble.core.outfit.SavedOutfit;
import jomble.core.piece.Finish;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;
import jomble.core.tree.Node;

/**
 * Saved outfits in document form: {@code {"id": "o1", "name": "Monday", "occasions": ["desk day"], "seasons": ["winter"], "tags":
 * ["safe"], "favourite": true, "slots": {"top": "p1", "bottom": "p7"}, "finishes": {"p1": ["tucked"]}, "saved":
 * "2027-01-08T09:30:00Z", "earlier": []}}. Pieces may have left the wardrobe since.
 */
public final class SavedOutfitPart extends EntryPart<SavedOutfit> {
    private static final int MOST_OUTFITS = 1000;
    private static final int MOST_NAMES = 20;
    private static final int MOST_MEMBERS = 20;
    private static final List<String> ABOUT = List.of("name", "notes", "occasions", "seasons", "tags", "favourite");

    SavedOutfitPart() {
        super("outfits", "outfit", MOST_OUTFITS, SavedOutfit::id);
    }

    @Override
    public String title(SavedOutfit outfit) {
        return outfit.about().name();
    }

    @Override
    protected SavedOutfit readEntry(Node node) {
        List<String> fields = new ArrayList<>(ABOUT);
        fields.addAll(List.of("id", "slots", "finishes", "saved", "earlier"));
        node.fields(fields);
        String id = node.field("id").text(1, 64);
        SavedOutfit.About about = about(node);
        SavedOutfit.Version now = version(node);
        List<SavedOutfit.Version> earlier = new ArrayList<>();
        for (Node item : node.field("earlier").items(SavedOutfit.MOST_EARLIER)) {
            item.fields(List.of("slots", "finishes", "saved"));
            earlier.add(version(item));
        }
        return id == null || about == null ? null : new SavedOutfit(id, about, now, earlier);
    }

    /** Name, notes and purpose of an outfit; null when it has no name. */
    public static SavedOutfit.About about(Node node) {
        String name = SavedFields.name(node.field("name"));
        String notes = Values.given(node.field("notes"), SavedFields::notes, "");
        List<String> occasions = names(node.field("occasions"));
        List<String> seasons = names(node.field("seasons"));
        List<String> tags = names(node.field("tags"));
        boolean favourite = Values.given(node.field("favourite"), Node::bool, false);
        return name == null ? null : new SavedOutfit.About(name.strip(), notes, occasions, seasons, tags, favourite);
    }

    private static List<String> names(Node node) {
        if (node.isNull()) {
            return List.of();
        }
        return node.items(MOST_NAMES).stream()
                .map(SavedFields::name)
                .filter(name -> name != null)
                .distinct()
                .toList();
    }

    private static SavedOutfit.Version version(Node node) {
        return new SavedOutfit.Version(
                slots(node.field("slots")), finishes(node.field("finishes")), SavedFields.saved(node));
    }

    /** Pieces by slot; they need not be in the wardrobe. */
    private static Map<Slot, List<PieceId>> slots(Node node) {
        Map<Slot, List<PieceId>> slots = new EnumMap<>(Slot.class);
        Set<PieceId> seen = new HashSet<>();
        node.fields(Word.ids(Slot.class))
                .forEach((name, field) -> Word.find(Slot.class, name)
                        .filter(slot -> !field.isNull())
                        .ifPresent(slot -> {
                            List<PieceId> pieces = new ArrayList<>();
                            for (Node item : field.isList() ? field.items(MOST_MEMBERS) : List.of(field)) {
                                String id = item.text(1, 64);
                                if (id != null && !seen.add(new PieceId(id))) {
                                    item.reject("twice", "a piece can be worn in one slot only");
                                } else if (id != null) {
                                    pieces.add(new PieceId(id));
                                }
                            }
                            if (pieces.size() > 1 && slot != Slot.JEWELLERY) {
                                field.reject("too-many", "only jewellery can be several pieces");
                            } else if (!pieces.isEmpty()) {
                                slots.put(slot, List.copyOf(pieces));
                            }
                        }));
        if (slots.isEmpty()) {
            node.reject("no-pieces", "at least one piece is expected here");
        }
        return slots;
    }

    /** From the id of a piece to the finishes it is to be worn with. */
    public static Map<PieceId, Set<Finish>> finishes(Node node) {
        Map<PieceId, Set<Finish>> finishes = new TreeMap<>();
        if (node.isNull()) {
            return finishes;
        }
        node.members().forEach((id, field) -> {
            Set<Finish> chosen = EnumSet.noneOf(Finish.class);
            chosen.addAll(Values.list(field, one -> Values.word(one, Finish.class)));
            finishes.put(new PieceId(id), chosen);
        });
        return finishes;
    }

    @Override
    public Map<String, Object> writeEntry(SavedOutfit outfit) {
        Map<String, Object> tree = Values.tree("id", outfit.id());
        tree.putAll(write(outfit.about()));
        tree.putAll(write(outfit.now()));
        tree.put(
                "earlier", outfit.earlier().stream().map(SavedOutfitPart::write).toList());
        return tree;
    }

    /** Name, notes and purpose in document form. */
    public static Map<String, Object> write(SavedOutfit.About about) {
        Map<String, Object> tree = Values.tree("name", about.name(), "notes", about.notes());
        tree.put("occasions", about.occasions());
        tree.put("seasons", about.seasons());
        tree.put("tags", about.tags());
        tree.put("favourite", about.favourite());
        return tree;
    }

    private static Map<String, Object> write(SavedOutfit.Version version) {
        Map<String, Object> slots = new LinkedHashMap<>();
        version.slots()
                .forEach((slot, ids) ->
                        slots.put(slot.id(), ids.size() == 1 ? ids.get(0).value() : values(ids)));
        Map<String, Object> finishes = new LinkedHashMap<>();
        version.finishes()
                .forEach((id, chosen) ->
                        finishes.put(id.value(), chosen.stream().map(Finish::id).toList()));
        return Values.tree(
                "slots", slots, "finishes", finishes, "saved", version.saved().toString());
    }

    private static List<String> values(List<PieceId> ids) {
        return ids.stream().map(PieceId::value).toList();
    }

    @Override
    protected Map<String, Object> entrySchema() {
        Map<String, Object> version = new LinkedHashMap<>();
        version.put("slots", SlotSchema.of(Map.of("anyOf", List.of(Shape.ID, Shape.list(Shape.ID)))));
        version.put(
                "finishes",
                Map.of("type", "object", "additionalProperties", Shape.list(Map.of("enum", Word.ids(Finish.class)))));
        version.put("saved", Shape.TIME);
        Map<String, Object> names = Map.of("type", "array", "maxItems", MOST_NAMES, "items", Shape.NAME);
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("id", Shape.ID);
        properties.put("name", Shape.NAME);
        properties.put("notes", Shape.NOTES);
        properties.put("occasions", names);
        properties.put("seasons", names);
        properties.put("tags", names);
        properties.put("favourite", Map.of("type", "boolean"));
        properties.putAll(version);
        properties.put("earlier", Shape.list(0, SavedOutfit.MOST_EARLIER, Shape.object(List.of("slots"), version)));
        return Shape.object(List.of("id", "name", "slots"), properties);
    }
}
