package jomble.core.entry;

import java.util.regex.Pattern;

/**
 * "3 × T-shirt", "3 white shirts", "two pairs of jeans": any number before a times sign, a small one before a plural.
 */
record CountReader(Line line, Draft draft, Lexicon lexicon) implements PlaceReader {
    private static final String COUNT = "count";
    private static final Pattern NUMBER = Pattern.compile("\\d{1,2}");
    private static final Pattern NUMBER_TIMES = Pattern.compile("(\\d{1,2})[x×]");
    private static final Pattern TIMES = Pattern.compile("[x×X]");
    private static final Pattern PAIRS = Pattern.compile("pairs?|pcs|pieces");
    private static final Pattern EARLY = Pattern.compile("[2-6]");

    @Override
    public int read(int at) {
        int read = beforePlural(at);
        return read > 0 ? read : beforeTimes(at);
    }

    private int beforePlural(int at) {
        String word = line.word(at);
        Integer number = Lexicon.NUMBERS.get(word);
        if (number == null && NUMBER.matcher(word).matches()) {
            number = Integer.valueOf(word);
        }
        boolean pairs = PAIRS.matcher(line.word(at + 1)).matches();
        boolean early =
                at == 0 && number != null && (EARLY.matcher(word).matches() || !Character.isDigit(word.charAt(0)));
        if (number == null || number == 0 || !pairs && !(early && isKindInThePlural())) {
            return 0;
        }
        return take(at, pairs ? 2 : 1, number);
    }

    private int beforeTimes(int at) {
        String text = line.at(at).text().replaceAll("[.]$", "");
        boolean apart = NUMBER.matcher(text).matches()
                && at + 1 < line.size()
                && TIMES.matcher(line.at(at + 1).text()).matches();
        if (!apart && !NUMBER_TIMES.matcher(text).matches()) {
            return 0;
        }
        return take(at, apart ? 2 : 1, Math.max(1, Integer.parseInt(text.replaceAll("\\D", ""))));
    }

    private int take(int at, int length, int number) {
        draft.setCount(number);
        return draft.take(at, length, COUNT, Integer.toString(number));
    }

    /** Whether the kind is worn singly and its word on the line is a plural. */
    private boolean isKindInThePlural() {
        if (draft.kind() == null || draft.kind().isPair()) {
            return false;
        }
        for (int at = 1; at < line.size(); at++) {
            for (int length = 1; length <= line.longestPhrase(at); length++) {
                String phrase = line.phrase(at, length);
                if (phrase.endsWith("s") && lexicon.kindMeaning(phrase).isPresent()) {
                    return lexicon.kindMeaning(phrase.replaceAll("(?<=sh|ch)es$|s$", ""))
                            .isPresent();
                }
            }
        }
        return false;
    }
}
