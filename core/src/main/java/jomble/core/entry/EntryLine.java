package jomble.core.entry;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jomble.core.colour.ColourNames;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.tree.Spelling;

/**
 * Reads a line such as {@code 3 × T-shirt white regular 15} word by word, in any order.
 *
 * <p>The longest known phrase wins. A word with several meanings takes the first that is still free: the kind is named
 * once, a metal only on a piece that shows metal. Text in double quotes is the label. A number is the cost, a number
 * before × the count, a percentage belongs to the fibre after it. What is not understood stays a chip without a meaning.
 */
public final class EntryLine {
    private static final Pattern TOKEN = Pattern.compile("\"([^\"]*)\"|[^\\s,]+|,");
    private static final Pattern MONEY = Pattern.compile("([€$£]?)(\\d{1,7}(?:[.,]\\d{1,2})?)([€$£]?)");
    private static final Pattern COUNT = Pattern.compile("(\\d{1,2})[x×]");
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3})%");
    private static final Map<String, String> SIGNS = Map.of("€", "EUR", "$", "USD", "£", "GBP");

    private final List<Token> tokens = new ArrayList<>();
    private final Currency usual;
    private final List<Chip> chips = new ArrayList<>();
    private final Map<Attribute<?>, Object> set = new LinkedHashMap<>();
    private final List<ColourShare> colours = new ArrayList<>();
    private final List<Map<String, Object>> fibres = new ArrayList<>();
    private Kind kind;
    private int count = 1;
    private Integer percent;

    private record Token(String text, int from, int to, boolean quoted) {
        String word() {
            return text.toLowerCase(Locale.ROOT).replace('-', ' ');
        }
    }

    private EntryLine(String line, Currency usual) {
        this.usual = usual;
        Matcher matcher = TOKEN.matcher(line);
        while (matcher.find()) {
            boolean quoted = matcher.group(1) != null;
            tokens.add(new Token(quoted ? matcher.group(1) : matcher.group(), matcher.start(), matcher.end(), quoted));
        }
    }

    /** @param usual the currency of an amount without one */
    public static EntryReading read(String line, Currency usual) {
        return new EntryLine(line, usual).read();
    }

    private EntryReading read() {
        findKind();
        int at = 0;
        while (at < tokens.size()) {
            at += take(at);
        }
        if (!colours.isEmpty()) {
            put(
                    Attribute.COLOURS,
                    colours.stream()
                            .map(c -> c.colour().hex())
                            .distinct()
                            .limit(5)
                            .toList());
        }
        if (!fibres.isEmpty()) {
            put(Attribute.FIBRES, fibres);
        }
        return new EntryReading(chips, kind, set, count);
    }

    /** The kind is settled first, since it decides what other words mean: the longest phrase, the last of equals. */
    private void findKind() {
        int longest = 0;
        for (int at = 0; at < tokens.size(); at++) {
            for (int length = Math.min(Lexicon.LONGEST_PHRASE, tokens.size() - at); length > 0; length--) {
                Optional<Lexicon.Meaning> meaning = meaning(at, length, Lexicon.KIND);
                if (meaning.isPresent() && length >= longest) {
                    longest = length;
                    kind = Kinds.find(meaning.get().value()).orElseThrow();
                }
            }
        }
    }

    private Optional<Lexicon.Meaning> meaning(int at, int length, String attribute) {
        return Lexicon.meanings(phrase(at, length)).stream()
                .filter(m -> m.attribute().equals(attribute))
                .findFirst();
    }

    private String phrase(int at, int length) {
        StringBuilder phrase = new StringBuilder();
        for (int i = at; i < at + length; i++) {
            if (tokens.get(i).quoted()) {
                return "";
            }
            phrase.append(i == at ? "" : " ").append(tokens.get(i).word());
        }
        return phrase.toString();
    }

    /** Takes one chip and answers how many tokens it used. */
    private int take(int at) {
        Token token = tokens.get(at);
        if (token.quoted()) {
            put(Attribute.LABEL, token.text());
            return chip(at, 1, Attribute.LABEL.name(), token.text());
        }
        int used = takeNumber(at);
        if (used > 0) {
            return used;
        }
        for (int length = Math.min(Lexicon.LONGEST_PHRASE, tokens.size() - at); length > 0; length--) {
            Optional<Lexicon.Meaning> meaning = choose(Lexicon.meanings(phrase(at, length)));
            if (meaning.isPresent()) {
                accept(meaning.get());
                return chip(
                        at,
                        length,
                        meaning.get().attribute(),
                        meaning.get().value().replace('-', ' '));
            }
        }
        if (Lexicon.FILLERS.contains(token.word())) {
            return 1;
        }
        String suggestion = token.text().length() < 3
                ? null
                : Spelling.nearest(token.word(), Lexicon.phrases()).orElse(null);
        chips.add(new Chip(token.text(), token.from(), token.to(), null, null, suggestion));
        return 1;
    }

    private int takeNumber(int at) {
        String text = tokens.get(at).text();
        boolean times = at + 1 < tokens.size() && tokens.get(at + 1).text().matches("[x×X]");
        Matcher counted = COUNT.matcher(text);
        if (counted.matches() || (times && text.matches("\\d{1,2}"))) {
            count = Math.max(1, Integer.parseInt(text.replaceAll("\\D", "")));
            return chip(at, times && !counted.matches() ? 2 : 1, "count", Integer.toString(count));
        }
        Matcher part = PERCENT.matcher(text);
        if (part.matches()) {
            percent = Integer.valueOf(part.group(1));
            return chip(at, 1, Lexicon.FIBRE, percent + " %");
        }
        Matcher money = MONEY.matcher(text);
        if (!money.matches()) {
            return 0;
        }
        String sign = money.group(1) + money.group(3);
        String code = SIGNS.getOrDefault(sign, usual.getCurrencyCode());
        int used = 1;
        if (at + 1 < tokens.size() && tokens.get(at + 1).text().matches("(?i)EUR|USD|GBP|CHF|SEK|NOK|DKK|€|\\$|£")) {
            String next = tokens.get(at + 1).text();
            code = SIGNS.getOrDefault(next, next.toUpperCase(Locale.ROOT));
            used = 2;
        }
        BigDecimal amount = new BigDecimal(money.group(2).replace(',', '.'));
        put(Attribute.COST, Map.of("amount", amount, "currency", code));
        return chip(at, used, Attribute.COST.name(), amount.toPlainString() + " " + code);
    }

    private Optional<Lexicon.Meaning> choose(List<Lexicon.Meaning> meanings) {
        Optional<Lexicon.Meaning> asKind = meanings.stream()
                .filter(m -> m.attribute().equals(Lexicon.KIND))
                .filter(m -> kind != null && kind.id().equals(m.value()))
                .findFirst();
        if (asKind.isPresent()) {
            return asKind;
        }
        List<Lexicon.Meaning> rest = meanings.stream()
                .filter(m -> !m.attribute().equals(Lexicon.KIND))
                .filter(m -> !m.attribute().equals(Attribute.METAL.name()) || showsMetal())
                .filter(m -> !m.attribute().equals(Attribute.SHAPE.name()) || hasShape())
                .toList();
        boolean metal = rest.stream().anyMatch(m -> m.attribute().equals(Attribute.METAL.name()));
        return rest.stream()
                .filter(m -> !metal || m.attribute().equals(Attribute.METAL.name()))
                .findFirst();
    }

    private boolean showsMetal() {
        return kind != null && kind.defaults().containsKey(Attribute.METAL);
    }

    private boolean hasShape() {
        return kind == null || kind.defaults().containsKey(Attribute.SHAPE);
    }

    private void accept(Lexicon.Meaning meaning) {
        switch (meaning.attribute()) {
            case Lexicon.KIND -> {}
            case Lexicon.COLOUR -> ColourNames.find(meaning.value()).ifPresent(c -> colours.add(new ColourShare(c, 1)));
            case Lexicon.FIBRE -> {
                fibres.add(Map.of("fibre", meaning.value(), "percent", percent == null ? 100 : percent));
                percent = null;
            }
            default -> {
                Attribute<?> attribute = Attribute.find(meaning.attribute()).orElseThrow();
                put(attribute, meaning.value());
                if (attribute == Attribute.METAL && isOfMetal()) {
                    ColourNames.find(meaning.value().replace('-', ' '))
                            .ifPresent(c -> colours.add(new ColourShare(c, 1)));
                }
            }
        }
    }

    /** Jewellery is the colour of its metal; a belt is not the colour of its buckle. */
    private boolean isOfMetal() {
        return kind.defaults().get(Attribute.CLOTH) == Cloth.METAL;
    }

    private void put(Attribute<?> attribute, Object written) {
        set.put(attribute, written);
    }

    private int chip(int at, int length, String means, String value) {
        Token first = tokens.get(at);
        Token last = tokens.get(at + length - 1);
        StringBuilder text = new StringBuilder();
        for (int i = at; i < at + length; i++) {
            text.append(i == at ? "" : " ").append(tokens.get(i).text());
        }
        chips.add(new Chip(text.toString(), first.from(), last.to(), means, value, null));
        return length;
    }

    /** The piece's document form with that id, ready to be read. */
    public static Map<String, Object> toDocument(EntryReading reading, String id) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("id", id);
        tree.put("kind", reading.kind() == null ? null : reading.kind().id());
        reading.set().forEach((attribute, value) -> tree.put(attribute.name(), value));
        return tree;
    }
}
