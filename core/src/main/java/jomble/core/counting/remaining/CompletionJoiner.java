package jomble.core.counting.remaining;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.table.Squares;

/**
 * Joins to nodes of the {@link Diagram} over the counted levels, and below them to those who complete a combination: what stands for
 * them is their number in {@link CompletionSets} and one, at the first level that is filled an ending.
 */
final class CompletionJoiner implements Joiner {
    private final Diagram diagram;
    private final DiagramJoiner above;
    private final CompletionSets completionSets;
    private final int counted;
    private final int levels;
    private final int mostPoints;
    /** By level and way, the options it stands for: none for the empty slot, and none after the last level. */
    private final List<List<List<Option>>> alike = new ArrayList<>();
    /** By level, whether its options complete combinations that do not count by them. */
    private final boolean[] isBesides;
    /** By level, and then by way and completion sets, the completion sets with that way too. */
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
        this.isBesides = new boolean[levels + 1];
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
            isBesides[level] = here.slot() == null;
        }
        alike.add(List.of(List.of()));
    }

    boolean counts(int points) {
        return points <= mostPoints;
    }

    /**
     * Completions of one way to decide a level, added to others.
     *
     * @param others a number and one, or {@link #NO} for none
     * @param then likewise, of the levels after it
     */
    int add(int others, int level, int way, int then) {
        if (then == NO) {
            return others;
        }
        int number = known[level].get(way, then - 1);
        if (number == Squares.UNKNOWN) {
            List<Option> put = alike.get(level).get(way);
            number = put.isEmpty()
                    ? then - 1
                    : isBesides[level] ? completionSets.besides(put) : completionSets.with(then - 1, put);
            known[level].put(way, then - 1, number);
        }
        return union(others, number + 1);
    }

    /** Both, each a number and one or {@link #NO}. */
    int union(int one, int other) {
        return one == NO ? other : other == NO ? one : completionSets.union(one - 1, other - 1) + 1;
    }

    /** The node for combinations with completions. */
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
