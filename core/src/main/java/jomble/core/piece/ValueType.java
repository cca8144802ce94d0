package jomble.core.piece;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import jomble.core.tree.Node;

/**
 * How the values of an attribute are read from and written to the document.
 *
 * @param read answers null after reporting the problem at the node
 * @param write answers a tree value: text, number, boolean, list or map
 * @param parse reads the one-word form used in the table of kinds
 * @param words the ids of an enumeration, empty for anything else
 * @param form what kind of value it is
 */
record ValueType<T>(
        Function<Node, T> read,
        Function<T, Object> write,
        Function<String, T> parse,
        List<String> words,
        ValueForm form) {

    static <W extends Enum<W> & Word> ValueType<W> word(Class<W> type, String what) {
        List<String> ids = Word.ids(type);
        return new ValueType<>(
                node -> readWord(node, type, what, ids), Word::id, id -> require(type, id), ids, ValueForm.of("word"));
    }

    static <W extends Enum<W> & Word> ValueType<List<W>> words(Class<W> type, String what) {
        List<String> ids = Word.ids(type);
        return new ValueType<>(
                node -> node.items(ids.size()).stream()
                        .map(item -> readWord(item, type, what, ids))
                        .distinct()
                        .toList(),
                list -> list.stream().map(Word::id).toList(),
                text -> text.equals("-")
                        ? List.of()
                        : Arrays.stream(text.split(","))
                                .map(id -> require(type, id))
                                .toList(),
                ids,
                ValueForm.of("words"));
    }

    static ValueType<Integer> integer(int least, int most) {
        return new ValueType<>(
                node -> node.integer(least, most),
                value -> value,
                text -> Integer.valueOf(text),
                List.of(),
                new ValueForm("integer", least, most));
    }

    static ValueType<Double> decimal(double least, double most) {
        return new ValueType<>(
                node -> node.decimal(least, most),
                value -> value,
                text -> Double.valueOf(text),
                List.of(),
                new ValueForm("decimal", least, most));
    }

    static ValueType<String> text(int longest) {
        return new ValueType<>(
                node -> node.text(0, longest),
                value -> value,
                text -> text,
                List.of(),
                new ValueForm("text", 0, longest));
    }

    static <T> ValueType<T> of(String form, Function<Node, T> read, Function<T, Object> write) {
        return new ValueType<>(
                read,
                write,
                text -> {
                    throw new IllegalArgumentException("has no one-word form: " + text);
                },
                List.of(),
                ValueForm.of(form));
    }

    static <W extends Enum<W> & Word> W readWord(Node node, Class<W> type, String what, List<String> ids) {
        if (!node.isText()) {
            node.reject("not-text", "one of the words for " + what + " is expected here");
            return null;
        }
        String id = (String) node.value();
        return Word.find(type, id).orElseGet(() -> {
            node.rejectUnknown("value", id, ids);
            return null;
        });
    }

    private static <W extends Enum<W> & Word> W require(Class<W> type, String id) {
        return Word.find(type, id)
                .orElseThrow(() -> new IllegalArgumentException("unknown " + type.getSimpleName() + ": " + id));
    }
}
