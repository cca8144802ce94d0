package jomble.core.document.part;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import jomble.core.colour.Colour;
import jomble.core.piece.PieceId;
import jomble.core.piece.Word;
import jomble.core.tree.Node;

/** Readers for values that occur in many places of a document. Problems are reported at their node. */
public final class Values {
    private static final int MOST = 200;

    private Values() {}

    /** The value of a node, or the fallback when it is absent or invalid; an invalid one is reported. */
    public static <T> T given(Node node, Function<Node, T> read, T fallback) {
        T value = node.isNull() ? null : read.apply(node);
        return value == null ? fallback : value;
    }

    public static <T> List<T> list(Node node, Function<Node, T> read) {
        return node.items(MOST).stream().map(read).filter(Objects::nonNull).toList();
    }

    public static <W extends Enum<W> & Word> W word(Node node, Class<W> type) {
        if (!node.isText()) {
            node.reject("not-text", "one of " + String.join(", ", Word.ids(type)) + " is expected here");
            return null;
        }
        Optional<W> word = Word.find(type, (String) node.value());
        if (word.isEmpty()) {
            node.rejectUnknown("value", (String) node.value(), Word.ids(type));
        }
        return word.orElse(null);
    }

    public static Colour colour(Node node) {
        if (!node.isText() || !Colour.isHex((String) node.value())) {
            node.reject("not-a-colour", "a colour of the form #rrggbb is expected here");
            return null;
        }
        return Colour.of((String) node.value());
    }

    /** Items with distinct names. */
    public static <T> List<T> distinct(Node node, Function<Node, T> read, Function<T, String> name, String what) {
        Set<String> seen = new HashSet<>();
        return list(node, n -> {
            T item = read.apply(n);
            if (item != null && !seen.add(name.apply(item))) {
                n.field("name").reject("twice", "there is %s %s already".formatted(what, name.apply(item)));
            }
            return item;
        });
    }

    public static List<String> ids(List<? extends Word> words) {
        return words.stream().map(Word::id).toList();
    }

    public static String id(Word word) {
        return word == null ? null : word.id();
    }

    public static List<String> hexes(List<Colour> colours) {
        return colours.stream().map(Colour::hex).toList();
    }

    public static String hex(Colour colour) {
        return colour == null ? null : colour.hex();
    }

    /** A map in the order given, without the entries that are null. */
    public static Map<String, Object> tree(Object... namesAndValues) {
        Map<String, Object> tree = new LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            if (namesAndValues[i + 1] != null) {
                tree.put((String) namesAndValues[i], namesAndValues[i + 1]);
            }
        }
        return tree;
    }

    /** Distinct ids of pieces; they need not be in the wardrobe. */
    public static List<PieceId> pieceIds(Node node, int most) {
        Set<PieceId> pieces = new LinkedHashSet<>();
        for (Node item : node.items(most)) {
            String id = item.text(1, 64);
            if (id != null && !pieces.add(new PieceId(id))) {
                item.reject("twice", "the piece " + id + " is named twice");
            }
        }
        return List.copyOf(pieces);
    }
}
