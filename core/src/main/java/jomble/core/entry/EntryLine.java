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
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourNames;
import jomble.core.piece.Attribute;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Family;
import jomble.core.piece.Fibre;
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

    /** Quoted words, numbers with a comma, then anything up to a space; a slash or plus between letters parts two words. */
    private static final Pattern TOKEN = Pattern.compile(
            "\"([^\"]*)\"|[€$£]?\\d+(?:,\\d+)+\\S*|[()\\[\\];!?]|(?:(?![()\\[\\];!?])[^\\s,/+]|(?<=\\d)[/+]|(?<=:)/)+|,|[/+]");

    private static final Pattern MONEY = Pattern.compile(
            "(?i)([€$£]?)(\\d{1,3}(?:,\\d{3})+(?:\\.\\d{1,2})?|\\d{1,7}(?:[.,]\\d{1,2})?)(?:([€$£])|(eur|usd|gbp|chf|sek|nok|dkk))?");
    private static final Pattern COUNT = Pattern.compile("(\\d{1,2})[x×]");
    /** Tights from here on hide the skin; the usual border of the trade. */
    private static final int OPAQUE_DENIER = 40;

    private static final Pattern MEASURE = Pattern.compile("(\\d{1,3}(?:[.,]\\d)?)(cm|den|denier)?");
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3})%");
    private static final Pattern SIZE =
            Pattern.compile("(?i)xxs|xs|xl|xxl|xxxl|[2-5]xl|[wl]\\d{2}|\\d{2}/\\d{2}|\\d{1,2}[rsl]");
    private static final Pattern SIZE_SYSTEM = Pattern.compile("(?i)uk|us|eu|fr|it|de");
    private static final Pattern EARLY_COUNT = Pattern.compile("[2-6]");
    private static final int LEAST_GUESSED = 4;
    private static final int MOST_READINGS = 2;
    private static final Map<String, String> SIGNS = Map.ofEntries(
            Map.entry("€", "EUR"),
            Map.entry("$", "USD"),
            Map.entry("£", "GBP"),
            Map.entry("euro", "EUR"),
            Map.entry("euros", "EUR"),
            Map.entry("dollar", "USD"),
            Map.entry("dollars", "USD"),
            Map.entry("bucks", "USD"),
            Map.entry("pound", "GBP"),
            Map.entry("pounds", "GBP"),
            Map.entry("quid", "GBP"));

    private final List<Token> tokens = new ArrayList<>();
    private final Currency usual;
    private final Kinds kinds;
    private final Lexicon lexicon;
    private final List<Chip> chips = new ArrayList<>();
    private final Map<Attribute<?>, Object> set = new LinkedHashMap<>();
    private final List<ColourShare> colours = new ArrayList<>();
    private final List<Share> fibres = new ArrayList<>();
    private final Map<String, Object> construction = new LinkedHashMap<>();
    private final Set<Integer> ofKind = new HashSet<>();
    private final List<Lexicon.Meaning> besides = new ArrayList<>();
    private Kind kind;
    private boolean kindGuessed;
    private int count = 1;
    private Integer percent;
    private int percentages;
    private boolean percentFollows;

    /** A fibre named on the line, with its percentage where one stands beside it. */
    private record Share(String fibre, Integer percent) {}

    private record Token(String text, int from, int to, boolean quoted) {
        String word() {
            String plain = Normalizer.normalize(text, Normalizer.Form.NFD).replaceAll("[\\p{M}'’]", "");
            String word = plain.toLowerCase(Locale.ROOT).replace('-', ' ').strip();
            return word.length() > 1 ? word.replaceAll("[.:…]+$", "") : word;
        }
    }

    private EntryLine(String line, Currency usual, Kinds kinds) {
        this.usual = usual;
        this.kinds = kinds;
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

    /** What a word that was not understood may mean on a piece of that kind, the likeliest first, at most two. */
    public static List<String> readings(String word, Kind kind) {
        EntryLine line = new EntryLine(word, Currency.getInstance("EUR"), Kinds.shipped());
        line.kind = kind;
        line.kindGuessed = true;
        return line.tokens.isEmpty() || word.equals(Attribute.COLOURS_OPEN) || word.equals(Attribute.KIND_OPEN)
                ? List.of()
                : line.readings(line.tokens.get(0).word());
    }

    private EntryReading read() {
        findKind();
        int at = 0;
        while (at < tokens.size()) {
            at += take(at);
        }
        List.copyOf(besides).forEach(this::acceptBesides);
        if (kind != null
                && kind.id().equals("sheer-tights")
                && set.get(Attribute.DENIER) instanceof Integer denier
                && denier >= OPAQUE_DENIER) {
            kind = kinds.find("opaque-tights").orElse(kind);
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
            put(Attribute.FIBRES, wholeFibres());
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
        if (kind == null) {
            guessKind();
        }
    }

    /** A kind by a word that may be misspelt; the word stays one that was not understood. */
    private void guessKind() {
        for (Token token : tokens) {
            String word = token.word();
            boolean mayBeAKind = !token.quoted()
                    && word.length() >= LEAST_GUESSED
                    && lexicon.meanings(word).isEmpty()
                    && !Lexicon.FILLERS.contains(word);
            Optional<Lexicon.Meaning> nearest = mayBeAKind
                    ? Spelling.nearest(word, lexicon.phrases(Lexicon.KIND))
                            .flatMap(phrase -> ofKind(lexicon.meanings(phrase)))
                    : Optional.empty();
            if (nearest.isPresent()) {
                kind = lexicon.kind(nearest.get());
                kindGuessed = true;
            }
        }
    }

    private static Optional<Lexicon.Meaning> ofKind(List<Lexicon.Meaning> meanings) {
        return meanings.stream().filter(m -> m.attribute().equals(Lexicon.KIND)).findFirst();
    }

    private void findKindApart() {
        for (int a = 0; a < tokens.size(); a++) {
            for (int b = 0; b < tokens.size(); b++) {
                String phrase = a == b ? "" : phrase(a, 1) + " " + phrase(b, 1);
                for (Lexicon.Meaning meaning : lexicon.meanings(phrase)) {
                    if (meaning.attribute().equals(Lexicon.KIND)) {
                        kind = lexicon.kind(meaning);
                        besides.clear();
                        besides.addAll(meaning.besides());
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

    private String word(int at) {
        return at < tokens.size() && !tokens.get(at).quoted() ? tokens.get(at).word() : "";
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
            meaning(at, 1, Lexicon.FIBRE).ifPresent(this::accept);
            return chip(at, 1, Lexicon.KIND, kind.words());
        }
        int used = takeSaid(at);
        used = used > 0 ? used : takeSize(at);
        used = used > 0 ? used : takeSet(at);
        used = used > 0 ? used : takeCount(at);
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
        if (token.word().matches("[^\\p{L}\\p{N}]*")) {
            return 1;
        }
        chips.add(new Chip(token.text(), token.from(), token.to(), null, null, readings(token.word()), List.of()));
        return 1;
    }

    /** What a word that is not known may be meant for, on a piece of this kind. */
    private List<String> readings(String word) {
        if (word.length() < LEAST_GUESSED - 1) {
            return List.of();
        }
        Set<String> said = new HashSet<>();
        List<String> readings = new ArrayList<>();
        for (String near : Spelling.nearest(word, lexicon.phrases(), 4 * MOST_READINGS)) {
            Optional<Lexicon.Meaning> meaning =
                    kindGuessed || kind == null ? ofKind(lexicon.meanings(near)) : Optional.empty();
            meaning = meaning.or(() -> choose(lexicon.meanings(near)));
            if (meaning.isPresent()
                    && said.add(meaning.get().attribute() + meaning.get().value())) {
                readings.add(near);
            }
        }
        return readings.stream().limit(MOST_READINGS).toList();
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

    /** "3 white shirts", "two pairs of jeans": a small number before a plural, and any number of pairs. */
    private int takeCount(int at) {
        Integer number = Lexicon.NUMBERS.get(word(at));
        if (number == null && word(at).matches("\\d{1,2}")) {
            number = Integer.valueOf(word(at));
        }
        boolean pairs = word(at + 1).matches("pairs?|pcs|pieces");
        boolean early = at == 0
                && number != null
                && (EARLY_COUNT.matcher(word(at)).matches() || !Character.isDigit(word(at).charAt(0)));
        if (number == null || number == 0 || !pairs && !(early && isNamedInThePlural())) {
            return 0;
        }
        count = number;
        return chip(at, pairs ? 2 : 1, "count", Integer.toString(count));
    }

    /** Whether the kind is of single pieces and its word on the line is a plural. */
    private boolean isNamedInThePlural() {
        if (kind == null || kind.isPair()) {
            return false;
        }
        for (int at = 1; at < tokens.size(); at++) {
            for (int length = 1; length <= Math.min(Lexicon.LONGEST_PHRASE, tokens.size() - at); length++) {
                String phrase = phrase(at, length);
                if (phrase.endsWith("s") && meaning(at, length, Lexicon.KIND).isPresent()) {
                    return ofKind(lexicon.meanings(phrase.replaceAll("(?<=sh|ch)es$|s$", "")))
                            .isPresent();
                }
            }
        }
        return false;
    }

    private int takeNumber(int at) {
        String text = tokens.get(at).text().replaceAll("[.]$", "");
        boolean times = at + 1 < tokens.size() && tokens.get(at + 1).text().matches("[x×X]");
        Matcher counted = COUNT.matcher(text);
        if (counted.matches() || (times && text.matches("\\d{1,2}"))) {
            count = Math.max(1, Integer.parseInt(text.replaceAll("\\D", "")));
            return chip(at, times && !counted.matches() ? 2 : 1, "count", Integer.toString(count));
        }
        Matcher part = PERCENT.matcher(text);
        if (part.matches()) {
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
        String sign = money.group(1) + Objects.requireNonNullElse(money.group(3), "");
        String code = money.group(4) != null
                ? money.group(4).toUpperCase(Locale.ROOT)
                : SIGNS.getOrDefault(sign, usual.getCurrencyCode());
        int used = 1;
        if (word(at + 1).matches("eur|usd|gbp|chf|sek|nok|dkk") || SIGNS.containsKey(word(at + 1))) {
            code = SIGNS.getOrDefault(word(at + 1), word(at + 1).toUpperCase(Locale.ROOT));
            used = 2;
        } else if (set.containsKey(Attribute.COST) && sign.isEmpty() && money.group(4) == null) {
            return 0;
        }
        String number = money.group(2);
        boolean thousands = number.matches("\\d{1,3}(,\\d{3})+.*");
        BigDecimal amount = new BigDecimal(thousands ? number.replace(",", "") : number.replace(',', '.'));
        put(Attribute.COST, Map.of("amount", amount, "currency", code));
        return chip(at, used, Attribute.COST.name(), amount.toPlainString() + " " + code);
    }

    /**
     * The fibres in document form, adding up to 100 %: those without a percentage divide what the others leave, and what nobody
     * names is another fibre. Percentages above 100 % in all are not believed; the fibres then share alike.
     */
    private List<Map<String, Object>> wholeFibres() {
        int said = fibres.stream()
                .filter(share -> share.percent() != null)
                .mapToInt(Share::percent)
                .sum();
        boolean believed = said <= 100;
        int open = (int) fibres.stream()
                .filter(share -> !believed || share.percent() == null)
                .count();
        int left = believed ? 100 - said : 100;
        List<Map<String, Object>> whole = new ArrayList<>();
        for (Share share : fibres) {
            int percent = believed && share.percent() != null ? share.percent() : left / open;
            if (percent != 0 && (!believed || share.percent() == null)) {
                left -= percent;
                open--;
            }
            if (percent > 0) {
                whole.add(Map.of("fibre", share.fibre(), "percent", percent));
            }
        }
        if (open == 0 && left > 0) {
            whole.add(Map.of("fibre", Fibre.OTHER.id(), "percent", left));
        }
        return whole;
    }

    /** "80% wool" or "wool 80%": a line that names a fibre before the first percentage goes on in that way. */
    private void takePercent(int said) {
        if (fibres.isEmpty() || percentages > 0 && !percentFollows) {
            percent = said;
        } else {
            percentFollows = true;
            fibres.set(
                    fibres.size() - 1, new Share(fibres.get(fibres.size() - 1).fibre(), said));
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

    /** "size 42", "size UK 12", "UK12", "W32", "32/34", "XL", and S, M, L in capitals. */
    private int takeSize(int at) {
        int from = word(at).equals("size") ? at + 1 : at;
        if (from >= tokens.size() || tokens.get(from).quoted()) {
            return 0;
        }
        boolean system =
                SIZE_SYSTEM.matcher(word(from)).matches() && word(from + 1).matches("\\d{1,2}(\\.5)?");
        String text = tokens.get(from).text();
        boolean said = from > at
                || system
                || SIZE.matcher(text).matches()
                || text.matches("[SML]|(?i:uk|us|eu)\\d{1,2}(\\.5)?");
        if (!said) {
            return 0;
        }
        String size = system ? text + " " + tokens.get(from + 1).text() : text;
        if (set.containsKey(Attribute.SIZE)) {
            size = set.get(Attribute.SIZE) + " " + size;
        }
        put(Attribute.SIZE, size);
        return chip(at, from - at + (system ? 2 : 1), Attribute.SIZE.name(), size);
    }

    private Optional<Lexicon.Meaning> choose(List<Lexicon.Meaning> meanings) {
        Optional<Lexicon.Meaning> asKind = ofKind(meanings)
                .filter(m -> kind != null && !kindGuessed && kind.id().equals(m.value()));
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
        boolean ofThis = meaning.only().isEmpty()
                || kind != null
                        && (meaning.only().contains(kind.origin().id())
                                || meaning.only().contains(kind.family().id()));
        return ofThis
                && (!attribute.equals(Attribute.METAL.name()) || showsMetal())
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

    /** What a phrase says besides counts only where the line does not say otherwise. */
    private void acceptBesides(Lexicon.Meaning meaning) {
        boolean said = switch (meaning.attribute()) {
            case Lexicon.COLOUR -> !colours.isEmpty();
            case Lexicon.FIBRE -> !fibres.isEmpty();
            default ->
                construction.containsKey(meaning.attribute())
                        || Attribute.find(meaning.attribute())
                                .filter(set::containsKey)
                                .isPresent();
        };
        if (!said) {
            accept(meaning);
        }
    }

    private void accept(Lexicon.Meaning meaning) {
        besides.addAll(meaning.besides());
        switch (meaning.attribute()) {
            case Lexicon.KIND -> {}
            case Lexicon.COLOUR -> ColourNames.find(meaning.value()).ifPresent(c -> colours.add(new ColourShare(c, 1)));
            case Lexicon.FIBRE -> {
                if (fibres.stream().noneMatch(share -> share.fibre().equals(meaning.value()))) {
                    fibres.add(new Share(meaning.value(), percent));
                }
                percent = null;
            }
            case Lexicon.LAPEL, Lexicon.BREASTED, Lexicon.POCKETS, Lexicon.STRUCTURE ->
                construction.put(meaning.attribute(), meaning.value());
            default -> {
                Attribute<?> attribute = Attribute.find(meaning.attribute()).orElseThrow();
                put(attribute, documentForm(attribute, meaning.value()));
                if (attribute == Attribute.METAL && kind.isOfMetal()) {
                    ColourNames.find(meaning.value().replace('-', ' '))
                            .ifPresent(c -> colours.add(new ColourShare(c, 1)));
                }
            }
        }
    }

    private static Object documentForm(Attribute<?> attribute, String value) {
        return switch (attribute.form().name()) {
            case "integer" -> Integer.valueOf(value);
            case "decimal" -> Double.valueOf(value);
            case "words" -> List.of(value);
            default -> value;
        };
    }

    private void put(Attribute<?> attribute, Object written) {
        set.put(attribute, written);
    }

    private int chip(int at, int length, Lexicon.Meaning meaning, List<String> others) {
        StringBuilder value = new StringBuilder(meaning.value().replace('-', ' '));
        meaning.besides().forEach(more -> value.append(", ").append(more.value().replace('-', ' ')));
        return chip(at, length, meaning.attribute(), value.toString(), others);
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
        chips.add(new Chip(text.toString(), first.from(), last.to(), means, value, List.of(), others));
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
