package jomble.core.piece;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourNames;
import jomble.core.tree.Node;

/** The document forms of attribute values that are more than one word or number. */
final class CompositeValues {
    private static final int MOST_COLOURS = 5;
    private static final int MOST_FIBRES = 10;
    private static final int MOST_TAGS = 20;
    private static final int LONGEST_TAG = 40;
    private static final int LONGEST_ERRAND = 200;

    static final ValueType<List<ColourShare>> COLOUR_SHARES = new ValueType<>(
            CompositeValues::readColours,
            CompositeValues::writeColours,
            name -> List.of(new ColourShare(ColourNames.find(name).orElseThrow(), 1)),
            List.of(),
            new ValueForm("colours", 1, MOST_COLOURS));
    static final ValueType<List<FibreShare>> FIBRE_SHARES = new ValueType<>(
            CompositeValues::readFibres,
            CompositeValues::writeFibres,
            name -> List.of(new FibreShare(Word.find(Fibre.class, name).orElseThrow(), 100)),
            Word.ids(Fibre.class),
            new ValueForm("fibres", 0, MOST_FIBRES));
    static final ValueType<Construction> CONSTRUCTION_PARTS =
            ValueType.of("construction", CompositeValues::readConstruction, CompositeValues::writeConstruction);
    static final ValueType<Care> CARE = ValueType.of("care", CompositeValues::readCare, CompositeValues::writeCare);
    static final ValueType<Money> MONEY =
            ValueType.of("money", CompositeValues::readMoney, CompositeValues::writeMoney);
    static final ValueType<LocalDate> DATE = ValueType.of("date", Node::date, LocalDate::toString);

    static final ValueType<Errand> ERRAND =
            ValueType.of("errand", CompositeValues::readErrand, CompositeValues::writeErrand);
    static final ValueType<List<String>> TAGS = new ValueType<>(
            CompositeValues::readTags,
            tags -> tags,
            text -> List.of(text.split(",")),
            List.of(),
            new ValueForm("tags", 0, MOST_TAGS));

    private CompositeValues() {}

    /**
     * Reads 1 to 5 colours. Shares not given divide what the given ones leave, the first such colour taking twice the
     * part of the others, since the first colour named is the ground.
     */
    private static List<ColourShare> readColours(Node node) {
        List<Node> items = node.items(MOST_COLOURS);
        if (items.isEmpty()) {
            node.reject("too-few", "at least one colour is expected here");
            return null;
        }
        List<Colour> colours = new ArrayList<>();
        List<Double> shares = new ArrayList<>();
        for (Node item : items) {
            boolean plain = !item.isObject();
            Map<String, Node> fields = plain ? Map.of() : item.fields(List.of("hex", "share"));
            colours.add(readColour(plain ? item : item.field("hex")));
            Node share = fields.get("share");
            shares.add(share == null || share.isNull() ? null : share.decimal(0.001, 1));
        }
        double given =
                shares.stream().filter(Objects::nonNull).mapToDouble(d -> d).sum();
        boolean open = shares.stream().anyMatch(Objects::isNull);
        if (given > 1 + 1e-9 || (open && given > 1 - 1e-9)) {
            node.reject("shares", "the shares of the colours add up to more than 1");
            return null;
        }
        return colours.contains(null) ? null : divide(colours, shares, 1 - given);
    }

    private static List<ColourShare> divide(List<Colour> colours, List<Double> shares, double rest) {
        long open = shares.stream().filter(Objects::isNull).count();
        double part = open == 1 ? rest : rest / (open + 1);
        boolean ground = open > 1;
        List<ColourShare> result = new ArrayList<>();
        for (int i = 0; i < colours.size(); i++) {
            Double share = shares.get(i);
            if (share == null) {
                share = ground ? 2 * part : part;
                ground = false;
            }
            result.add(new ColourShare(colours.get(i), share));
        }
        return List.copyOf(result);
    }

    static Colour readColour(Node node) {
        if (!node.isText() || !Colour.isHex((String) node.value())) {
            node.reject("not-a-colour", "a colour of the form #rrggbb is expected here");
            return null;
        }
        return Colour.of((String) node.value());
    }

    private static Object writeColours(List<ColourShare> colours) {
        return colours.stream()
                .map(c -> c.shareFraction() == 1
                        ? (Object) c.colour().hex()
                        : ordered("hex", c.colour().hex(), "share", c.shareFraction()))
                .toList();
    }

    private static List<FibreShare> readFibres(Node node) {
        List<FibreShare> fibres = new ArrayList<>();
        int sum = 0;
        for (Node item : node.items(MOST_FIBRES)) {
            Map<String, Node> fields = item.fields(List.of("fibre", "percent"));
            Fibre fibre = ValueType.readWord(item.field("fibre"), Fibre.class, "fibre", Word.ids(Fibre.class));
            Integer percent =
                    fields.containsKey("percent") ? item.field("percent").integer(1, 100) : (Integer) 100;
            if (fibre != null && percent != null) {
                fibres.add(new FibreShare(fibre, percent));
                sum += percent;
            }
        }
        if (!fibres.isEmpty() && sum != 100) {
            node.reject("fibres-sum", "the fibres add up to " + sum + " %, not to 100 %");
        }
        return List.copyOf(fibres);
    }

    private static Object writeFibres(List<FibreShare> fibres) {
        return fibres.stream()
                .map(f -> ordered("fibre", f.fibre().id(), "percent", f.percent()))
                .toList();
    }

    private static Construction readConstruction(Node node) {
        Map<String, Node> fields = node.fields(List.of("structure", "lapel", "breasted", "pockets"));
        return new Construction(
                part(fields, "structure", n -> word(n, Structure.class)),
                part(fields, "lapel", n -> word(n, Lapel.class)),
                part(fields, "breasted", n -> word(n, Breasted.class)),
                part(fields, "pockets", n -> word(n, Pockets.class)));
    }

    private static Object writeConstruction(Construction c) {
        return ordered(
                "structure", id(c.structure()),
                "lapel", id(c.lapel()),
                "breasted", id(c.breasted()),
                "pockets", id(c.pockets()));
    }

    private static Care readCare(Node node) {
        Map<String, Node> fields = node.fields(List.of("method", "wearsBetween", "daysOut", "iron"));
        return new Care(
                part(fields, "method", n -> word(n, CareMethod.class)),
                part(fields, "wearsBetween", n -> n.integer(1, 100)),
                part(fields, "daysOut", n -> n.integer(0, 60)),
                part(fields, "iron", Node::bool));
    }

    private static Object writeCare(Care c) {
        return ordered(
                "method", id(c.method()), "wearsBetween", c.wearsBetween(), "daysOut", c.daysOut(), "iron", c.iron());
    }

    private static Money readMoney(Node node) {
        node.fields(List.of("amount", "currency"));
        BigDecimal amount = node.field("amount").number();
        Node currencyNode = node.field("currency");
        Currency currency = currency(currencyNode);
        if (amount == null || currency == null) {
            return null;
        }
        if (amount.signum() < 0 || amount.precision() - amount.scale() > 10) {
            node.field("amount").reject("out-of-range", "an amount from 0 to 9999999999 is expected here");
            return null;
        }
        if (amount.stripTrailingZeros().scale() > Math.max(0, currency.getDefaultFractionDigits())) {
            node.field("amount")
                    .reject("decimals", currency + " has " + currency.getDefaultFractionDigits() + " decimals");
            return null;
        }
        return new Money(amount, currency);
    }

    private static Currency currency(Node node) {
        try {
            return node.isText() ? Currency.getInstance((String) node.value()) : unknownCurrency(node);
        } catch (IllegalArgumentException e) {
            return unknownCurrency(node);
        }
    }

    private static Currency unknownCurrency(Node node) {
        node.reject("unknown-currency", "a currency code such as EUR is expected here");
        return null;
    }

    private static Object writeMoney(Money money) {
        return ordered("amount", money.amount(), "currency", money.currency().getCurrencyCode());
    }

    private static Errand readErrand(Node node) {
        Map<String, Node> fields = node.fields(List.of("what", "where", "by", "cost"));
        return new Errand(
                part(fields, "what", n -> n.text(1, LONGEST_ERRAND)),
                part(fields, "where", n -> n.text(1, LONGEST_ERRAND)),
                part(fields, "by", Node::date),
                part(fields, "cost", CompositeValues::readMoney));
    }

    private static Object writeErrand(Errand errand) {
        return ordered(
                "what",
                errand.what(),
                "where",
                errand.where(),
                "by",
                errand.by() == null ? null : errand.by().toString(),
                "cost",
                errand.cost() == null ? null : writeMoney(errand.cost()));
    }

    private static List<String> readTags(Node node) {
        List<String> tags = new ArrayList<>();
        for (Node item : node.items(MOST_TAGS)) {
            String tag = item.text(1, LONGEST_TAG);
            if (tag != null && (tag.isBlank() || tag.contains(","))) {
                item.reject("not-a-tag", "a tag is a word or a few, without commas");
            } else if (tag == null || !tags.contains(tag.strip())) {
                tags.add(tag == null ? null : tag.strip());
            }
        }
        return tags.contains(null) ? tags : List.copyOf(tags);
    }

    private static <W extends Enum<W> & Word> W word(Node node, Class<W> type) {
        return ValueType.readWord(node, type, type.getSimpleName(), Word.ids(type));
    }

    private static <T> T part(Map<String, Node> fields, String name, Function<Node, T> read) {
        Node node = fields.get(name);
        return node == null || node.isNull() ? null : read.apply(node);
    }

    private static String id(Word word) {
        return word == null ? null : word.id();
    }

    /** A map in the order given, without the entries that are null. */
    private static Map<String, Object> ordered(Object... namesAndValues) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            if (namesAndValues[i + 1] != null) {
                map.put((String) namesAndValues[i], namesAndValues[i + 1]);
            }
        }
        return map;
    }
}
