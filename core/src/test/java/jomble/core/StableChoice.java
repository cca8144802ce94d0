package jomble.core;

import java.util.Collection;
import java.util.Comparator;
import java.util.Random;
import java.util.function.Function;

/** Choices from a list that may grow: an option that is added takes its share of the draws and leaves the others as they were. */
final class StableChoice {
    private StableChoice() {}

    /**
     * The option with the highest hash of its name and one draw (highest random weight hashing).
     *
     * @param name tells options apart
     */
    static <T> T of(Collection<T> options, Function<T, String> name, Random random) {
        long draw = random.nextLong();
        return options.stream()
                .max(Comparator.comparingLong(
                        option -> mixed(draw ^ name.apply(option).hashCode() * 0x9E3779B97F4A7C15L)))
                .orElseThrow();
    }

    /** The finaliser of SplitMix64, so that close inputs have unrelated outputs. */
    private static long mixed(long value) {
        long mixed = (value ^ value >>> 30) * 0xBF58476D1CE4E5B9L;
        mixed = (mixed ^ mixed >>> 27) * 0x94D049BB133111EBL;
        return mixed ^ mixed >>> 31;
    }
}
