package jomble.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kind;

/**
 * What was understood of an entry line.
 *
 * @param kind null when no kind was named; a guess when the word for it was not understood
 * @param set attribute values in document form
 * @param count how many alike, 1..99
 */
public record EntryReading(List<Chip> chips, Kind kind, Map<Attribute<?>, Object> set, int count) {
    private static final int MOST_UNCLEAR = 20;
    private static final int LONGEST_WORD = 40;

    public EntryReading {
        chips = List.copyOf(chips);
    }

    /** What somebody should look at: the words that were not understood, then "colour" and "kind" where these were left open. */
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

    /** Without what would tear a list of words apart, and no longer than one of them may be. */
    private static String wordOf(Chip chip) {
        String word = chip.text().replace(',', ' ').strip();
        return word.length() <= LONGEST_WORD ? word : word.substring(0, LONGEST_WORD);
    }

    /** Whether a piece can be recorded from it: a kind was named and every word was understood. */
    public boolean isComplete() {
        return kind != null && chips.stream().allMatch(Chip::isUnderstood);
    }
}
