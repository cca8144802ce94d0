package jomble.core.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;

class FreshDaysTest {
    @Test
    void oneOccasionIsDressedByEachOfItsBasesOnce() {
        assertThat(FreshDays.of(List.of(occasion(5, 1, 2, 3)))).isEqualTo(3);
    }

    @Test
    void whatServesBothIsLeftToTheOneThatHasNothingElse() {
        assertThat(FreshDays.of(List.of(occasion(1, 1, 2, 3, 4), occasion(1, 4))))
                .isEqualTo(3);
    }

    @Test
    void aRareOccasionWithoutAnythingEndsTheRunWhenItComes() {
        assertThat(FreshDays.of(List.of(occasion(6, 1, 2, 3, 4, 5, 6, 7, 8), occasion(1))))
                .isEqualTo(3);
    }

    @Test
    void nothingDressesNoDay() {
        assertThat(FreshDays.of(List.of(occasion(1)))).isZero();
    }

    /** Against trying every assignment of bases to days, for weeks small enough. */
    @Test
    void agreesWithTryingEveryAssignment() {
        for (int seed = 0; seed < 300; seed++) {
            Random random = new Random(seed);
            List<FreshDays.Occasion> week = IntStream.rangeClosed(0, random.nextInt(3))
                    .mapToObj(i -> occasion(
                            1 + random.nextInt(4),
                            IntStream.range(0, 7)
                                    .filter(b -> random.nextInt(3) == 0)
                                    .toArray()))
                    .toList();
            assertThat(FreshDays.of(week)).as("seed %d", seed).isEqualTo(byTrying(week));
        }
    }

    private static int byTrying(List<FreshDays.Occasion> week) {
        int length = 0;
        while (canDress(week, days(week, length + 1), new HashSet<>(), 0)) {
            length++;
        }
        return length;
    }

    /** The occasion of each day: always the one most behind its share. */
    private static List<Integer> days(List<FreshDays.Occasion> week, int length) {
        double all = week.stream().mapToDouble(FreshDays.Occasion::timesPerWeek).sum();
        List<Integer> days = new ArrayList<>();
        for (int day = 1; day <= length; day++) {
            int now = day;
            days.add(IntStream.range(0, week.size())
                    .boxed()
                    .min((a, b) -> Double.compare(behind(week, days, b, all, now), behind(week, days, a, all, now)))
                    .orElseThrow());
        }
        return days;
    }

    private static double behind(List<FreshDays.Occasion> week, List<Integer> days, int i, double all, int day) {
        return week.get(i).timesPerWeek() / all * day
                - days.stream().filter(d -> d == i).count();
    }

    private static boolean canDress(List<FreshDays.Occasion> week, List<Integer> days, Set<Object> worn, int day) {
        if (day == days.size()) {
            return true;
        }
        for (Object base : week.get(days.get(day)).bases()) {
            if (worn.add(base)) {
                if (canDress(week, days, worn, day + 1)) {
                    return true;
                }
                worn.remove(base);
            }
        }
        return false;
    }

    private static FreshDays.Occasion occasion(double timesPerWeek, int... bases) {
        return new FreshDays.Occasion(
                timesPerWeek,
                IntStream.of(bases)
                        .mapToObj(b -> Map.of(Slot.TOP, List.of(new PieceId("t" + b))))
                        .collect(Collectors.toSet()));
    }
}
