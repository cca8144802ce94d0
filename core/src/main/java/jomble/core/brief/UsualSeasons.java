package jomble.core.brief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import jomble.core.climate.ClimateMonth;

/**
 * The seasons of a client who named none: a wet and a dry one in the tropics, else four quarters by hemisphere.
 *
 * <p>A climate is tropical when even its coolest month has a mean of {@value #TROPICAL_C} °C (the A climates of Köppen). It is of the
 * southern hemisphere when January is warmer than July.
 */
final class UsualSeasons {
    private static final double TROPICAL_C = 18;
    private static final int MONTHS = 12;
    private static final List<Season> NORTHERN = List.of(
            new Season("winter", List.of(12, 1, 2)),
            new Season("spring", List.of(3, 4, 5)),
            new Season("summer", List.of(6, 7, 8)),
            new Season("autumn", List.of(9, 10, 11)));
    private static final List<Season> SOUTHERN = List.of(
            new Season("summer", List.of(12, 1, 2)),
            new Season("autumn", List.of(3, 4, 5)),
            new Season("winter", List.of(6, 7, 8)),
            new Season("spring", List.of(9, 10, 11)));

    private UsualSeasons() {}

    static List<Season> of(List<ClimateMonth> climate) {
        if (climate.size() < MONTHS) {
            return NORTHERN;
        }
        List<ClimateMonth> year = climate.stream()
                .sorted(Comparator.comparing(ClimateMonth::month))
                .toList();
        if (year.stream().allMatch(month -> mean(month) >= TROPICAL_C)) {
            List<Season> wetAndDry = wetAndDry(year);
            if (!wetAndDry.isEmpty()) {
                return wetAndDry;
            }
        }
        return mean(year.get(0)) > mean(year.get(6)) ? SOUTHERN : NORTHERN;
    }

    /** Wet months have more rain than the year's mean; empty when the wet or the dry months are not consecutive. */
    private static List<Season> wetAndDry(List<ClimateMonth> year) {
        double mean =
                year.stream().mapToDouble(ClimateMonth::rainDays).average().orElse(0);
        Predicate<Integer> isWet = month -> year.get(month - 1).rainDays() > mean;
        List<Integer> wet = inARow(isWet);
        List<Integer> dry = inARow(isWet.negate());
        return wet.isEmpty() || dry.isEmpty()
                ? List.of()
                : List.of(new Season("wet season", wet), new Season("dry season", dry));
    }

    /**
     * The months that satisfy a condition, in consecutive order; empty when they are not consecutive around the year.
     */
    private static List<Integer> inARow(Predicate<Integer> holds) {
        List<Integer> firsts = IntStream.rangeClosed(1, MONTHS)
                .boxed()
                .filter(month -> holds.test(month) && !holds.test(month == 1 ? MONTHS : month - 1))
                .toList();
        if (firsts.size() != 1) {
            return List.of();
        }
        List<Integer> row = new ArrayList<>();
        for (int month = firsts.get(0); holds.test(month); month = month % MONTHS + 1) {
            row.add(month);
        }
        return row;
    }

    private static double mean(ClimateMonth month) {
        return (month.lowC() + month.highC()) / 2;
    }
}
