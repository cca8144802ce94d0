package jomble.core.entry;

import java.util.ArrayList;
import java.util.Currency;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.colour.Colour;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Trait;
import jomble.core.tree.Spelling;

/**
 * Reads a line such as {@code 3 × T-shirt white regular 15} word by word, in any order.
 *
 * <p>The longest known phrase wins. A word with several meanings takes the first that is still free: the kind is named
 * once, a metal only on a piece that shows metal. Text in double quotes is the label. A number is the cost, a number
 * before × the count, a percentage belongs to the fibre beside it. What is not understood stays a chip without a meaning.
 */
public final class EntryLine {
    /** Tights from here on hide the skin; the usual border of the trade. */
    private static final int OPAQUE_DENIER = 40;

    private static final Currency NO_PRICES = Currency.getInstance("XXX");
    private static final int LEAST_GUESSED = 3;
    private static final int MOST_READINGS = 2;

    private final Line line;
    private final Kinds kinds;
    private final Lexicon lexicon;
    private final KindFinder.Found named;
    private final Draft draft;
    /** Readers of the parts of a line; the first that recognises one takes it. */
    private final List<PlaceReader> readers;

    private EntryLine(Line line, Currency usual, Kinds kinds, Lexicon lexicon, KindFinder.Found named) {
        this.line = line;
        this.kinds = kinds;
        this.lexicon = lexicon;
        this.named = named;
        this.draft = new Draft(line, lexicon, named);
        this.readers = List.of(
                this::quotedLabel,
                this::hexColour,
                this::kindNamedApart,
                this::statedMeaning,
                new SizeReader(line, draft),
                new SetReader(line, draft),
                new CountReader(line, draft, lexicon),
                new PercentReader(line, draft),
                new MeasureReader(line, draft),
                new PriceReader(line, draft, usual),
                this::knownPhrase,
                this::filler,
                this::unknownWord);
    }

    /**
     * @param usual the currency of an amount without one
     * @param kinds the kinds a line may name
     */
    public static EntryReading read(String line, Currency usual, Kinds kinds) {
        Line words = new Line(line);
        Lexicon lexicon = new Lexicon(kinds);
        return new EntryLine(words, usual, kinds, lexicon, new KindFinder(words, lexicon).find()).read();
    }

    /** The two likeliest meanings of a word that was not understood, for a piece of that kind. */
    public static List<String> readings(String word, Kind kind) {
        Line words = new Line(word);
        if (words.size() == 0 || word.equals(Attribute.COLOURS_OPEN) || word.equals(Attribute.KIND_OPEN)) {
            return List.of();
        }
        Kinds kinds = Kinds.shipped();
        KindFinder.Found open = KindFinder.Found.of(kind, true);
        return new EntryLine(words, NO_PRICES, kinds, new Lexicon(kinds), open)
                .readings(words.at(0).word());
    }

    /** The piece's document form with that id, ready to be read. */
    public static Map<String, Object> toDocument(EntryReading reading, String id) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("id", id);
        tree.put("kind", reading.kind() == null ? null : reading.kind().id());
        reading.set().forEach((attribute, value) -> tree.put(attribute.name(), value));
        return tree;
    }

    private EntryReading read() {
        int at = 0;
        while (at < line.size()) {
            at += take(at);
        }
        Map<Attribute<?>, Object> set = draft.set();
        boolean opaque = set.get(Attribute.DENIER) instanceof Integer denier && denier >= OPAQUE_DENIER;
        Kind kind = named.kind() != null && named.kind().has(Trait.SHEER_TIGHTS) && opaque
                ? kinds.first(Trait.OPAQUE_TIGHTS)
                : named.kind();
        return new EntryReading(draft.chips(), kind, set, draft.count());
    }

    private int take(int at) {
        for (PlaceReader reader : readers) {
            int words = reader.read(at);
            if (words > 0) {
                return words;
            }
        }
        throw new IllegalStateException("nothing reads " + line.at(at));
    }

    private int quotedLabel(int at) {
        Line.Token token = line.at(at);
        if (!token.quoted()) {
            return 0;
        }
        draft.put(Attribute.LABEL, token.text());
        return draft.take(at, 1, Attribute.LABEL, token.text());
    }

    private int hexColour(int at) {
        String text = line.at(at).text();
        if (!Colour.isHex(text)) {
            return 0;
        }
        draft.addColour(Colour.of(text));
        return draft.take(at, 1, Attribute.COLOURS, text);
    }

    /** A word of "hat brown felt" that names the kind together with another; it may name a fibre as well. */
    private int kindNamedApart(int at) {
        if (!named.apart().contains(at)) {
            return 0;
        }
        lexicon.meanings(line.word(at)).stream()
                .filter(meaning -> meaning.attribute().equals(Lexicon.FIBRE))
                .findFirst()
                .ifPresent(draft::accept);
        return draft.take(at, 1, Lexicon.KIND, named.kind().words());
    }

    /** "metal:gold" states which of several meanings is intended. */
    private int statedMeaning(int at) {
        String[] parts = line.at(at).word().split(":", 2);
        if (parts.length < 2) {
            return 0;
        }
        return lexicon.meanings(parts[1]).stream()
                .filter(m -> m.attribute().toLowerCase(Locale.ROOT).equals(parts[0]))
                .filter(m -> !m.attribute().equals(Lexicon.KIND))
                .findFirst()
                .map(meaning -> draft.take(at, 1, meaning, List.of()))
                .orElse(0);
    }

    private int knownPhrase(int at) {
        for (int length = line.longestPhrase(at); length > 0; length--) {
            String phrase = line.phrase(at, length);
            Optional<Lexicon.Meaning> meaning = draft.choose(lexicon.meanings(phrase));
            if (meaning.isPresent()) {
                return draft.take(at, length, meaning.get(), others(phrase, meaning.get()));
            }
        }
        return 0;
    }

    /** The other meanings, as they would be typed. A metal that is recognised also names the colour, and so on. */
    private List<String> others(String phrase, Lexicon.Meaning taken) {
        return lexicon.meanings(phrase).stream()
                .filter(m -> !m.attribute().equals(taken.attribute())
                        && !m.attribute().equals(Lexicon.KIND))
                .filter(draft::fits)
                .map(m -> m.attribute() + ":" + phrase.replace(' ', '-'))
                .distinct()
                .toList();
    }

    private int filler(int at) {
        String word = line.at(at).word();
        return Lexicon.FILLERS.contains(word) || word.matches("[^\\p{L}\\p{N}]*") ? 1 : 0;
    }

    private int unknownWord(int at) {
        return draft.leaveOpen(at, readings(line.at(at).word()));
    }

    /** Possible meanings of an unknown word, for a piece of this kind. */
    private List<String> readings(String word) {
        if (word.length() < LEAST_GUESSED) {
            return List.of();
        }
        Set<String> offered = new HashSet<>();
        List<String> readings = new ArrayList<>();
        for (String near : Spelling.nearest(word, lexicon.phrases(), 4 * MOST_READINGS)) {
            Optional<Lexicon.Meaning> asKind = draft.isKindOpen() ? lexicon.kindMeaning(near) : Optional.empty();
            Optional<Lexicon.Meaning> meaning = asKind.or(() -> draft.choose(lexicon.meanings(near)));
            if (meaning.isPresent()
                    && offered.add(meaning.get().attribute() + meaning.get().value())) {
                readings.add(near);
            }
        }
        return readings.stream().limit(MOST_READINGS).toList();
    }
}
