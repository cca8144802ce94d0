package jomble.core.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.tree.Node;

/**
 * Reads a studio's own kinds: {@code {"id": "boiled-jacket", "like": "knitted-jacket", "alsoCalled": ["…"], "set":
 * {"cloth": "fleece"}}}. A kind is like a shipped one but for what is set.
 */
public final class KindReader {
    private static final String ID = "[\\p{L}\\p{N}]+(-[\\p{L}\\p{N}]+)*";
    private static final int MOST_KINDS = 500;
    private static final int MOST_WORDS = 10;

    private KindReader() {}

    /**
     * Reads one kind and ends the reading.
     *
     * @param kinds the kinds it may be like
     * @throws jomble.core.tree.InvalidInputException naming every field that cannot be accepted
     */
    public static Kind readAlone(Object tree, Kinds kinds) {
        Node node = Node.root(tree);
        Optional<Kind> kind = read(node, kinds);
        node.finish();
        return kind.orElseThrow();
    }

    /** The given kinds and those of a list; a kind that already exists must be identical. */
    static Kinds readAll(Node node, Kinds kinds) {
        List<Kind> own = new ArrayList<>();
        for (Node item : node.items(MOST_KINDS)) {
            read(item, kinds).ifPresent(kind -> {
                Optional<Kind> there = kinds.find(kind.id()).filter(k -> k.id().equals(kind.id()));
                boolean twice = own.stream().anyMatch(k -> k.id().equals(kind.id()));
                if (twice || there.isPresent() && !there.get().equals(kind)) {
                    item.field("id").reject("kind-taken", "there is another kind called " + kind.id() + " already");
                } else if (there.isEmpty()) {
                    own.add(kind);
                }
            });
        }
        return kinds.with(own);
    }

    private static Optional<Kind> read(Node node, Kinds kinds) {
        node.fields(List.of("id", "like", "alsoCalled", "set"));
        String id = node.field("id").text(1, 60);
        if (id != null && !id.matches(ID)) {
            node.field("id").reject("not-an-id", "letters and digits are expected here, joined by hyphens");
        }
        List<String> words = new ArrayList<>();
        for (Node word : node.field("alsoCalled").items(MOST_WORDS)) {
            String text = word.text(1, 60);
            words.add(text == null ? "" : text.strip().toLowerCase(Locale.ROOT));
        }
        Node likeNode = node.field("like");
        String like = likeNode.text(1, 60);
        Optional<Kind> origin = like == null ? Optional.empty() : kinds.find(like);
        if (like != null && origin.isEmpty()) {
            likeNode.rejectUnknown("value", like, kinds.ids());
        }
        Map<Attribute<?>, Object> set =
                PieceReader.attributes(node.field("set").fields(List.copyOf(Attribute.names())));
        if (id == null || PieceReader.hasHole(set)) {
            return Optional.empty();
        }
        return origin.map(kind -> kind.copy(id, words, set));
    }

    /** The document form of a studio's own kind. */
    public static Map<String, Object> write(Kind kind) {
        Map<String, Object> set = new LinkedHashMap<>();
        Attribute.all().stream()
                .filter(kind.changes()::containsKey)
                .forEach(attribute ->
                        set.put(attribute.name(), attribute.write(kind.changes().get(attribute))));
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("id", kind.id());
        tree.put("like", kind.origin().id());
        if (!kind.alsoCalled().isEmpty()) {
            tree.put("alsoCalled", kind.alsoCalled());
        }
        tree.put("set", set);
        return tree;
    }
}
