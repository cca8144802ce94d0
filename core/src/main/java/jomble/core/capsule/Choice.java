package jomble.core.capsule;

import java.util.Arrays;

/** The pieces of a capsule during the search, as indices. Swaps take constant time. Not thread-safe. */
final class Choice {
    private final boolean[] chosen;
    private final int[] members;

    /**
     * @param free pieces that do not count towards the size and are always available
     * @param members those that do
     */
    Choice(int pieces, int[] free, int[] members) {
        this.chosen = new boolean[pieces];
        this.members = members.clone();
        for (int place : free) {
            chosen[place] = true;
        }
        for (int place : members) {
            chosen[place] = true;
        }
    }

    private Choice(boolean[] chosen, int[] members) {
        this.chosen = chosen;
        this.members = members;
    }

    Choice copy() {
        return new Choice(chosen.clone(), members.clone());
    }

    boolean has(int place) {
        return chosen[place];
    }

    int size() {
        return members.length;
    }

    int at(int i) {
        return members[i];
    }

    /** Replaces a piece; returns the one that was removed. */
    int swap(int i, int place) {
        int out = members[i];
        chosen[out] = false;
        chosen[place] = true;
        members[i] = place;
        return out;
    }

    Choice with(int place) {
        int[] more = Arrays.copyOf(members, members.length + 1);
        more[members.length] = place;
        boolean[] all = chosen.clone();
        all[place] = true;
        return new Choice(all, more);
    }

    Choice without(int place) {
        boolean[] all = chosen.clone();
        all[place] = false;
        return new Choice(
                all, Arrays.stream(members).filter(one -> one != place).toArray());
    }

    /** In ascending order. */
    int[] sorted() {
        int[] sorted = members.clone();
        Arrays.sort(sorted);
        return sorted;
    }

    Score score(Aim aim) {
        return aim.score(chosen, members);
    }
}
