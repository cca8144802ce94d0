package jomble.core.counting;

import java.util.List;

/** The least each pair of options must be charged, whichever way they are worn: what pruning may rely on. */
final class OptionBounds {
    private final int size;
    private final long[] minor;
    private final long[] major;

    OptionBounds(List<Option> options, FindingMasks masks) {
        this.size = options.size();
        this.minor = new long[size * size];
        this.major = new long[size * size];
        for (Option a : options) {
            for (Option b : options) {
                if (a == b || a.slot() != b.slot()) {
                    bound(a, b, masks);
                }
            }
        }
    }

    private void bound(Option a, Option b, FindingMasks masks) {
        int at = a.index() * size + b.index();
        if (a != b && a.overlaps(b)) {
            major[at] = FindingMasks.STOP;
            return;
        }
        long allMajor = -1L;
        long allCharged = -1L;
        for (int i = 0; i < a.ways().size(); i++) {
            for (int j = 0; j < b.ways().size(); j++) {
                int wayA = a.firstWay() + i;
                int wayB = a == b ? wayA : b.firstWay() + j;
                allMajor &= masks.major(wayA, wayB);
                allCharged &= masks.minor(wayA, wayB) | masks.major(wayA, wayB);
            }
        }
        major[at] = allMajor;
        minor[at] = allCharged & ~allMajor;
    }

    long minor(Option a, Option b) {
        return minor[a.index() * size + b.index()];
    }

    long major(Option a, Option b) {
        return major[a.index() * size + b.index()];
    }
}
