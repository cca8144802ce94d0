package jomble.core.document;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.brief.Season;
import jomble.core.climate.ClimateMonth;
import jomble.core.document.part.Values;
import jomble.core.tree.Node;

/** The months of a climate and the client's seasons in document form. Problems are reported at their node. */
public final class ClimateReader {
    /** In place of a season's name, for all seasons together. */
    public static final String ALL_YEAR = "year";

    private static final List<String> FIELDS = List.of("month", "lowC", "highC", "humidity", "windMs", "rainDays");
    private static final int FEWEST_SEASONS = 2;
    private static final int MOST_GIVEN = 200;

    private ClimateReader() {}

    public static List<ClimateMonth> months(Node node) {
        Set<Integer> seen = new HashSet<>();
        return Values.list(node, n -> {
            ClimateMonth month = month(n);
            if (month != null && !seen.add(month.month())) {
                n.field("month").reject("twice", "the month " + month.month() + " is given twice");
            }
            return month;
        });
    }

    private static ClimateMonth month(Node node) {
        node.fields(FIELDS);
        Integer month = node.field("month").integer(1, 12);
        Double low = node.field("lowC").decimal(-60, 60);
        Double high = node.field("highC").decimal(-60, 60);
        if (month == null || low == null || high == null) {
            return null;
        }
        if (low > high) {
            node.field("lowC").reject("out-of-order", "lowC is above highC");
            return null;
        }
        return new ClimateMonth(
                month,
                low,
                high,
                Values.given(node.field("humidity"), n -> n.decimal(0, 100), 50.0),
                Values.given(node.field("windMs"), n -> n.decimal(0, 100), 0.0),
                Values.given(node.field("rainDays"), n -> n.decimal(0, 31), 0.0));
    }

    static List<Season> seasons(Node node) {
        List<Season> seasons = Values.distinct(node, ClimateReader::season, Season::name, "a season");
        int given = node.items(MOST_GIVEN).size();
        if (given > 0 && (given < FEWEST_SEASONS || given > Season.MOST)) {
            node.reject("too-many", "%d to %d seasons are expected here".formatted(FEWEST_SEASONS, Season.MOST));
        }
        Set<Integer> months = new HashSet<>();
        for (Season season : seasons) {
            for (int month : season.months()) {
                if (!months.add(month)) {
                    node.reject("twice", "the month %d is in two seasons".formatted(month));
                }
            }
        }
        return seasons;
    }

    static Season season(Node node) {
        node.fields(List.of("name", "months"));
        String name = node.field("name").text(1, 40);
        List<Integer> months = Values.list(node.field("months"), n -> n.integer(1, 12));
        if (ALL_YEAR.equals(name)) {
            node.field("name").reject("reserved", "all months together are called \"year\" already");
        }
        if (months.isEmpty()) {
            node.field("months").reject("missing", "at least one month is expected here");
        }
        return name == null || months.isEmpty() ? null : new Season(name, months);
    }

    static Map<String, Object> write(ClimateMonth month) {
        return Values.tree(
                "month", month.month(),
                "lowC", month.lowC(),
                "highC", month.highC(),
                "humidity", month.humidityPercent(),
                "windMs", month.windMs(),
                "rainDays", month.rainDays());
    }

    static Map<String, Object> write(Season season) {
        return Values.tree("name", season.name(), "months", season.months());
    }
}
