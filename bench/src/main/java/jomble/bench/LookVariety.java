package jomble.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.TreeSet;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.counting.query.CheapestPaths;
import jomble.core.counting.query.Found;
import jomble.core.counting.query.SolutionSet;
import jomble.core.counting.query.VariedLooks;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * How different ten looks of one piece are: as they are chosen, by farthest first over the whole list alone, and the best of a thousand
 * random choices. Smallest and mean distance, and the time; for the first two pieces of each slot of each client.
 */
public final class LookVariety {
    private static final int LOOKS = 10;
    private static final int DRAWS = 1000;
    private static final int MOST_LISTED = 20_000;

    private LookVariety() {}

    public static void main(String[] args) {
        DiagramCounter counter = new DiagramCounter(Catalogue.standard());
        System.out.println("client, piece, outfits | chosen | farthest first | best of " + DRAWS + " random draws");
        for (String client : List.of("ines-halvard", "tomas-redfern", "anjali-brandt")) {
            CountQuestion question =
                    DemoWardrobe.question(client, Map.of()).toCount().withoutCompletions();
            for (Slot slot : List.of(Slot.TOP, Slot.BOTTOM, Slot.JACKET, Slot.SHOES)) {
                question.pieces().stream()
                        .filter(piece -> piece.isFirstOf(slot))
                        .limit(2)
                        .forEach(piece ->
                                compare(client, question.containing(List.of(piece.id())), piece.label(), counter));
            }
        }
    }

    private static void compare(String client, CountQuestion question, String piece, DiagramCounter counter) {
        SolutionSet set = counter.find(question, Progress.NONE);
        List<Found> all = new CheapestPaths(set, (slot, option) -> 0).list(0, 0, MOST_LISTED);
        if (all.size() <= LOOKS) {
            return;
        }
        long start = System.nanoTime();
        VariedLooks.Looks looks = VariedLooks.of(set, LOOKS, one -> 0, Progress.NONE);
        double millis = (System.nanoTime() - start) / 1e6;
        List<Found> greedy = farthestFirst(all, looks.found().get(0));
        System.out.printf(
                "%s, %s, %,d | %s%s %.0f ms | %s | %s%n",
                client,
                piece,
                all.size(),
                written(looks.found()),
                looks.isExact() ? " exact" : "",
                millis,
                written(greedy),
                written(bestRandom(all)));
    }

    private static String written(List<Found> looks) {
        int smallest = Integer.MAX_VALUE;
        double sum = 0;
        int pairs = 0;
        for (int i = 0; i < looks.size(); i++) {
            for (int j = 0; j < i; j++) {
                int distance = distance(looks.get(i), looks.get(j));
                smallest = Math.min(smallest, distance);
                sum += distance;
                pairs++;
            }
        }
        return String.format("%d, mean %.2f", smallest, sum / pairs);
    }

    private static int distance(Found one, Found other) {
        Map<Slot, List<PieceId>> a = one.pieces();
        Map<Slot, List<PieceId>> b = other.pieces();
        TreeSet<Slot> slots = new TreeSet<>(a.keySet());
        slots.addAll(b.keySet());
        return (int) slots.stream()
                .filter(slot -> !Objects.equals(a.get(slot), b.get(slot)))
                .count();
    }

    private static List<Found> farthestFirst(List<Found> all, Found first) {
        List<Found> chosen = new ArrayList<>(List.of(first));
        int[] nearest = all.stream().mapToInt(one -> distance(one, first)).toArray();
        while (chosen.size() < LOOKS) {
            int best = 0;
            for (int i = 1; i < nearest.length; i++) {
                best = nearest[i] > nearest[best] ? i : best;
            }
            Found next = all.get(best);
            chosen.add(next);
            for (int i = 0; i < nearest.length; i++) {
                nearest[i] = Math.min(nearest[i], distance(all.get(i), next));
            }
        }
        return chosen;
    }

    private static List<Found> bestRandom(List<Found> all) {
        Random random = new Random(1);
        List<Found> best = List.of();
        int smallestOfBest = -1;
        for (int draw = 0; draw < DRAWS; draw++) {
            List<Found> looks = random.ints(0, all.size())
                    .distinct()
                    .limit(LOOKS)
                    .mapToObj(all::get)
                    .toList();
            int smallest = Integer.MAX_VALUE;
            for (int i = 0; i < looks.size(); i++) {
                for (int j = 0; j < i; j++) {
                    smallest = Math.min(smallest, distance(looks.get(i), looks.get(j)));
                }
            }
            if (smallest > smallestOfBest) {
                smallestOfBest = smallest;
                best = looks;
            }
        }
        return best;
    }
}
