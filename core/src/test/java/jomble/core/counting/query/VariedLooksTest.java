package jomble.core.counting.query;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jomble.core.RandomWardrobes;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Looks with one piece that differ as much as can be, against a plain reading of what that means. */
class VariedLooksTest {
    private static final int HEROES = 16;
    private static final int MOST_LISTED = 3000;
    private static final DiagramCounter COUNTER = new DiagramCounter(Catalogue.standard());

    /** @param list what each combination holds, by slot */
    record Sample(int seed, PieceId hero, SolutionSet set, List<Map<Slot, List<PieceId>>> list) {
        @Override
        public String toString() {
            return "seed " + seed + ", " + hero + " in " + list.size() + " combinations";
        }
    }

    /** A piece of each of some wardrobes of 10 to 26 pieces, with few combinations and with many. */
    static Stream<Sample> samples() {
        return IntStream.iterate(1, seed -> seed + 1)
                .mapToObj(VariedLooksTest::sample)
                .filter(sample -> sample.list.size() > 4 && sample.list.size() < MOST_LISTED)
                .limit(HEROES);
    }

    private static Sample sample(int seed) {
        Random random = new Random(seed);
        Node node = Node.root(Map.of(
                "wardrobe", Map.of("pieces", SampleWardrobe.pieces(seed, 10 + random.nextInt(17), 0.3))));
        Question question = QuestionReader.read(node);
        node.finish();
        List<Piece> pieces = question.wardrobe().pieces();
        PieceId hero = pieces.get(random.nextInt(pieces.size())).id();
        CountedSlots counted =
                seed % 3 == 0 ? CountedSlots.OUTFITS.and(Slot.BELT).and(Slot.BASE) : CountedSlots.OUTFITS;
        CountQuestion asked = new CountQuestion(
                        pieces, new RandomWardrobes(seed).contexts(), counted, seed % 2 == 0, List.of(), false)
                .containing(List.of(hero))
                .withoutCompletions();
        SolutionSet set = COUNTER.find(asked, Progress.NONE);
        List<Map<Slot, List<PieceId>>> list = new CheapestPaths(set, (slot, option) -> 0)
                .list(0, 0, MOST_LISTED).stream().map(Found::pieces).toList();
        return new Sample(seed, hero, set, list);
    }

    @ParameterizedTest
    @CsvSource({
        "BOTTOM, 3",
        "ONEPIECE, 3",
        "DRAPE, 3",
        "TOP, 2",
        "MID, 2",
        "JACKET, 2",
        "SHOES, 2",
        "COAT, 1",
        "BELT, 1",
        "BAG, 1",
        "NECK, 1",
        "JEWELLERY, 1",
        "LEGWEAR, 1",
        "BASE, 0",
        "UNDERSKIRT, 0"
    })
    void weighsWhatTheEyeSees(Slot slot, int weight) {
        assertThat(LookDistance.weight(slot)).isEqualTo(weight);
    }

    /** All that a choice of looks is judged by, worked out slowly from the words of the rule. */
    private static final class Judged implements Comparable<Judged> {
        private final int overuse;
        private final int smallest;
        private final int sum;
        private final int fewest;

        Judged(Sample sample, List<Map<Slot, List<PieceId>>> looks) {
            int least = 99;
            int slots = 99;
            int all = 0;
            for (int i = 0; i < looks.size(); i++) {
                for (int j = 0; j < i; j++) {
                    int distance = 0;
                    int different = 0;
                    for (Slot slot : sample.set.question().counted().slots()) {
                        List<PieceId> a = looks.get(i).getOrDefault(slot, List.of());
                        List<PieceId> b = looks.get(j).getOrDefault(slot, List.of());
                        boolean isHeroes = a.contains(sample.hero) || b.contains(sample.hero);
                        if (!isHeroes && !Objects.equals(a, b) && LookDistance.weight(slot) > 0) {
                            distance += LookDistance.weight(slot);
                            different++;
                        }
                    }
                    least = Math.min(least, distance);
                    slots = Math.min(slots, different);
                    all += distance;
                }
            }
            this.smallest = least;
            this.fewest = slots;
            this.sum = all;
            this.overuse = overuse(sample, looks);
        }

        private static int overuse(Sample sample, List<Map<Slot, List<PieceId>>> looks) {
            int overuse = 0;
            for (Slot slot : sample.set.question().counted().slots()) {
                Set<Slot> place = place(slot);
                Set<Map.Entry<Slot, List<PieceId>>> contents = new HashSet<>();
                boolean isEver = true;
                for (Map<Slot, List<PieceId>> one : sample.list) {
                    isEver &= place.stream().anyMatch(one::containsKey);
                    one.entrySet().stream()
                            .filter(each -> place.contains(each.getKey()))
                            .forEach(each -> contents.add(Map.entry(each.getKey(), each.getValue())));
                }
                Map<List<PieceId>, Integer> uses = new HashMap<>();
                looks.forEach(look -> uses.merge(look.getOrDefault(slot, List.of()), 1, Integer::sum));
                int fair = (int) Math.ceil((double) looks.size() / (contents.size() + (isEver ? 0 : 1)));
                for (Map.Entry<List<PieceId>, Integer> use : uses.entrySet()) {
                    if (!use.getKey().isEmpty() && !use.getKey().contains(sample.hero)) {
                        overuse += LookDistance.weight(slot) * Math.max(0, use.getValue() - fair);
                    }
                }
            }
            return overuse;
        }

        /** What covers the legs is one choice. */
        private static Set<Slot> place(Slot slot) {
            Set<Slot> legs = Set.of(Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE);
            return legs.contains(slot) ? legs : Set.of(slot);
        }

        @Override
        public int compareTo(Judged other) {
            return overuse != other.overuse
                    ? Integer.compare(overuse, other.overuse)
                    : smallest != other.smallest
                            ? Integer.compare(other.smallest, smallest)
                            : Integer.compare(other.sum, sum);
        }

        @Override
        public String toString() {
            return "overuse " + overuse + ", smallest " + smallest + ", sum " + sum;
        }
    }

    private static List<Map<Slot, List<PieceId>>> pieces(VariedLooks.Looks looks) {
        return looks.found().stream().map(Found::pieces).toList();
    }

    @ParameterizedTest
    @MethodSource("samples")
    void saysTrulyHowMuchTheyDiffer(Sample sample) {
        for (int wanted : new int[] {2, 5, 10, 20}) {
            VariedLooks.Looks looks = VariedLooks.of(sample.set, sample.hero, wanted, one -> 0, Progress.NONE);
            assertThat(looks.found())
                    .hasSize(Math.min(wanted, sample.list.size()))
                    .doesNotHaveDuplicates();
            assertThat(pieces(looks)).isSubsetOf(sample.list);
            Judged judged = new Judged(sample, pieces(looks));
            assertThat(looks.smallestDistance()).isEqualTo(judged.smallest);
            assertThat(looks.fewestDifferences()).isEqualTo(judged.fewest);
        }
    }

    /** Of few combinations it proves that no other two or three are better, and none are. */
    @ParameterizedTest
    @MethodSource("samples")
    void choosesTheBestTwoAndThree(Sample sample) {
        if (sample.list.size() > 90) {
            return;
        }
        for (int wanted : new int[] {2, 3}) {
            VariedLooks.Looks looks = VariedLooks.of(sample.set, sample.hero, wanted, one -> 0, Progress.NONE);
            assertThat(looks.isExact()).isTrue();
            Judged best = best(sample, wanted);
            assertThat(new Judged(sample, pieces(looks)))
                    .as("%s against %s", pieces(looks), best)
                    .isEqualByComparingTo(best);
        }
    }

    private static Judged best(Sample sample, int wanted) {
        Judged best = null;
        List<Map<Slot, List<PieceId>>> all = sample.list;
        for (int i = 0; i < all.size(); i++) {
            for (int j = 0; j < i; j++) {
                for (int k = 0; k < (wanted == 3 ? j : 1); k++) {
                    List<Map<Slot, List<PieceId>>> looks = new ArrayList<>(List.of(all.get(i), all.get(j)));
                    if (wanted == 3) {
                        looks.add(all.get(k));
                    }
                    Judged judged = new Judged(sample, looks);
                    best = best == null || judged.compareTo(best) < 0 ? judged : best;
                }
            }
        }
        return best;
    }

    /** A random choice of as many looks is hardly ever better. */
    @ParameterizedTest
    @MethodSource("samples")
    void isHardlyEverWorseThanAGuess(Sample sample) {
        Random random = new Random(sample.seed);
        int wanted = Math.min(6, sample.list.size());
        Judged chosen =
                new Judged(sample, pieces(VariedLooks.of(sample.set, sample.hero, wanted, one -> 0, Progress.NONE)));
        int better = 0;
        for (int draw = 0; draw < 200; draw++) {
            List<Map<Slot, List<PieceId>>> guess = random.ints(0, sample.list.size())
                    .distinct()
                    .limit(wanted)
                    .mapToObj(sample.list::get)
                    .toList();
            better += new Judged(sample, guess).compareTo(chosen) < 0 ? 1 : 0;
        }
        assertThat(better).isLessThanOrEqualTo(1);
    }

    /** One look is the one a stylist would show first. */
    @Test
    void showsTheBestWhereOneIsAsked() {
        Sample sample = samples().findFirst().orElseThrow();
        Found liked =
                new CheapestPaths(sample.set, (slot, option) -> 0).list(0, 0, 1).get(0);
        VariedLooks.Looks looks =
                VariedLooks.of(sample.set, sample.hero, 1, one -> one.equals(liked) ? 1 : 0, Progress.NONE);
        assertThat(looks.found()).containsExactly(liked);
        assertThat(looks.smallestDistance()).isZero();
        assertThat(looks.isExact()).isTrue();
    }
}
