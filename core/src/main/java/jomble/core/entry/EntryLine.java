package jomble.core.entry;

import java.math.BigDecimal;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Currency;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourNames;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Family;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Slot;
import jomble.core.tree.Spelling;

/**
 * Reads a line such as {@code 3 × T-shirt white regular 15} word by word, in any order.
 *
 * <p>The longest known phrase wins. A word with several meanings takes the first that is still free: the kind is named
 * once, a metal only on a piece that shows metal. Text in double quotes is the label. A number is the cost, a number
 * before × the count, a percentage belongs to the fibre beside it. What is not understood stays a chip without a meaning.
 */
public final class EntryLine {
    /** Where a buckle, a clasp or a case may be of metal. */
    private static final Set<Slot> WITH_METAL = EnumSet.of(Slot.BELT, Slot.BAG, Slot.WATCH);

    private static final Pattern TOKEN = Pattern.compile("\"([^\"]*)\"|\\d+,\\d+\\S*|[^\\s,]+|,");
    private static final Pattern MONEY = Pattern.compile("([€$£]?)(\\d{1,7}(?:[.,]\\d{1,2})?)([€$£]?)");
    private static final Pattern COUNT = Pattern.compile("(\\d{1,2})[x×]");
    private static final Pattern MEASURE = Pattern.compile("(\\d{1,3}(?:[.,]\\d)?)(cm|den|denier)?");
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3})%");
    private static final Map<String, String> SIGNS = Map.of("€", "EUR", "$", "USD", "£", "GBP");

    private final List<Token> tokens = new ArrayList<>();
    private final Currency usual;
    private final Lexicon lexicon;
    private final List<Chip> chips = new ArrayList<>();
    private final Map<Attribute<?>, Object> set = new LinkedHashMap<>();
    private final List<ColourShare> colours = new ArrayList<>();
    private final List<Map<String, Object>> fibres = new ArrayList<>();
    private final Map<String, Object> construction = new LinkedHashMap<>();
    private final Set<Integer> ofKind = new HashSet<>();
    private Kind kind;
    private int count = 1;
    private Integer percent;
    private int percentages;
    private boolean percentFollows;

    private record Token(String text, int from, int to, boolean quoted) {
        String word() {
            String plain = Normalizer.normalize(text, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
            return plain.toLowerCase(Locale.ROOT).replace('-', ' ');
        }
    }

    private EntryLine(String line, Currency usual, Kinds kinds) {
        this.usual = usual;
        this.lexicon = new Lexicon(kinds);
        Matcher matcher = TOKEN.matcher(line);
        while (matcher.find()) {
            boolean quoted = matcher.group(1) != null;
            tokens.add(new Token(quoted ? matcher.group(1) : matcher.group(), matcher.start(), matcher.end(), quoted));
        }
    }

    /**
     * @param usual the currency of an amount without one
     * @param kinds the kinds a line may name
     */
    public static EntryReading read(String line, Currency usual, Kinds kinds) {
        return new EntryLine(line, usual, kinds).read();
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
        if (!construction.isEmpty()) {
            put(Attribute.CONSTRUCTION, construction);
        }
        return new EntryReading(chips, kind, set, count);
    }

    /**
     * The kind is settled first, since it decides what other words mean: the longest phrase, the last of equals; two words
     * that stand apart count as a phrase as well, so that "hat brown felt" is a felt hat. A word such as "midi" names a kind
     * only where no other word does.
     */
    private void findKind() {
        int longest = 0;
        boolean weak = true;
        for (int at = 0; at < tokens.size(); at++) {
            for (int length = Math.min(Lexicon.LONGEST_PHRASE, tokens.size() - at); length > 0; length--) {
                Optional<Lexicon.Meaning> meaning = meaning(at, length, Lexicon.KIND);
                boolean isWeak = Lexicon.WEAK.contains(phrase(at, length));
                if (meaning.isPresent() && (weak && !isWeak || (weak == isWeak && length >= longest))) {
                    longest = length;
                    weak = isWeak;
                    kind = lexicon.kind(meaning.get());
                }
            }
        }
        if (longest < 2) {
            findKindApart();
        }
    }

    private void findKindApart() {
        for (int a = 0; a < tokens.size(); a++) {
            for (int b = 0; b < tokens.size(); b++) {
                String phrase = a == b ? "" : phrase(a, 1) + " " + phrase(b, 1);
                for (Lexicon.Meaning meaning : lexicon.meanings(phrase)) {
                    if (meaning.attribute().equals(Lexicon.KIND)) {
                        kind = lexicon.kind(meaning);
                        ofKind.clear();
                        ofKind.addAll(List.of(a, b));
                    }
                }
            }
        }
    }

    private Optional<Lexicon.Meaning> meaning(int at, int length, String attribute) {
        return lexicon.meanings(phrase(at, length)).stream()
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
        if (Colour.isHex(token.text())) {
            colours.add(new ColourShare(Colour.of(token.text()), 1));
            return chip(at, 1, Attribute.COLOURS.name(), token.text());
        }
        if (ofKind.contains(at)) {
            return chip(at, 1, Lexicon.KIND, kind.words());
        }
        int used = takeSaid(at);
        used = used > 0 ? used : takeSize(at);
        used = used > 0 ? used : takeSet(at);
        used = used > 0 ? used : takeNumber(at);
        if (used > 0) {
            return used;
        }
        for (int length = Math.min(Lexicon.LONGEST_PHRASE, tokens.size() - at); length > 0; length--) {
            Optional<Lexicon.Meaning> meaning = choose(lexicon.meanings(phrase(at, length)));
            if (meaning.isPresent()) {
                accept(meaning.get());
                return chip(at, length, meaning.get(), others(phrase(at, length), meaning.get()));
            }
        }
        if (Lexicon.FILLERS.contains(token.word())) {
            return 1;
        }
        String suggestion = token.text().length() < 3
                ? null
                : Spelling.nearest(token.word(), lexicon.phrases()).orElse(null);
        chips.add(new Chip(token.text(), token.from(), token.to(), null, null, suggestion, List.of()));
        return 1;
    }

    /** "metal:gold" says which of several meanings is meant. */
    private int takeSaid(int at) {
        String[] parts = tokens.get(at).word().split(":", 2);
        if (parts.length < 2) {
            return 0;
        }
        return lexicon.meanings(parts[1]).stream()
                .filter(m -> m.attribute().toLowerCase(Locale.ROOT).equals(parts[0]))
                .filter(m -> !m.attribute().equals(Lexicon.KIND))
                .findFirst()
                .map(meaning -> {
                    accept(meaning);
                    return chip(at, 1, meaning, List.of());
                })
                .orElse(0);
    }

    /** The meanings not taken, as they would be typed. A metal that is taken also says the colour, and so on. */
    private List<String> others(String phrase, Lexicon.Meaning taken) {
        return lexicon.meanings(phrase).stream()
                .filter(m -> !m.attribute().equals(taken.attribute())
                        && !m.attribute().equals(Lexicon.KIND))
                .filter(this::fits)
                .map(m -> m.attribute() + ":" + phrase.replace(' ', '-'))
                .distinct()
                .toList();
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
            fibreOfTheKind(at);
            takePercent(Integer.valueOf(part.group(1)));
            return chip(at, 1, Lexicon.FIBRE, percent + " %");
        }
        int measured = takeMeasure(at);
        if (measured > 0) {
            return measured;
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

    /** In "coat wool 70%" the wool names the kind and is a fibre as well. */
    private void fibreOfTheKind(int at) {
        if (ofKind.contains(at - 1)) {
            meaning(at - 1, 1, Lexicon.FIBRE)
                    .ifPresent(fibre -> fibres.add(Map.of("fibre", fibre.value(), "percent", 100)));
        }
    }

    /** "80% wool" or "wool 80%": a line that names a fibre before the first percentage goes on in that way. */
    private void takePercent(int said) {
        if (fibres.isEmpty() || percentages > 0 && !percentFollows) {
            percent = said;
        } else {
            percentFollows = true;
            Map<String, Object> last = fibres.remove(fibres.size() - 1);
            fibres.add(Map.of("fibre", last.get("fibre"), "percent", said));
        }
        percentages++;
    }

    /** A number with its unit: a heel in centimetres, or tights in denier. */
    private int takeMeasure(int at) {
        Matcher measure = MEASURE.matcher(tokens.get(at).text());
        if (!measure.matches()) {
            return 0;
        }
        boolean apart = measure.group(2) == null;
        String unit = apart ? (at + 1 < tokens.size() ? tokens.get(at + 1).word() : "") : measure.group(2);
        String number = measure.group(1).replace(',', '.');
        int used = apart ? 2 : 1;
        if (unit.matches("den|denier") && !number.contains(".")) {
            put(Attribute.DENIER, Integer.valueOf(number));
            return chip(at, used, Attribute.DENIER.name(), number + " den");
        }
        if (unit.equals("cm") && isShoe()) {
            put(Attribute.HEEL_CM, Double.valueOf(number));
            return chip(at, used, Attribute.HEEL_CM.name(), number + " cm");
        }
        return 0;
    }

    /** "part of the grey suit": the words are the label of a set, which whoever keeps the piece looks up. */
    private int takeSet(int at) {
        boolean part = at + 3 < tokens.size() && phrase(at, 2).equals("part of");
        for (int end = at + 2; part && end < Math.min(tokens.size(), at + 8); end++) {
            if (tokens.get(end).word().matches("suit|set|twinset")) {
                int from = tokens.get(at + 2).word().matches("the|a") ? at + 3 : at + 2;
                String label = phrase(from, end - from + 1);
                put(Attribute.SET, label);
                return chip(at, end - at + 1, Attribute.SET.name(), label);
            }
        }
        return 0;
    }

    /** "size 42" or "size M". */
    private int takeSize(int at) {
        if (!tokens.get(at).word().equals("size") || at + 1 == tokens.size()) {
            return 0;
        }
        put(Attribute.SIZE, tokens.get(at + 1).text());
        return chip(at, 2, Attribute.SIZE.name(), tokens.get(at + 1).text());
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
                .filter(this::fits)
                .toList();
        boolean metal = rest.stream().anyMatch(m -> m.attribute().equals(Attribute.METAL.name()));
        return rest.stream()
                .filter(m -> !metal || m.attribute().equals(Attribute.METAL.name()))
                .findFirst();
    }

    /** Whether the attribute makes sense of this kind in this line. */
    private boolean fits(Lexicon.Meaning meaning) {
        String attribute = meaning.attribute();
        return (!attribute.equals(Attribute.METAL.name()) || showsMetal())
                && (!attribute.equals(Attribute.HEEL_TYPE.name()) || isShoe())
                && (!attribute.equals(Attribute.TOE.name()) || isShoe())
                && (!attribute.equals(Attribute.SHAPE.name()) || hasShape())
                && (!attribute.equals(Attribute.PATTERN_SCALE.name()) || hasPattern());
    }

    private boolean isShoe() {
        return kind != null && kind.family() == Family.SHOES;
    }

    private boolean showsMetal() {
        return kind != null
                && (kind.defaults().containsKey(Attribute.METAL)
                        || kind.defaults().get(Attribute.ROLES) instanceof List<?> roles
                                && roles.stream().anyMatch(WITH_METAL::contains));
    }

    private boolean hasPattern() {
        return tokens.stream()
                .flatMap(token -> lexicon.meanings(token.word()).stream())
                .anyMatch(meaning -> meaning.attribute().equals(Attribute.PATTERN.name()));
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
            case Lexicon.LAPEL, Lexicon.BREASTED, Lexicon.POCKETS, Lexicon.STRUCTURE ->
                construction.put(meaning.attribute(), meaning.value());
            default -> {
                Attribute<?> attribute = Attribute.find(meaning.attribute()).orElseThrow();
                put(attribute, attribute == Attribute.SHEEN ? Integer.valueOf(meaning.value()) : meaning.value());
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

    private int chip(int at, int length, Lexicon.Meaning meaning, List<String> others) {
        return chip(at, length, meaning.attribute(), meaning.value().replace('-', ' '), others);
    }

    private int chip(int at, int length, String means, String value) {
        return chip(at, length, means, value, List.of());
    }

    private int chip(int at, int length, String means, String value, List<String> others) {
        Token first = tokens.get(at);
        Token last = tokens.get(at + length - 1);
        StringBuilder text = new StringBuilder();
        for (int i = at; i < at + length; i++) {
            text.append(i == at ? "" : " ").append(tokens.get(i).text());
        }
        chips.add(new Chip(text.toString(), first.from(), last.to(), means, value, null, others));
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
