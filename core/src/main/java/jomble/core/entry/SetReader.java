package jomble.core.entry;

import java.util.Set;
import jomble.core.piece.Attribute;

/** "part of the grey suit": the words are a set's label, which is looked up when the piece is saved. */
record SetReader(Line line, Draft draft) implements PlaceReader {
    private static final Set<String> LAST_WORDS = Set.of("suit", "set", "twinset");
    private static final Set<String> ARTICLES = Set.of("the", "a");
    private static final int LONGEST = 8;

    @Override
    public int read(int at) {
        boolean part = at + 3 < line.size() && line.phrase(at, 2).equals("part of");
        for (int end = at + 2; part && end < Math.min(line.size(), at + LONGEST); end++) {
            if (LAST_WORDS.contains(line.word(end))) {
                int from = ARTICLES.contains(line.word(at + 2)) ? at + 3 : at + 2;
                String label = line.phrase(from, end - from + 1);
                draft.put(Attribute.SET, label);
                return draft.take(at, end - at + 1, Attribute.SET, label);
            }
        }
        return 0;
    }
}
