package jomble.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kind;

/**
 * The result of reading an entry line.
 *
 * @param kind null when no kind was named; a guess when the word for it was not understood
 * @param set attribute values in document form
 * @param count number of equal pieces, 1..99
 */
public record EntryReading(List<Chip> chips, Kind kind, Map<Attribute<?>, Object> set, int count) {
    private static final int MOST_UNCLEAR = 20;
    private static final int LONGEST_WORD = 40;

    public EntryReading {
        chips = List.copyOf(chips);
    }

    /** What needs a second look: words that were not understood, then "colour" and "kind" when these were not given. */
    public List<String> unclear() {
        List<String> unclear = new ArrayList<>();
        chips.stream().filter(chip -> !chip.isUnderstood()).forEach(chip -> unclear.add(wordOf(chip)));
        if (kind == null) {
            unclear.add(Attribute.KIND_OPEN);
        }
        if (!set.containsKey(Attribute.COLOURS) && (kind == null || !kind.isOfMetal())) {
            unclear.add(Attribute.COLOURS_OPEN);
        }
        return unclear.stream().distinct().limit(MOST_UNCLEAR).toList();
    }

    /** Removes separators and shortens the text, so that it fits a list of words. */
    private static String wordOf(Chip chip) {
        String word = chip.text().replace(',', ' ').strip();
        return word.length() <= LONGEST_WORD ? word : word.substring(0, LONGEST_WORD);
    }

    /** Whether a piece can be recorded from it: a kind was named and every word was understood. */
    public boolean isComplete() {
        return kind != null && chips.stream().allMatch(Chip::isUnderstood);
    }
}
