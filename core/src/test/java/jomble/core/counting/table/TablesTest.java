package jomble.core.counting.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The tables hold what the collections of the library would hold. */
class TablesTest {
    private static final long SEED = 11;
    private static final int STEPS = 20_000;
    /** Few values in few places, so that keys come again. */
    private static final int VALUES = 12;

    private final Random random = new Random(SEED);

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 5})
    void keepsTheLastNumberUnderEachKey(int width) {
        KeyTable table = new KeyTable(width);
        Map<List<Long>, Integer> expected = new HashMap<>();
        for (int step = 0; step < STEPS; step++) {
            long[] key = LongStream.generate(this::value).limit(width).toArray();
            List<Long> listed = LongStream.of(key).boxed().toList();
            assertThat(table.get(key)).isEqualTo(expected.getOrDefault(listed, KeyTable.ABSENT));
            int number = random.nextInt(1000);
            table.put(key, number);
            expected.put(listed, number);
        }
        expected.forEach((listed, number) -> assertThat(
                        table.get(listed.stream().mapToLong(l -> l).toArray()))
                .isEqualTo(number));
    }

    /** Zero and the ends of the range are keys like any other. */
    private long value() {
        return switch (random.nextInt(VALUES)) {
            case 0 -> 0;
            case 1 -> -1;
            case 2 -> Long.MIN_VALUE;
            case 3 -> Long.MAX_VALUE;
            default -> random.nextLong() >>> random.nextInt(Long.SIZE);
        };
    }

    @Test
    void numbersEqualArraysAlikeInTheOrderTheyCome() {
        Numbering numbering = new Numbering();
        Map<List<Integer>, Integer> expected = new HashMap<>();
        for (int step = 0; step < STEPS; step++) {
            int[] array = random.ints(random.nextInt(4), -2, VALUES).toArray();
            int number = expected.computeIfAbsent(Arrays.stream(array).boxed().toList(), listed -> expected.size());
            assertThat(numbering.number(array)).isEqualTo(number);
            assertThat(numbering.copyOf(number)).isEqualTo(array);
        }
        assertThat(numbering.size()).isEqualTo(expected.size());
    }

    /** Bits united: each pair of different ones is worked out once, nothing is worked out with nothing. */
    @Test
    void worksOutEachUnionOnce() {
        Map<List<Integer>, Integer> asked = new HashMap<>();
        Unions unions = new Unions((one, other) -> {
            asked.merge(List.of(Math.min(one, other), Math.max(one, other)), 1, Integer::sum);
            return one | other;
        });
        for (int step = 0; step < STEPS; step++) {
            int one = random.nextInt(64);
            int other = random.nextInt(64);
            assertThat(unions.of(one, other)).isEqualTo(one | other);
        }
        assertThat(asked.values()).containsOnly(1);
        assertThat(asked.keySet())
                .noneMatch(pair -> pair.contains(0) || pair.get(0).equals(pair.get(1)));
    }

    @Test
    void keepsRowsApart() {
        Rows rows = new Rows(3);
        IntStream.of(0, 1000, 7).forEach(number -> {
            assertThat(rows.get(number)).containsOnly(Rows.UNKNOWN);
            rows.get(number)[1] = number;
        });
        assertThat(rows.get(1000)).containsExactly(Rows.UNKNOWN, 1000, Rows.UNKNOWN);
        assertThat(rows.get(7)).containsExactly(Rows.UNKNOWN, 7, Rows.UNKNOWN);
    }
}
