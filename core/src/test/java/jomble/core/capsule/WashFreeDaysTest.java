package jomble.core.capsule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import jomble.core.capsule.WashFreeDays.Found;
import jomble.core.capsule.WashFreeDays.Occasion;
import jomble.core.counting.Week;
import org.junit.jupiter.api.Test;

class WashFreeDaysTest {
    /** Two shirts of one wear and one of two, jeans that last five days: the shirts run out. */
    @Test
    void theScarcestGroupEndsTheRun() {
        List<int[]> outfits = new ArrayList<>();
        for (int top : new int[] {0, 1, 2}) {
            outfits.add(new int[] {top, 3});
            outfits.add(new int[] {top, 4});
        }
        Found found = WashFreeDays.of(
                List.of(new Occasion(5, outfits)), new int[] {1, 1, 2, 5, 5}, List.of(bits(0, 1, 2), bits(3, 4)));
        assertThat(found).isEqualTo(new Found(4, 4, 0));
    }

    @Test
    void noOutfitComesTwiceHoweverLongItsPiecesLast() {
        Found found = WashFreeDays.of(
                List.of(new Occasion(1, List.of(new int[] {0, 2}, new int[] {1, 2}))),
                new int[] {9, 9, 9},
                List.of(bits(0, 1), bits(2)));
        assertThat(found.days()).isEqualTo(2);
        assertThat(found.atMost()).isEqualTo(2);
    }

    @Test
    void nothingDressesNoDay() {
        assertThat(WashFreeDays.of(List.of(new Occasion(1, List.of())), new int[] {1}, List.of(bits(0)))
                        .days())
                .isZero();
    }

    /** Against trying every assignment, for weeks small enough. */
    @Test
    void agreesWithTryingEveryAssignment() {
        for (int seed = 0; seed < 200; seed++) {
            Random random = new Random(seed);
            int[] wears = IntStream.range(0, 6).map(i -> 1 + random.nextInt(2)).toArray();
            List<Occasion> week = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(2); i++) {
                List<int[]> outfits = new ArrayList<>();
                for (int top = 0; top < 3; top++) {
                    for (int bottom = 3; bottom < 6; bottom++) {
                        if (random.nextInt(3) > 0) {
                            outfits.add(new int[] {top, bottom});
                        }
                    }
                }
                week.add(new Occasion(1 + random.nextInt(3), outfits));
            }
            Found found = WashFreeDays.of(week, wears, List.of(bits(0, 1, 2), bits(3, 4, 5)));
            int length = 0;
            while (canDress(week, Week.days(timesPerWeek(week), length + 1), wears.clone(), new HashSet<>(), 0)) {
                length++;
            }
            assertThat(found.days()).as("seed %d", seed).isEqualTo(length);
            assertThat(found.atMost()).as("seed %d", seed).isEqualTo(length);
        }
    }

    private static double[] timesPerWeek(List<Occasion> week) {
        return week.stream().mapToDouble(Occasion::timesPerWeek).toArray();
    }

    private static boolean canDress(List<Occasion> week, int[] days, int[] left, Set<String> used, int at) {
        if (at == week.size()) {
            return true;
        }
        if (days[at] == 0) {
            return canDress(week, days, left, used, at + 1);
        }
        for (int[] outfit : week.get(at).outfits()) {
            if (left[outfit[0]] > 0 && left[outfit[1]] > 0 && used.add(outfit[0] + " " + outfit[1])) {
                left[outfit[0]]--;
                left[outfit[1]]--;
                days[at]--;
                boolean can = canDress(week, days, left, used, at);
                days[at]++;
                left[outfit[0]]++;
                left[outfit[1]]++;
                used.remove(outfit[0] + " " + outfit[1]);
                if (can) {
                    return true;
                }
            }
        }
        return false;
    }

    private static BitSet bits(int... places) {
        BitSet bits = new BitSet();
        IntStream.of(places).forEach(bits::set);
        return bits;
    }
}
