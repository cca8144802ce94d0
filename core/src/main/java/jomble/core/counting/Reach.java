package jomble.core.counting;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jomble.core.piece.Slot;

/** The fillings that complete one combination, gathered over ways and contexts. Reused between combinations. */
final class Reach {
    private final FillingRows fillings;
    private final List<List<Option>> wanted;
    private final boolean[] met;
    private int unmet;
    private final boolean includesDaring;
    private final long[] rows;
    private final boolean[] looped;
    private final Set<Slot> empty = EnumSet.noneOf(Slot.class);

    /** @param wanted groups of options of which one in each is looked for, all in slots that are filled */
    Reach(FillingRows fillings, List<List<Option>> wanted, int options, boolean includesDaring) {
        this.fillings = fillings;
        this.wanted = wanted;
        this.met = new boolean[wanted.size()];
        this.includesDaring = includesDaring;
        this.rows = new long[fillings.words()];
        this.looped = new boolean[options];
    }

    void clear() {
        Arrays.fill(rows, 0);
        Arrays.fill(looped, false);
        empty.clear();
        unmet = 0;
        for (int i = 0; i < met.length; i++) {
            met[i] = false;
            unmet += wanted.get(i).isEmpty() ? 0 : 1;
        }
    }

    /** Looks which of the wanted are met by now. */
    void look() {
        for (int i = 0; i < met.length; i++) {
            if (!met[i] && hasOne(wanted.get(i))) {
                met[i] = true;
                unmet--;
            }
        }
    }

    private boolean hasOne(List<Option> group) {
        for (Option option : group) {
            if (has(option)) {
                return true;
            }
        }
        return false;
    }

    /** Whether there is nothing left to look for. */
    boolean isComplete() {
        return unmet == 0;
    }

    boolean isMet(int group) {
        return met[group];
    }

    boolean includesDaring() {
        return includesDaring;
    }

    long[] rows() {
        return rows;
    }

    void reachLoop(Option option) {
        looped[option.index()] = true;
    }

    void reachEmpty(Slot slot) {
        empty.add(slot);
    }

    private boolean has(Option option) {
        if (fillings.isInRows(option.slot())) {
            long[] wearing = fillings.wearing(option);
            for (int w = 0; w < rows.length; w++) {
                if ((rows[w] & wearing[w]) != 0) {
                    return true;
                }
            }
            return false;
        }
        int same = fillings.standIn(option);
        return same < 0 ? empty.contains(option.slot()) : looped[same];
    }
}
