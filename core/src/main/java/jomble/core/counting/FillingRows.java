package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * Every way to fill the uncounted slots of a structure together, a row each, so that a set of fillings is a row of bits.
 *
 * <p>Options that no rule can tell apart share one, their stand-in; those no rule can tell from nothing have none. Where
 * there would be more than {@link #MOST} rows, the slots with most options are left to be looped over.
 */
final class FillingRows {
    private static final int MOST = 1 << 14;

    private final List<Option> inRows = new ArrayList<>();
    private final List<Slot> loops = new ArrayList<>();
    private final List<List<Option>> loopOptions = new ArrayList<>();
    private final List<Boolean> loopMayBeEmpty = new ArrayList<>();
    private final Option[][] rows;
    private final long[] all;
    /** By index of the option, null for those without rows. */
    private final long[][] with;
    /** By ordinal of the slot, null for slots that are not in the rows. */
    private final long[][] without = new long[Slot.values().length][];

    /** Rows that use a piece of the option, by its index; null for none. */
    private final long[][] overlapping;

    private final int[] standIn;

    private record Open(Slot slot, List<Option> options, boolean mayBeEmpty) {
        int choices() {
            return options.size() + (mayBeEmpty ? 1 : 0);
        }
    }

    /**
     * @param effect what rules can see of an option; options of one slot with equal effects are alike
     * @param isInert whether no rule sees the option at all
     */
    FillingRows(
            Structure structure,
            Options options,
            CountedSlots counted,
            boolean wantsShoes,
            Function<Option, Object> effect,
            Predicate<Option> isInert) {
        this.standIn = new int[options.all().size()];
        Arrays.fill(standIn, -1);
        List<Open> open = new ArrayList<>();
        for (Slot slot : CountedSlots.FILLED) {
            if (!counted.has(slot) && structure.allows(slot)) {
                boolean wanted = structure.mandatory(wantsShoes).contains(slot);
                open.add(new Open(slot, distinct(options, slot, wanted, effect, isInert), !wanted));
            }
        }
        open.sort(Comparator.comparingInt(Open::choices));
        List<Open> together = new ArrayList<>();
        long size = 1;
        for (Open slot : open) {
            if (size * slot.choices() <= MOST && loopOptions.isEmpty()) {
                size *= slot.choices();
                together.add(slot);
                inRows.addAll(slot.options());
            } else {
                loops.add(slot.slot());
                loopOptions.add(slot.options());
                loopMayBeEmpty.add(slot.mayBeEmpty());
            }
        }
        this.rows = enumerate(together);
        this.all = new long[(rows.length + 63) / 64];
        this.with = new long[options.all().size()][];
        this.overlapping = new long[options.all().size()][];
        index(together);
        options.all().forEach(this::findOverlaps);
    }

    private List<Option> distinct(
            Options options, Slot slot, boolean wanted, Function<Option, Object> effect, Predicate<Option> isInert) {
        Map<Object, Option> first = new HashMap<>();
        List<Option> distinct = new ArrayList<>();
        for (Option option : options.in(slot)) {
            boolean hasOtherPlaces = options.hasOtherPlaces(option);
            if (!hasOtherPlaces && !wanted && isInert.test(option)) {
                continue;
            }
            Option same = hasOtherPlaces ? option : first.computeIfAbsent(effect.apply(option), e -> option);
            standIn[option.index()] = same.index();
            if (same == option) {
                distinct.add(option);
            }
        }
        return distinct;
    }

    private static Option[][] enumerate(List<Open> slots) {
        List<Option[]> rows = new ArrayList<>();
        rows.add(new Option[slots.size()]);
        for (int s = 0; s < slots.size(); s++) {
            List<Option[]> more = new ArrayList<>(slots.get(s).mayBeEmpty() ? rows : List.of());
            for (Option option : slots.get(s).options()) {
                for (Option[] row : rows) {
                    if (Arrays.stream(row).noneMatch(o -> o != null && o.overlaps(option))) {
                        Option[] filled = row.clone();
                        filled[s] = option;
                        more.add(filled);
                    }
                }
            }
            rows = more;
        }
        return rows.toArray(Option[][]::new);
    }

    private void index(List<Open> slots) {
        slots.forEach(slot -> without[slot.slot().ordinal()] = new long[all.length]);
        slots.forEach(slot -> slot.options().forEach(o -> with[o.index()] = new long[all.length]));
        for (int i = 0; i < rows.length; i++) {
            long bit = 1L << (i & 63);
            all[i >> 6] |= bit;
            for (int s = 0; s < slots.size(); s++) {
                Option option = rows[i][s];
                long[] set = option == null ? without[slots.get(s).slot().ordinal()] : with[option.index()];
                set[i >> 6] |= bit;
            }
        }
    }

    private void findOverlaps(Option option) {
        for (Option other : inRows) {
            if (other.overlaps(option)) {
                long[] set = overlapping[option.index()];
                overlapping[option.index()] = set == null ? new long[all.length] : set;
                for (int w = 0; w < all.length; w++) {
                    overlapping[option.index()][w] |= with[other.index()][w];
                }
            }
        }
    }

    int words() {
        return all.length;
    }

    long[] all() {
        return all;
    }

    int size() {
        return rows.length;
    }

    /** The options of a row; null where a slot stays empty. */
    Option[] row(int index) {
        return rows[index];
    }

    /** The options that have rows. */
    List<Option> inRows() {
        return inRows;
    }

    /** All options here, in the rows and to loop over. */
    List<Option> fillings() {
        List<Option> fillings = new ArrayList<>(inRows);
        loopOptions.forEach(fillings::addAll);
        return fillings;
    }

    /** Slots to loop over, each with its options. */
    List<List<Option>> loopOptions() {
        return loopOptions;
    }

    boolean loopMayBeEmpty(int loop) {
        return loopMayBeEmpty.get(loop);
    }

    boolean isInRows(Slot slot) {
        return without[slot.ordinal()] != null;
    }

    /** Whether the slot is one of those filled here, in the rows or by looping. */
    boolean fills(Option option) {
        return isInRows(option.slot()) || loopOf(option) >= 0;
    }

    /** The loop over the option's slot, or −1. */
    int loopOf(Option option) {
        return loops.indexOf(option.slot());
    }

    /** Rows in which the option, or its stand-in, is worn; for one that no rule sees, those that leave its slot empty. */
    long[] wearing(Option option) {
        int same = standIn[option.index()];
        return same < 0 ? without[option.slot().ordinal()] : with[same];
    }

    /** The index of the option that stands for this one, or −1 when no rule sees it. */
    int standIn(Option option) {
        return standIn[option.index()];
    }

    /** Takes out the rows that use a piece of the option. */
    void exclude(Option option, long[] allowed) {
        long[] set = overlapping[option.index()];
        for (int w = 0; set != null && w < set.length; w++) {
            allowed[w] &= ~set[w];
        }
    }
}
