package jomble.core.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;

/** Reads one piece of a wardrobe document. A field that is null counts as not given. */
public final class PieceReader {
    private static final List<String> FIELDS = fields();

    private PieceReader() {}

    private static List<String> fields() {
        List<String> fields = new ArrayList<>(List.of("id", "kind"));
        fields.addAll(Attribute.names());
        return fields;
    }

    /**
     * Reads a piece and ends the reading.
     *
     * @throws jomble.core.tree.InvalidInputException naming every field that cannot be accepted
     */
    public static Piece readAlone(Object tree, Kinds kinds) {
        Node node = Node.root(tree);
        Optional<Piece> piece = read(node, kinds);
        node.finish();
        return piece.orElseThrow();
    }

    /** The piece, or empty after reporting problems. */
    public static Optional<Piece> read(Node node, Kinds kinds) {
        if (!node.isObject()) {
            node.reject("not-an-object", "a piece is expected here");
            return Optional.empty();
        }
        Map<String, Node> fields = node.fields(FIELDS);
        String id = node.field("id").text(1, 64);
        Optional<Kind> kind = kind(node.field("kind"), kinds);
        Map<Attribute<?>, Object> set = attributes(fields);
        if (id == null || kind.isEmpty() || hasHole(set)) {
            return Optional.empty();
        }
        return Optional.of(Piece.of(new PieceId(id), kind.get(), set));
    }

    /** The attributes among the fields; problems are reported. */
    static Map<Attribute<?>, Object> attributes(Map<String, Node> fields) {
        Map<Attribute<?>, Object> set = new LinkedHashMap<>();
        for (Attribute<?> attribute : Attribute.all()) {
            Node field = fields.get(attribute.name());
            if (field != null && !field.isNull()) {
                Object value = attribute.read(field);
                if (value != null) {
                    set.put(attribute, value);
                }
            }
        }
        return set;
    }

    private static Optional<Kind> kind(Node node, Kinds kinds) {
        if (!node.isText()) {
            node.reject("missing-kind", "the kind of the piece is expected here");
            return Optional.empty();
        }
        String id = (String) node.value();
        Optional<Kind> kind = kinds.find(id);
        if (kind.isEmpty()) {
            node.rejectUnknown("value", id, kinds.ids());
        }
        return kind;
    }

    /** Whether a list has an invalid entry, whose problem is already reported. */
    static boolean hasHole(Map<Attribute<?>, Object> set) {
        return set.values().stream()
                .anyMatch(
                        value -> value instanceof List<?> list && list.stream().anyMatch(e -> e == null));
    }

    /** The document form: id, kind, and what was set by hand. */
    public static Map<String, Object> write(Piece piece) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("id", piece.id().value());
        tree.put("kind", piece.kind().id());
        for (Attribute<?> attribute : Attribute.all()) {
            if (piece.isSet(attribute)) {
                tree.put(attribute.name(), attribute.write(piece.set().get(attribute)));
            }
        }
        return tree;
    }
}
