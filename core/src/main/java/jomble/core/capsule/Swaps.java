package jomble.core.capsule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The effect of adding, removing or swapping one piece of a capsule. */
final class Swaps {
    private static final int MOST = 5;
    private static final int NEAREST = 8;

    private Swaps() {}

    private record Swap(int out, int in, Score score) {}

    interface Swapped {
        void accept(int out, int in, Score score);
    }

    /** Visits every swap of a piece that is not required for one that may be chosen. */
    static void forEach(CompiledCapsule compiled, Choice from, Swapped visitor) {
        Choice choice = from.copy();
        for (int i = 0; i < choice.size(); i++) {
            if (isAskedFor(compiled, choice.at(i))) {
                continue;
            }
            for (int in : compiled.pool()) {
                if (!choice.has(in)) {
                    int out = choice.swap(i, in);
                    Score score = choice.score(compiled.aim());
                    choice.swap(i, out);
                    visitor.accept(out, in, score);
                }
            }
        }
    }

    private static boolean isAskedFor(CompiledCapsule compiled, int place) {
        return Arrays.stream(compiled.must()).anyMatch(must -> must == place);
    }

    /** The best swaps. */
    static List<CapsulePlan.Swap> best(CompiledCapsule compiled, Choice choice) {
        List<Swap> all = new ArrayList<>();
        forEach(compiled, choice, (out, in, score) -> all.add(new Swap(out, in, score)));
        return all.stream()
                .sorted(Comparator.comparing(Swap::score, Score.BY_OUTFITS))
                .limit(MOST)
                .map(swap -> new CapsulePlan.Swap(
                        compiled.id(swap.out),
                        compiled.id(swap.in),
                        swap.score.missed(),
                        swap.score.needsMet(),
                        swap.score.earning(),
                        swap.score.outfits(),
                        swap.score.variety(),
                        compiled.aim()
                                .preferences()
                                .describe(choice.without(swap.out).with(swap.in).sorted())))
                .toList();
    }

    /** The pieces left out that would add most, each with the piece it would best replace. */
    static List<CapsulePlan.Nearest> nearest(CompiledCapsule compiled, Choice choice) {
        Map<Integer, Score> scores = new LinkedHashMap<>();
        Map<Integer, Integer> instead = new LinkedHashMap<>();
        forEach(compiled, choice, (out, in, score) -> {
            if (!scores.containsKey(in) || Score.BY_OUTFITS.compare(score, scores.get(in)) < 0) {
                scores.put(in, score);
                instead.put(in, out);
            }
        });
        long before = choice.score(compiled.aim()).outfits();
        List<CapsulePlan.Nearest> nearest = new ArrayList<>();
        scores.forEach((in, score) -> nearest.add(new CapsulePlan.Nearest(
                compiled.id(in),
                choice.with(in).score(compiled.aim()).outfits() - before,
                compiled.id(instead.get(in)),
                score.outfits(),
                score.needsMet())));
        nearest.sort(Comparator.comparingLong(CapsulePlan.Nearest::adds).reversed());
        return List.copyOf(nearest.subList(0, Math.min(NEAREST, nearest.size())));
    }

    /** The choice extended by the piece that adds most; null when there is none. */
    static Choice grown(CompiledCapsule compiled, Choice choice) {
        return best(
                compiled,
                Arrays.stream(compiled.pool())
                        .filter(place -> !choice.has(place))
                        .mapToObj(choice::with)
                        .toList());
    }

    /** The choice without the piece that is missed least; null when none may be removed. */
    static Choice shrunk(CompiledCapsule compiled, Choice choice) {
        return best(
                compiled,
                Arrays.stream(choice.sorted())
                        .filter(place -> !isAskedFor(compiled, place))
                        .mapToObj(choice::without)
                        .toList());
    }

    private static Choice best(CompiledCapsule compiled, List<Choice> choices) {
        Choice best = null;
        Score score = null;
        for (Choice one : choices) {
            Score next = one.score(compiled.aim());
            if (score == null || Score.BY_OUTFITS.compare(next, score) < 0) {
                best = one;
                score = next;
            }
        }
        return best;
    }
}
