package jomble.server.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.document.PieceReader;
import jomble.core.piece.Attribute;
import jomble.core.piece.Piece;
import jomble.server.problem.ProblemException;

/** Settles words of a piece's entry line that were not understood. */
final class UnclearWords {
    private UnclearWords() {}

    /**
     * The document of a piece with one unclear word settled: its meaning is set and the word leaves the notes and the
     * unclear words.
     *
     * @param says its meaning, in document form; empty keeps the word as a note
     * @throws ProblemException when the word is already settled
     */
    static Map<String, Object> settled(Piece piece, String word, Map<String, Object> says) {
        Map<String, Object> tree = PieceReader.write(piece);
        List<String> unclear = new ArrayList<>(entries(tree.get(Attribute.UNCLEAR.name())));
        if (!unclear.remove(word)) {
            throw ProblemException.conflict("already-clear", "Somebody has said already what \"" + word + "\" means.");
        }
        says.forEach((name, value) -> {
            boolean beside = name.equals(Attribute.COLOURS.name()) && !word.equals(Attribute.COLOURS_OPEN);
            tree.put(name, beside ? PieceChanges.both(tree.get(name), (List<?>) value) : value);
        });
        if (!says.isEmpty()) {
            withoutWord(tree, word);
        }
        if (says.containsKey(Attribute.COLOURS.name())) {
            unclear.remove(Attribute.COLOURS_OPEN);
        }
        if (says.containsKey("kind")) {
            unclear.remove(Attribute.KIND_OPEN);
            if (tree.get(Attribute.LABEL.name()) instanceof String label
                    && piece.get(Attribute.AS_TYPED) != null
                    && piece.get(Attribute.AS_TYPED).startsWith(label)) {
                tree.remove(Attribute.LABEL.name());
            }
        }
        if (unclear.isEmpty()) {
            tree.remove(Attribute.UNCLEAR.name());
        } else {
            tree.put(Attribute.UNCLEAR.name(), unclear);
        }
        return tree;
    }

    private static void withoutWord(Map<String, Object> tree, String word) {
        if (tree.get(Attribute.NOTES.name()) instanceof String notes) {
            String rest = (" " + notes + " ").replace(" " + word + " ", " ").strip();
            if (rest.isEmpty()) {
                tree.remove(Attribute.NOTES.name());
            } else {
                tree.put(Attribute.NOTES.name(), rest);
            }
        }
    }

    private static List<String> entries(Object list) {
        return list instanceof List<?> entries
                ? entries.stream().map(String::valueOf).toList()
                : List.of();
    }
}
