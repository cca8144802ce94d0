package jomble.core.entry;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import jomble.core.piece.Kind;
import jomble.core.tree.Spelling;

/**
 * Finds the kind a line names. It is determined first, because other words depend on it: the longest phrase wins, then
 * the last. Two words apart from each other also count as a phrase, so that "hat brown felt" is a felt hat. A word such
 * as "midi" names a kind only when no other word does.
 */
final class KindFinder {
    /** Shorter words resemble too many others. */
    private static final int LEAST_GUESSED = 4;

    private final Line line;
    private final Lexicon lexicon;

    /**
     * The kind, if any.
     *
     * @param kind null when none was named
     * @param guessed whether its word may be misspelt; the word then remains marked as not understood
     * @param apart indices of the two separate words that name it, otherwise empty
     * @param besides attributes implied by the phrase
     */
    record Found(Kind kind, boolean guessed, Set<Integer> apart, List<Lexicon.Meaning> besides) {
        private static final Found NOTHING = of(null, false);

        static Found of(Kind kind, boolean guessed) {
            return new Found(kind, guessed, Set.of(), List.of());
        }
    }

    KindFinder(Line line, Lexicon lexicon) {
        this.line = line;
        this.lexicon = lexicon;
    }

    Found find() {
        Kind kind = null;
        int longest = 0;
        boolean weak = true;
        for (int at = 0; at < line.size(); at++) {
            for (int length = line.longestPhrase(at); length > 0; length--) {
                Optional<Lexicon.Meaning> meaning = lexicon.kindMeaning(line.phrase(at, length));
                boolean isWeak = Lexicon.WEAK.contains(line.phrase(at, length));
                if (meaning.isPresent() && (weak && !isWeak || (weak == isWeak && length >= longest))) {
                    longest = length;
                    weak = isWeak;
                    kind = lexicon.kind(meaning.get());
                }
            }
        }
        Found found = longest < 2 ? apart(Found.of(kind, false)) : Found.of(kind, false);
        return found.kind() == null ? guess() : found;
    }

    private Found apart(Found otherwise) {
        Found found = otherwise;
        for (int a = 0; a < line.size(); a++) {
            for (int b = 0; b < line.size(); b++) {
                String phrase = a == b ? "" : line.phrase(a, 1) + " " + line.phrase(b, 1);
                Optional<Lexicon.Meaning> meaning = lexicon.kindMeaning(phrase);
                if (meaning.isPresent()) {
                    found = new Found(
                            lexicon.kind(meaning.get()),
                            false,
                            Set.of(a, b),
                            meaning.get().besides());
                }
            }
        }
        return found;
    }

    private Found guess() {
        Found found = Found.NOTHING;
        for (int at = 0; at < line.size(); at++) {
            String word = line.word(at);
            boolean mayBeAKind = word.length() >= LEAST_GUESSED
                    && lexicon.meanings(word).isEmpty()
                    && !Lexicon.FILLERS.contains(word);
            Optional<Lexicon.Meaning> nearest = mayBeAKind
                    ? Spelling.nearest(word, lexicon.phrases(Lexicon.KIND)).flatMap(lexicon::kindMeaning)
                    : Optional.empty();
            if (nearest.isPresent()) {
                found = Found.of(lexicon.kind(nearest.get()), true);
            }
        }
        return found;
    }
}
