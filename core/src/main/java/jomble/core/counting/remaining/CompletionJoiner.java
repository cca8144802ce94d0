package jomble.core.counting.remaining;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.table.Squares;

/**
 * Builds nodes of the {@link Diagram} for the counted levels. Below those, results are completion sets, represented by
 * their number in {@link CompletionSets} plus one; at the first uncounted level they become a terminal.
 */
final class CompletionJoiner implements Joiner {
    private final Diagram diagram;
    private final DiagramJoiner above;
    private final CompletionSets completionSets;
    private final int counted;
    private final int levels;
    private final int mostPoints;
    /**
     * By level and way, the interchangeable options it represents; empty for the empty slot and after the last level.
     */
    private final List<List<List<Option>>> alike = new ArrayList<>();
    /** By level, then by way and completion set, the completion set extended by that way. */
    private final Squares[] known;

    /** @param mostPoints of an outfit that counts */
    CompletionJoiner(Diagram diagram, RemainingSlots remaining, int mostPoints) {
        this.diagram = diagram;
        this.above = new DiagramJoiner(diagram, remaining);
        this.completionSets = diagram.completionSets();
        this.counted = remaining.counted();
        this.levels = remaining.levels().size();
        this.mostPoints = mostPoints;
        this.known = new Squares[levels + 1];
        Arrays.setAll(known, level -> new Squares());
        for (int level = 0; level < levels; level++) {
            RemainingSlots.Level here = remaining.levels().get(level);
            List<List<Option>> ways = new ArrayList<>();
            ways.add(List.of());
            for (int i = 0; i < here.options().size(); i++) {
                for (int way = 0; way < here.options().get(i).ways().size(); way++) {
                    ways.add(here.alike().get(i));
                }
            }
            alike.add(ways);
        }
        alike.add(List.of(List.of()));
    }

    boolean counts(int points) {
        return points <= mostPoints;
    }

    /**
     * Adds the completions of one choice at a level to those of the others.
     *
     * @param others a completion set's number plus one, or {@link #NO} for none
     * @param then the same for the levels after this one
     */
    int add(int others, int level, int way, int then) {
        if (then == NO) {
            return others;
        }
        int number = known[level].get(way, then - 1);
        if (number == Squares.UNKNOWN) {
            List<Option> put = alike.get(level).get(way);
            number = put.isEmpty() ? then - 1 : completionSets.with(then - 1, put);
            known[level].put(way, then - 1, number);
        }
        return union(others, number + 1);
    }

    /** The union of two results, each a completion set's number plus one, or {@link #NO}. */
    int union(int one, int other) {
        return one == NO ? other : other == NO ? one : completionSets.union(one - 1, other - 1) + 1;
    }

    /** The terminal node of combinations with these completions. */
    int ending(int completions) {
        return completions == NO ? Diagram.NO : diagram.ending(completions - 1);
    }

    @Override
    public int end(int points) {
        int completions = counts(points) ? CompletionSets.NOBODY + 1 : NO;
        return levels == counted ? ending(completions) : completions;
    }

    @Override
    public int join(int level, int[] of) {
        if (level < counted) {
            return above.join(level, of);
        }
        int all = NO;
        for (int way = 0; way < of.length; way++) {
            all = add(all, level, way, of[way]);
        }
        return level == counted ? ending(all) : all;
    }

    @Override
    public boolean suffices(int level, int found) {
        return false;
    }
}
