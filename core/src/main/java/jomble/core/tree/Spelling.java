package jomble.core.tree;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds the known word a mistyped one was probably meant to be. */
public final class Spelling {
    private Spelling() {}

    /** The nearest known word within a third of its letters, and at least one letter. */
    public static Optional<String> nearest(String typed, Collection<String> known) {
        return nearest(typed, known, 1).stream().findFirst();
    }

    /** The nearest known words that are close enough, nearest first. */
    public static List<String> nearest(String typed, Collection<String> known, int most) {
        int reach = Math.max(1, typed.length() / 3);
        return known.stream()
                .filter(word -> Math.abs(word.length() - typed.length()) <= reach)
                .filter(word -> distance(typed, word) <= reach)
                .sorted(Comparator.comparingInt(word -> distance(typed, word)))
                .limit(most)
                .toList();
    }

    /**
     * Optimal string alignment distance: insertions, deletions, substitutions and swaps of neighbours cost 1 each.
     * O(n·m) time and space. Source: L. Boytsov, "Indexing methods for approximate dictionary searching", 2011.
     */
    public static int distance(String a, String b) {
        int[][] cost = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            for (int j = 0; j <= b.length(); j++) {
                cost[i][j] = i == 0 || j == 0 ? i + j : step(a, b, i, j, cost);
            }
        }
        return cost[a.length()][b.length()];
    }

    private static int step(String a, String b, int i, int j, int[][] cost) {
        boolean same = a.charAt(i - 1) == b.charAt(j - 1);
        int least = Math.min(cost[i - 1][j - 1] + (same ? 0 : 1), Math.min(cost[i - 1][j], cost[i][j - 1]) + 1);
        boolean swapped = i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
        return swapped ? Math.min(least, cost[i - 2][j - 2] + 1) : least;
    }
}
