package jomble.core.counting.remaining;

import java.util.Arrays;
import java.util.stream.IntStream;
import jomble.core.judgement.Verdict;

/** Builds nodes of the {@link Diagram} for the counted levels; below those, results are the best verdict. */
final class DiagramJoiner implements Joiner {
    private final Diagram diagram;
    private final int counted;
    /** By level, the choice each way belongs to; the empty slot comes first. */
    private final int[][] choices;
    /** By level, the united result of each choice. */
    private final int[][] united;

    DiagramJoiner(Diagram diagram, RemainingSlots remaining) {
        this.diagram = diagram;
        this.counted = remaining.counted();
        this.choices = remaining.levels().stream().map(DiagramJoiner::choices).toArray(int[][]::new);
        this.united = remaining.levels().stream()
                .map(level -> new int[level.options().size() + 1])
                .toArray(int[][]::new);
    }

    /**
     * The choice each way of a level belongs to: 0 for the empty slot, then each option once for every way to wear it.
     */
    static int[] choices(RemainingSlots.Level level) {
        return IntStream.concat(
                        IntStream.of(0),
                        IntStream.range(0, level.options().size())
                                .flatMap(option -> level.options().get(option).ways().stream()
                                        .mapToInt(way -> option + 1)))
                .toArray();
    }

    @Override
    public int end(int points) {
        return points <= Verdict.WORKS.mostPoints() ? Diagram.WORKS : Diagram.DARING;
    }

    @Override
    public int join(int level, int[] of) {
        int[] choice = choices[level];
        if (level >= counted) {
            int best = Diagram.NO;
            for (int found : of) {
                best = Math.max(best, found);
            }
            return best;
        }
        int[] best = united[level];
        if (of.length == best.length) {
            return diagram.node(level, of);
        }
        Arrays.fill(best, Diagram.NO);
        for (int way = 0; way < of.length; way++) {
            best[choice[way]] = diagram.better(best[choice[way]], of[way]);
        }
        return diagram.node(level, best);
    }

    @Override
    public boolean suffices(int level, int found) {
        return level >= counted && found == Diagram.WORKS;
    }
}
