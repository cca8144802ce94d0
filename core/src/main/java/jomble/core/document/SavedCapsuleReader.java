package jomble.core.document;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.capsule.SavedCapsule;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;

/**
 * Saved capsules in document form: {@code {"id": "c1", "name": "Winter", "pieces": ["p1"], "wishes": {"size": 16},
 * "saved": "2027-01-08T09:30:00Z", "locked": {"season": "winter", "on": "2027-01-08"}, "earlier": []}}. Pieces may have
 * left the wardrobe since; wishes are validated when the capsule is planned again.
 */
public final class SavedCapsuleReader {
    private static final int MOST_CAPSULES = 200;
    private static final int MOST_PIECES = 200;
    private static final int LONGEST_NAME = 80;

    private SavedCapsuleReader() {}

    static List<SavedCapsule> readAll(Node node) {
        List<SavedCapsule> capsules = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (Node item : node.items(MOST_CAPSULES)) {
            SavedCapsule capsule = read(item);
            if (capsule != null && !seen.add(capsule.id())) {
                item.field("id").reject("twice", "the capsule " + capsule.id() + " is given twice");
            } else if (capsule != null) {
                capsules.add(capsule);
            }
        }
        return capsules;
    }

    private static SavedCapsule read(Node node) {
        node.fields(List.of("id", "name", "notes", "locked", "pieces", "wishes", "saved", "earlier"));
        String id = node.field("id").text(1, 64);
        String name = SavedFields.name(node.field("name"));
        String notes = Values.given(node.field("notes"), SavedFields::notes, "");
        SavedCapsule.Lock lock = Values.given(node.field("locked"), SavedCapsuleReader::lock, null);
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
        String season = Values.given(node.field("season"), n -> n.text(0, LONGEST_NAME), "");
        LocalDate on = SavedFields.date(node.field("on"));
        return on == null ? null : new SavedCapsule.Lock(season, on);
    }

    private static SavedCapsule.Version version(Node node) {
        return new SavedCapsule.Version(
                pieces(node.field("pieces")), wishes(node.field("wishes")), SavedFields.saved(node));
    }

    /** Distinct piece ids; they need not be in the wardrobe. */
    public static List<PieceId> pieces(Node node) {
        Set<PieceId> pieces = new LinkedHashSet<>();
        for (Node item : node.items(MOST_PIECES)) {
            String id = item.text(1, 64);
            if (id != null && !pieces.add(new PieceId(id))) {
                item.reject("twice", "the piece " + id + " is named twice");
            }
        }
        return List.copyOf(pieces);
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

    static List<Map<String, Object>> write(List<SavedCapsule> capsules) {
        return capsules.stream()
                .map(capsule -> {
                    Map<String, Object> tree =
                            Values.tree("id", capsule.id(), "name", capsule.name(), "notes", capsule.notes());
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
                            capsule.earlier().stream()
                                    .map(SavedCapsuleReader::write)
                                    .toList());
                    return tree;
                })
                .toList();
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
}
