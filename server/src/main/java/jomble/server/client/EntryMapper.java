package jomble.server.client;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.Part;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.tree.Node;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Maps between entries of a wardrobe and their text in the database and the history. */
@Component
class EntryMapper {
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};
    private static final Part.Before NOTHING = new Part.Before() {
        @Override
        public Kinds kinds() {
            return Kinds.shipped();
        }

        @Override
        public List<Piece> pieces() {
            return List.of();
        }
    };

    private final JsonMapper json;

    EntryMapper(JsonMapper json) {
        this.json = json;
    }

    <E> E entry(EntryPart<E> part, String text) {
        return part.readStored(tree(text));
    }

    <E> List<E> entries(EntryPart<E> part, List<EntryRow> rows) {
        return rows.stream().map(row -> entry(part, row.document())).toList();
    }

    /**
     * The text of an entry.
     *
     * @throws jomble.core.tree.InvalidInputException when the entry would not be accepted in a document
     */
    <E> String text(EntryPart<E> part, E entry) {
        Map<String, Object> tree = part.writeEntry(entry);
        part.readStored(tree);
        return json.writeValueAsString(tree);
    }

    /** The value of a part that is no list. */
    <T> T value(Part<T> part, String text) {
        Node node = Node.root(text == null ? null : tree(text));
        T value = part.read(node, NOTHING);
        node.finish();
        return value;
    }

    /** The text of a part that is no list; null when it is empty. */
    <T> String valueText(Part<T> part, T value) {
        if (value.equals(part.empty())) {
            return null;
        }
        Object tree = part.write(value);
        Node node = Node.root(tree);
        part.read(node, NOTHING);
        node.finish();
        return json.writeValueAsString(tree);
    }

    private Map<String, Object> tree(String text) {
        return json.readValue(text, TREE);
    }

    /** The fields of a part that is no list and what they hold, without empty ones. */
    <T> Map<String, Object> fields(Part<T> part, String text) {
        Object empty = part.write(part.empty());
        Map<String, Object> fields = new LinkedHashMap<>();
        if (text != null || empty != null) {
            // Both ways through text, so that 0 and 0.0 are the same.
            fields.putAll(tree(text == null ? json.writeValueAsString(empty) : text));
        }
        fields.values().removeIf(value -> Map.of().equals(value) || List.of().equals(value));
        return fields;
    }

    /** The day an entry is about, where the database has a date for it; years of five digits have none. */
    <E> LocalDate day(EntryPart<E> part, E entry) {
        LocalDate day = part.day(entry);
        return day != null && day.getYear() > 0 && day.getYear() < 10_000 ? day : null;
    }
}
