package jomble.core.document;

import java.math.BigDecimal;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jomble.core.climate.ClimateMonth;
import jomble.core.tree.Node;

/**
 * A climate as typed or pasted text: a line for each month with its low and high in °C, optionally followed by humidity
 * in percent, wind in m/s and days with rain, separated by commas, semicolons, tabs or spaces. The month comes first,
 * as a number or by its English name; without it, the twelve lines are the months from January on. A line of words
 * alone is a heading.
 */
public final class ClimateTable {
    private static final List<String> COLUMNS = List.of("lowC", "highC", "humidity", "windMs", "rainDays");
    private static final int MONTHS = 12;

    private ClimateTable() {}

    /**
     * Reads the table in a node's text.
     *
     * @return the valid months; problems are reported with their line
     */
    public static List<ClimateMonth> read(Node node) {
        Map<Integer, List<String>> rows = rows(node.isText() ? (String) node.value() : "");
        boolean numbered = isNumbered(List.copyOf(rows.values()));
        List<Object> months = new ArrayList<>();
        rows.forEach((line, cells) -> {
            Map<String, Object> month = month(cells, numbered, months.size() + 1);
            if (month == null) {
                node.reject(
                        "not-a-month",
                        "line %d: a low and a high are expected, such as \"January 1 6 84 5 18\"".formatted(line));
            } else {
                months.add(month);
            }
        });
        if (rows.size() != MONTHS) {
            node.reject("months", "twelve months are expected, there are " + rows.size());
        }
        return ClimateReader.months(node.instead(months));
    }

    /** The cells of every line that is neither empty nor a heading, by its number. */
    private static Map<Integer, List<String>> rows(String text) {
        Map<Integer, List<String>> rows = new LinkedHashMap<>();
        int number = 0;
        for (String line : text.lines().toList()) {
            number++;
            List<String> cells = Arrays.stream(line.strip().split("[,;\\t ]+"))
                    .filter(cell -> !cell.isEmpty())
                    .toList();
            if (cells.stream().anyMatch(cell -> cell.matches(".*\\d.*"))) {
                rows.put(number, cells);
            }
        }
        return rows;
    }

    /** Whether the lines begin with the numbers 1 to 12 and have more than that. */
    private static boolean isNumbered(List<List<String>> rows) {
        Set<String> firsts = rows.stream().map(cells -> cells.get(0)).collect(Collectors.toSet());
        return rows.stream().allMatch(cells -> cells.size() > 2)
                && firsts.equals(IntStream.rangeClosed(1, MONTHS)
                        .mapToObj(String::valueOf)
                        .collect(Collectors.toSet()));
    }

    /** In document form; null where a cell is no number or there are too few or too many. */
    private static Map<String, Object> month(List<String> cells, boolean numbered, int next) {
        Integer named = numbered ? Integer.valueOf(cells.get(0)) : named(cells.get(0));
        List<String> values = named == null ? cells : cells.subList(1, cells.size());
        if (values.size() < 2 || values.size() > COLUMNS.size()) {
            return null;
        }
        Map<String, Object> month = new LinkedHashMap<>();
        month.put("month", named == null ? next : named);
        for (int i = 0; i < values.size(); i++) {
            try {
                month.put(COLUMNS.get(i), new BigDecimal(values.get(i).replace('−', '-')));
            } catch (NumberFormatException e) {
                return null;
            }
        }
        return month;
    }

    private static Integer named(String cell) {
        for (Month month : Month.values()) {
            String name = month.getDisplayName(TextStyle.FULL, Locale.ENGLISH).toLowerCase(Locale.ENGLISH);
            if (cell.length() >= 3
                    && name.startsWith(cell.toLowerCase(Locale.ENGLISH).replace(".", ""))) {
                return month.getValue();
            }
        }
        return null;
    }
}
