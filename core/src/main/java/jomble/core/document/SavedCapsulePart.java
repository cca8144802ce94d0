package jomble.core.document;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.capsule.SavedCapsule;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.SavedFields;
import jomble.core.document.part.Shape;
import jomble.core.document.part.Values;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;

/**
 * Saved capsules in document form: {@code {"id": "c1", "name": "Winter", "pieces": ["p1"], "wishes": {"size": 16},
 * "saved": "2027-01-08T09:30:00Z", "locked": {"season": "winter", "on": "2027-01-08"}, "earlier": []}}. Pieces may have
 * left the wardrobe since; wishes are validated when the capsule is planned again.
 */
public final class SavedCapsulePart extends EntryPart<SavedCapsule> {
    private static final int MOST_CAPSULES = 200;
    private static final int MOST_PIECES = 200;
    private static final int LONGEST_SEASON = 80;

    SavedCapsulePart() {
        super("capsules", "capsule", MOST_CAPSULES, SavedCapsule::id);
    }

    @Override
    public String title(SavedCapsule capsule) {
        return capsule.name();
    }

    @Override
    protected SavedCapsule readEntry(Node node) {
        node.fields(List.of("id", "name", "notes", "locked", "pieces", "wishes", "saved", "earlier"));
        String id = node.field("id").text(1, 64);
        String name = SavedFields.name(node.field("name"));
        String notes = Values.given(node.field("notes"), SavedFields::notes, "");
        SavedCapsule.Lock lock = Values.given(node.field("locked"), SavedCapsulePart::lock, null);
        SavedCapsule.Version now = version(node);
        List<SavedCapsule.Version> earlier = node.field("earlier").items(SavedCapsule.MOST_EARLIER).stream()
                .map(item -> {
                    item.fields(List.of("pieces", "wishes", "saved"));
                    return version(item);
                })
                .toList();
        return id == null || name == null ? null : new SavedCapsule(id, name, notes, lock, now, earlier);
    }

    private static SavedCapsule.Lock lock(Node node) {
        node.fields(List.of("season", "on"));
        String season = Values.given(node.field("season"), n -> n.text(0, LONGEST_SEASON), "");
        LocalDate on = SavedFields.date(node.field("on"));
        return on == null ? null : new SavedCapsule.Lock(season, on);
    }

    private static SavedCapsule.Version version(Node node) {
        return new SavedCapsule.Version(
                Values.pieceIds(node.field("pieces"), MOST_PIECES),
                wishes(node.field("wishes")),
                SavedFields.saved(node));
    }

    /** Saved wishes: an object with the fields of a planning call. */
    public static Map<String, Object> wishes(Node node) {
        Map<String, Object> wishes = new LinkedHashMap<>();
        node.fields(CapsuleReader.FIELDS).forEach((name, field) -> {
            if (!field.isNull()) {
                wishes.put(name, field.value());
            }
        });
        return wishes;
    }

    @Override
    public Map<String, Object> writeEntry(SavedCapsule capsule) {
        Map<String, Object> tree = Values.tree("id", capsule.id(), "name", capsule.name(), "notes", capsule.notes());
        tree.putAll(write(capsule.now()));
        if (capsule.lock() != null) {
            tree.put(
                    "locked",
                    Values.tree(
                            "season",
                            capsule.lock().season(),
                            "on",
                            capsule.lock().on().toString()));
        }
        tree.put(
                "earlier",
                capsule.earlier().stream().map(SavedCapsulePart::write).toList());
        return tree;
    }

    private static Map<String, Object> write(SavedCapsule.Version version) {
        return Values.tree(
                "pieces",
                version.pieces().stream().map(PieceId::value).toList(),
                "wishes",
                version.wishes(),
                "saved",
                version.saved().toString());
    }

    @Override
    protected Map<String, Object> entrySchema() {
        Map<String, Object> version = new LinkedHashMap<>();
        version.put("pieces", Shape.list(0, MOST_PIECES, Shape.ID));
        version.put("wishes", Map.of("type", "object"));
        version.put("saved", Shape.TIME);
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("id", Shape.ID);
        properties.put("name", Shape.NAME);
        properties.put("notes", Shape.NOTES);
        properties.putAll(version);
        properties.put(
                "locked",
                Shape.object(List.of("on"), Map.of("season", Shape.text(0, LONGEST_SEASON), "on", Shape.DATE)));
        properties.put("earlier", Shape.list(0, SavedCapsule.MOST_EARLIER, Shape.object(List.of(), version)));
        return Shape.object(List.of("id", "name"), properties);
    }
}
