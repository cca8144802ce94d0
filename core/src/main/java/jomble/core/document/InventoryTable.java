package jomble.core.document;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourNames;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.tree.InvalidInputException;
import jomble.core.tree.Node;
import jomble.core.tree.Spelling;

/**
 * The inventory as a table: a piece a row, an attribute a column, every cell plain text.
 *
 * <p>An empty cell means "not set". Colours are names or {@code #rrggbb}, each with {@code :share} behind it where it was set,
 * separated by spaces or commas; fibres are {@code wool 80 polyester 20}; lists are separated by spaces. Attributes of several
 * parts have a column for each part.
 */
public final class InventoryTable {
    private static final Map<String, List<String>> PARTS = Map.of(
            "construction", List.of("structure", "lapel", "breasted", "pockets"),
            "care", List.of("method", "wearsBetween", "daysOut", "iron"),
            "cost", List.of("amount", "currency"),
            "errand", List.of("what", "where", "by", "cost"));
    private static final Set<String> TEXTS = Set.of(
            "label", "set", "size", "notes", "asTyped", "acquired", "dueBack", "currency", "what", "where", "by");
    private static final Set<String> LISTS = Set.of("roles", "finishes", "details");
    private static final String PASSED_OVER = "outfits";
    private static final Pattern SUM = Pattern.compile("(\\d{1,10}(?:[.,]\\d{1,3})?) ([A-Z]{3})");
    private static final Pattern FIBRE = Pattern.compile("([\\p{L}-]+(?: (?!\\d)[\\p{L}-]+)*)\\s*(\\d{1,3})?\\s*%?");
    private static final Pattern SEPARATOR = Pattern.compile("[\\s,]+");
    private static final Set<String> COMMA_LISTS = Set.of("tags", "unclear");
    private static final List<String> COLUMNS = buildColumns();
    /** What people and screens call a column. */
    private static final Map<String, String> ALIASES = Map.ofEntries(
            Map.entry("piece", "label"),
            Map.entry("name", "label"),
            Map.entry("description", "label"),
            Map.entry("type", "kind"),
            Map.entry("color", "colours"),
            Map.entry("colors", "colours"),
            Map.entry("colour", "colours"),
            Map.entry("fibre", "fibres"),
            Map.entry("fiber", "fibres"),
            Map.entry("fibers", "fibres"),
            Map.entry("material", "cloth"),
            Map.entry("fabric", "cloth"),
            Map.entry("price", "cost"),
            Map.entry("where", "whereabouts"),
            Map.entry("tag", "tags"),
            Map.entry("note", "notes"));

    private InventoryTable() {}

    private static List<String> buildColumns() {
        List<String> columns = new ArrayList<>(List.of("id", "kind"));
        for (String attribute : Attribute.names()) {
            if (PARTS.containsKey(attribute)) {
                PARTS.get(attribute).forEach(part -> columns.add(attribute + "." + part));
            } else {
                columns.add(attribute);
            }
        }
        return List.copyOf(columns);
    }

    /** The names of all columns, in the order they are written. */
    public static List<String> columns() {
        return COLUMNS;
    }

    /**
     * Matches a header's cells to columns. Case, spaces and underscores are ignored, and the headings used on screen
     * and other usual names are accepted; the screen's outfit count is skipped.
     *
     * @return the column at each index of the header
     * @throws InvalidInputException naming each header cell that is unknown or repeated
     */
    public static List<String> header(List<String> cells) {
        Map<String, String> known = new LinkedHashMap<>();
        COLUMNS.forEach(column -> known.put(plain(column), column));
        List.of("cost", PASSED_OVER).forEach(column -> known.put(column, column));
        ALIASES.forEach(known::putIfAbsent);
        List<String> header = new ArrayList<>();
        Node node = Node.at("/header", cells);
        for (int i = 0; i < cells.size(); i++) {
            String column = known.get(plain(cells.get(i)));
            Node cell = node.field(Integer.toString(i + 1));
            if (column == null) {
                Optional<String> near = Spelling.nearest(plain(cells.get(i)), known.keySet());
                cell.reject(
                        "unknown-column",
                        "there is no column \"" + shorten(cells.get(i)) + "\""
                                + near.map(n -> " – did you mean \"" + known.get(n) + "\"?")
                                        .orElse(""));
            } else if (header.contains(column)) {
                cell.reject("column-twice", "the column \"" + column + "\" stands there twice");
            }
            header.add(column);
        }
        if (!header.contains("kind")) {
            node.reject("missing-column", "the column \"kind\" is missing");
        }
        node.finish();
        return header;
    }

    private static String plain(String name) {
        return name.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s_.-]", "");
    }

    private static String shorten(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }

    /**
     * The piece of a row.
     *
     * @param cells by column; blank ones count as not given
     * @param id used when the row names none
     * @throws InvalidInputException naming every cell that cannot be accepted, by {@code /column}
     */
    public static Piece read(Map<String, String> cells, String id, Kinds kinds) {
        Map<String, Object> tree = new LinkedHashMap<>();
        cells.forEach((column, cell) -> {
            if (!cell.isBlank() && !column.equals(PASSED_OVER)) {
                put(tree, column, cell.strip(), kinds);
            }
        });
        tree.putIfAbsent("id", id);
        return PieceReader.readAlone(tree, kinds);
    }

    private static void put(Map<String, Object> tree, String column, String cell, Kinds kinds) {
        int dot = column.indexOf('.');
        if (dot > 0) {
            @SuppressWarnings("unchecked")
            Map<String, Object> parts =
                    (Map<String, Object>) tree.computeIfAbsent(column.substring(0, dot), c -> new LinkedHashMap<>());
            parts.put(column.substring(dot + 1), value(column.substring(dot + 1), cell, kinds));
        } else {
            tree.put(column, value(column, cell, kinds));
        }
    }

    private static Object value(String column, String cell, Kinds kinds) {
        if (column.equals("kind")) {
            return kind(cell, kinds);
        }
        if (column.equals("colours")) {
            return List.of(SEPARATOR.split(cell)).stream()
                    .map(InventoryTable::colour)
                    .toList();
        }
        if (column.equals("fibres")) {
            return fibres(cell);
        }
        if (COMMA_LISTS.contains(column)) {
            return List.of(cell.split("\\s*,\\s*"));
        }
        Matcher sum = SUM.matcher(cell);
        if (column.equals("cost") && sum.matches()) {
            return Map.of("amount", new BigDecimal(sum.group(1).replace(',', '.')), "currency", sum.group(2));
        }
        if (LISTS.contains(column)) {
            return List.of(SEPARATOR.split(cell));
        }
        if (TEXTS.contains(column) || column.equals("id")) {
            return cell;
        }
        if (column.equals("iron") && cell.matches("(?i)true|false|yes|no")) {
            return cell.matches("(?i)true|yes");
        }
        if (cell.matches("-?\\d{1,15}([.,]\\d{1,10})?")) {
            return new BigDecimal(cell.replace(',', '.'));
        }
        return cell.replace(' ', '-');
    }

    /** The id of the kind where its words are known; what was typed where they are not. */
    private static String kind(String cell, Kinds kinds) {
        String words = cell.toLowerCase(Locale.ROOT).replace('-', ' ');
        return Optional.ofNullable(kinds.words().get(words)).map(k -> k.id()).orElse(cell);
    }

    private static Object colour(String text) {
        int colon = text.indexOf(':');
        String name = colon < 0 ? text : text.substring(0, colon);
        String hex = ColourNames.find(name.replace('-', ' ')).map(Colour::hex).orElse(name);
        if (colon < 0) {
            return hex;
        }
        String share = text.substring(colon + 1);
        return Map.of(
                "hex", hex, "share", share.matches("[0-9]{1,3}(\\.[0-9]{1,18})?") ? new BigDecimal(share) : share);
    }

    private static List<Object> fibres(String cell) {
        List<Object> fibres = new ArrayList<>();
        Matcher matcher = FIBRE.matcher(cell);
        while (matcher.find()) {
            Map<String, Object> fibre = new LinkedHashMap<>();
            fibre.put("fibre", matcher.group(1).replace(' ', '-'));
            if (matcher.group(2) != null) {
                fibre.put("percent", Integer.valueOf(matcher.group(2)));
            }
            fibres.add(fibre);
        }
        return fibres;
    }

    /** The cells of a piece in the order of {@link #columns()}: id, kind, and what was set by hand. */
    public static List<String> write(Piece piece) {
        Map<String, Object> tree = PieceReader.write(piece);
        return COLUMNS.stream().map(column -> cell(tree, column)).toList();
    }

    private static String cell(Map<String, Object> tree, String column) {
        int dot = column.indexOf('.');
        Object value = dot < 0 ? tree.get(column) : part(tree.get(column.substring(0, dot)), column.substring(dot + 1));
        if (value == null) {
            return "";
        }
        if (value instanceof Map<?, ?> sum) {
            return ((BigDecimal) sum.get("amount")).toPlainString() + " " + sum.get("currency");
        }
        if (value instanceof List<?> list) {
            String separator = COMMA_LISTS.contains(column) ? ", " : " ";
            return list.stream().map(InventoryTable::item).collect(Collectors.joining(separator));
        }
        return value instanceof BigDecimal number ? number.toPlainString() : value.toString();
    }

    private static Object part(Object whole, String name) {
        return whole instanceof Map<?, ?> map ? map.get(name) : null;
    }

    private static String item(Object item) {
        if (item instanceof Map<?, ?> map) {
            return map.containsKey("hex")
                    ? map.get("hex") + ":" + new BigDecimal(map.get("share").toString()).toPlainString()
                    : map.get("fibre") + " " + map.get("percent");
        }
        return item.toString();
    }
}
