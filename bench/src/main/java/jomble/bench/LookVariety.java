package jomble.bench;

import java.math.BigInteger;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.counting.query.CheapestPaths;
import jomble.core.counting.query.Found;
import jomble.core.counting.query.SolutionSet;
import jomble.core.counting.query.VariedLooks;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * How different ten looks of one piece are to the eye: as they are chosen, and the best of a thousand random choices. Smallest and mean
 * distance, how often the partner used most is used, and the time; for the first two pieces of some slots of each client, counting shoes and
 * counting everything.
 */
public final class LookVariety {
    private static final int LOOKS = 10;
    private static final int DRAWS = 1000;
    private static final int MOST_LISTED = 2_000;

    private static final Map<Slot, Integer> WEIGHTS = Map.of(
            Slot.BOTTOM, 3, Slot.ONEPIECE, 3, Slot.DRAPE, 3, Slot.TOP, 2, Slot.MID, 2, Slot.JACKET, 2, Slot.SHOES, 2);

    private LookVariety() {}

    public static void main(String[] args) {
        DiagramCounter counter = new DiagramCounter(Catalogue.standard());
        System.out.println("client, counting, piece, outfits | chosen | best of " + DRAWS + " random draws");
        for (String client : List.of("ines-halvard", "tomas-redfern", "anjali-brandt")) {
            for (String counting : List.of("outfits", "looks")) {
                CountQuestion question = DemoWardrobe.question(client, Map.of("countedSlots", counting))
                        .toCount()
                        .withoutCompletions();
                for (Slot slot : List.of(Slot.TOP, Slot.BOTTOM, Slot.JACKET, Slot.SHOES)) {
                    question.pieces().stream()
                            .filter(piece -> piece.isFirstOf(slot))
                            .limit(2)
                            .forEach(piece -> compare(client + ", " + counting, question, piece, counter));
                }
            }
        }
    }

    private static void compare(String name, CountQuestion question, Piece hero, DiagramCounter counter) {
        long start = System.nanoTime();
        SolutionSet set = counter.find(question.containing(List.of(hero.id())), Progress.NONE);
        CheapestPaths all = new CheapestPaths(set, (slot, option) -> 0);
        BigInteger total = all.count(0);
        if (total.compareTo(BigInteger.valueOf(LOOKS)) <= 0) {
            return;
        }
        long found = System.nanoTime();
        VariedLooks.Looks looks = VariedLooks.of(set, hero.id(), LOOKS, one -> 0, Progress.NONE);
        long chosen = System.nanoTime();
        System.out.printf(
                "%s, %s, %,d | %s%s, found in %.0f ms, chosen in %.0f ms | %s%n",
                name,
                hero.label(),
                total,
                written(looks.found(), hero.id()),
                looks.isExact() ? " exact" : "",
                (found - start) / 1e6,
                (chosen - found) / 1e6,
                written(bestRandom(all, total, hero.id()), hero.id()));
    }

    private static String written(List<Found> looks, PieceId hero) {
        int smallest = Integer.MAX_VALUE;
        double sum = 0;
        int pairs = 0;
        Map<Object, Integer> uses = new HashMap<>();
        for (int i = 0; i < looks.size(); i++) {
            looks.get(i).pieces().entrySet().stream()
                    .filter(worn -> !worn.getValue().contains(hero))
                    .forEach(worn -> uses.merge(worn, 1, Integer::sum));
            for (int j = 0; j < i; j++) {
                int distance = distance(looks.get(i), looks.get(j), hero);
                smallest = Math.min(smallest, distance);
                sum += distance;
                pairs++;
            }
        }
        return String.format("%d, mean %.2f, most used %d", smallest, sum / pairs, Collections.max(uses.values()));
    }

    private static int distance(Found one, Found other, PieceId hero) {
        int distance = 0;
        for (Slot slot : Slot.values()) {
            List<PieceId> a = one.pieces().getOrDefault(slot, List.of());
            List<PieceId> b = other.pieces().getOrDefault(slot, List.of());
            if (!a.equals(b) && !a.contains(hero) && !b.contains(hero)) {
                distance += WEIGHTS.getOrDefault(slot, 1);
            }
        }
        return distance;
    }

    private static List<Found> bestRandom(CheapestPaths all, BigInteger total, PieceId hero) {
        Random random = new Random(1);
        long within = total.min(BigInteger.valueOf(Long.MAX_VALUE)).longValue();
        List<Found> some = random.longs(MOST_LISTED, 0, within)
                .distinct()
                .mapToObj(at -> all.list(0, at, 1).get(0))
                .toList();
        List<Found> best = List.of();
        int smallestOfBest = -1;
        for (int draw = 0; draw < DRAWS; draw++) {
            List<Found> looks = random.ints(0, some.size())
                    .distinct()
                    .limit(LOOKS)
                    .mapToObj(some::get)
                    .toList();
            int smallest = Integer.MAX_VALUE;
            for (int i = 0; i < looks.size(); i++) {
                for (int j = 0; j < i; j++) {
                    smallest = Math.min(smallest, distance(looks.get(i), looks.get(j), hero));
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
