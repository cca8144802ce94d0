package jomble.core.entry;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** An entry line split into words. */
final class Line {
    /**
     * Quoted words, numbers with a comma, then anything up to a space; a slash or plus between letters separates two
     * words.
     */
    private static final Pattern TOKEN = Pattern.compile(
            "\"([^\"]*)\"|[€$£]?\\d+(?:,\\d+)+\\S*|[()\\[\\];!?]|(?:(?![()\\[\\];!?])[^\\s,/+]|(?<=\\d)[/+]|(?<=:)/)+|,|[/+]");

    private final List<Token> tokens = new ArrayList<>();

    /**
     * A word as it was typed.
     *
     * @param from place of its first character in the line, {@code to} the one after its last
     * @param quoted whether it stood in double quotes, which are not part of it
     */
    record Token(String text, int from, int to, boolean quoted) {
        /** In lower case, without accents, hyphens and the full stop of an abbreviation. */
        String word() {
            String plain = Normalizer.normalize(text, Normalizer.Form.NFD).replaceAll("[\\p{M}'’]", "");
            String word = plain.toLowerCase(Locale.ROOT).replace('-', ' ').strip();
            return word.length() > 1 ? word.replaceAll("[.:…]+$", "") : word;
        }
    }

    Line(String line) {
        Matcher matcher = TOKEN.matcher(line);
        while (matcher.find()) {
            boolean quoted = matcher.group(1) != null;
            tokens.add(new Token(quoted ? matcher.group(1) : matcher.group(), matcher.start(), matcher.end(), quoted));
        }
    }

    int size() {
        return tokens.size();
    }

    Token at(int place) {
        return tokens.get(place);
    }

    Stream<Token> stream() {
        return tokens.stream();
    }

    /** The word at an index; empty past the end and for quoted text. */
    String word(int at) {
        return at < tokens.size() && !tokens.get(at).quoted() ? tokens.get(at).word() : "";
    }

    /** Number of words in the longest known phrase that could start at an index. */
    int longestPhrase(int at) {
        return Math.min(Lexicon.LONGEST_PHRASE, tokens.size() - at);
    }

    /** Consecutive words joined by spaces; empty when one of them is quoted. */
    String phrase(int at, int length) {
        StringBuilder phrase = new StringBuilder();
        for (int i = at; i < at + length; i++) {
            if (tokens.get(i).quoted()) {
                return "";
            }
            phrase.append(i == at ? "" : " ").append(tokens.get(i).word());
        }
        return phrase.toString();
    }

    /** Consecutive words as typed. */
    String text(int at, int length) {
        StringBuilder text = new StringBuilder();
        for (int i = at; i < at + length; i++) {
            text.append(i == at ? "" : " ").append(tokens.get(i).text());
        }
        return text.toString();
    }
}
