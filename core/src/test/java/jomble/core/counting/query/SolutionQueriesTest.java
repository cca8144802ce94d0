package jomble.core.counting.query;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jomble.core.RandomWardrobes;
import jomble.core.counting.Combination;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is read off the graph of a set is what going through the whole list gives. */
class SolutionQueriesTest {
    private static final int WARDROBES = 10;
    private static final int MOST_LISTED = 2500;
    private static final DiagramCounter COUNTER = new DiagramCounter(Catalogue.standard());

    /** Sets with their whole lists; wardrobes of 14 to 30 pieces in contexts of every sort. */
    static Stream<Sample> samples() {
        return IntStream.iterate(1, seed -> seed + 1)
                .mapToObj(SolutionQueriesTest::sample)
                .filter(sample -> sample.list.size() > 3 && sample.list.size() < MOST_LISTED)
                .limit(WARDROBES);
    }

    /** @param list what each combination holds, by slot */
    record Sample(int seed, SolutionSet set, List<Map<Slot, List<PieceId>>> list) {
        @Override
        public String toString() {
            return "seed " + seed + ", " + list.size() + " combinations";
        }

        Set<Slot> slots() {
            return set.question().counted().slots();
        }

        int distance(Map<Slot, List<PieceId>> one, Map<Slot, List<PieceId>> other) {
            return (int) slots().stream()
                    .filter(slot -> !Objects.equals(one.get(slot), other.get(slot)))
                    .count();
        }
    }

    private static Sample sample(int seed) {
        Node node = Node.root(Map.of(
                "wardrobe", Map.of("pieces", SampleWardrobe.pieces(seed, 14 + new Random(seed).nextInt(17), 0.3))));
        Question question = QuestionReader.read(node);
        node.finish();
        CountedSlots counted = seed % 3 == 0 ? CountedSlots.OUTFITS.and(Slot.BELT) : CountedSlots.OUTFITS;
        CountQuestion asked = new CountQuestion(
                question.wardrobe().pieces(),
                new RandomWardrobes(seed).contexts(),
                counted,
                seed % 2 == 0,
                List.of(),
                false);
        List<Map<Slot, List<PieceId>>> list = COUNTER.list(asked, 0, MOST_LISTED, Progress.NONE).combinations().stream()
                .map(Combination::slots)
                .toList();
        return new Sample(seed, COUNTER.find(asked, Progress.NONE), list);
    }

    private static Set<Map<Slot, List<PieceId>>> pieces(List<Found> found) {
        Set<Map<Slot, List<PieceId>>> pieces = new HashSet<>();
        found.forEach(
                one -> assertThat(pieces.add(one.pieces())).as("listed once").isTrue());
        return pieces;
    }

    @ParameterizedTest
    @MethodSource("samples")
    void findsTheOutfitsSoManyChangesAway(Sample sample) {
        Map<Slot, List<PieceId>> from = sample.list.get(new Random(sample.seed).nextInt(sample.list.size()));
        CheapestPaths paths = new CheapestPaths(sample.set, SlotCost.changesFrom(sample.set.optionsOf(from), Set.of()));
        for (int changes = 0; changes < 4; changes++) {
            int n = changes;
            List<Map<Slot, List<PieceId>>> expected = sample.list.stream()
                    .filter(one -> sample.distance(one, from) == n)
                    .toList();
            assertThat(pieces(paths.list(n, 0, MOST_LISTED))).isEqualTo(new HashSet<>(expected));
            assertThat(paths.count(n)).isEqualTo(BigInteger.valueOf(expected.size()));
            List<Found> halves = new ArrayList<>(paths.list(n, 0, expected.size() / 2));
            halves.addAll(paths.list(n, expected.size() / 2, MOST_LISTED));
            assertThat(halves).isEqualTo(paths.list(n, 0, MOST_LISTED));
        }
    }

    /**
     * Ways of two changes more than the fewest lead to every outfit so many changes away, and to no other; only the
     * shortest way is limited.
     */
    @ParameterizedTest
    @MethodSource("samples")
    void findsTheWaysThatAreLonger(Sample sample) {
        Map<Slot, List<PieceId>> from = sample.list.get(0);
        OutfitQueries.Paths paths =
                new OutfitQueries(COUNTER).paths(sample.set.question(), from, false, 0, 2, Progress.NONE);
        assertThat(paths.length()).isEqualTo(2);
        Set<Map<Slot, List<PieceId>>> ends = new HashSet<>();
        paths.paths().forEach(path -> {
            assertThat(path).hasSize(2);
            ends.add(path.get(1).outfit());
        });
        long expected = sample.list.stream()
                .filter(one -> sample.distance(one, from) == 2)
                .count();
        assertThat(ends)
                .hasSize((int) Math.min(expected, OutfitQueries.MOST_PATHS))
                .isSubsetOf(sample.list);
        assertThat(paths.more()).isEqualTo(expected > OutfitQueries.MOST_PATHS);
    }

    /** From an outfit of another wardrobe, as when an occasion asks for something else. */
    @ParameterizedTest
    @MethodSource("samples")
    void findsTheFewestChangesToAnOutfitThatWorks(Sample sample) {
        List<Piece> pieces = sample.set.question().pieces();
        Map<Slot, List<PieceId>> from = new EnumMap<>(Slot.class);
        for (Slot slot : List.of(Slot.TOP, Slot.BOTTOM, Slot.SHOES)) {
            pieces.stream()
                    .filter(piece -> piece.roles().get(0) == slot)
                    .max(Comparator.comparing(Piece::id))
                    .ifPresent(piece -> from.put(slot, List.of(piece.id())));
        }
        CheapestPaths paths = new CheapestPaths(sample.set, SlotCost.changesFrom(sample.set.optionsOf(from), Set.of()));
        assertThat(paths.least())
                .isEqualTo(sample.list.stream()
                        .mapToInt(one -> sample.distance(one, from))
                        .min()
                        .orElseThrow());
    }

    @ParameterizedTest
    @MethodSource("samples")
    void tellsOfEveryPieceWhatItsOutfitsCost(Sample sample) {
        Map<Slot, List<PieceId>> halfBuilt = new EnumMap<>(Slot.class);
        sample.list.get(sample.list.size() / 2).forEach((slot, ids) -> {
            if (slot == Slot.TOP || slot == Slot.SHOES) {
                halfBuilt.put(slot, ids);
            }
        });
        int[] least =
                new CheapestPaths(sample.set, SlotCost.departuresFrom(sample.set.optionsOf(halfBuilt))).leastWith();
        for (Option option : sample.set.options().all()) {
            int expected = sample.list.stream()
                    .filter(one -> option.ids().equals(one.get(option.slot())))
                    .mapToInt(one -> (int) halfBuilt.entrySet().stream()
                            .filter(worn -> !worn.getValue().equals(one.get(worn.getKey())))
                            .count())
                    .min()
                    .orElse(SlotCost.NEVER);
            assertThat(least[option.index()])
                    .as(option.slot() + " " + option.ids())
                    .isEqualTo(expected);
        }
    }

    /** A half-built outfit takes what some whole outfit with all of it has, and nothing else without a piece making way. */
    @ParameterizedTest
    @MethodSource("samples")
    void offersWhatStillFits(Sample sample) {
        Map<Slot, List<PieceId>> whole = sample.list.get(sample.list.size() / 3);
        Map<Slot, List<PieceId>> halfBuilt = new EnumMap<>(Slot.class);
        whole.forEach((slot, ids) -> {
            if (slot != Slot.SHOES) {
                halfBuilt.put(slot, ids);
            }
        });
        OutfitQueries queries = new OutfitQueries(COUNTER);
        boolean withDaring = sample.set.question().includeDaring();
        for (OutfitQueries.Choice choice : queries.choices(sample.set.question(), halfBuilt, Progress.NONE)) {
            List<PieceId> ids = choice.pieces().stream().map(Piece::id).toList();
            Map<Slot, List<PieceId>> others = new EnumMap<>(Slot.class);
            others.putAll(halfBuilt);
            others.remove(choice.slot());
            boolean fits = sample.list.stream()
                    .anyMatch(one -> ids.equals(one.get(choice.slot()))
                            && others.entrySet().stream()
                                    .allMatch(worn -> worn.getValue().equals(one.get(worn.getKey()))));
            assertThat(choice.changes() != null && choice.changes() == 0)
                    .as(choice.slot() + " " + ids)
                    .isEqualTo(fits);
            assertThat(withDaring ? choice.verdict() != Verdict.NO : choice.verdict() == Verdict.WORKS)
                    .isEqualTo(fits);
            assertThat(choice.changes() == null)
                    .isEqualTo(sample.list.stream().noneMatch(one -> ids.equals(one.get(choice.slot()))));
        }
    }

    @ParameterizedTest
    @MethodSource("samples")
    void countsWhatKeepsToAFormula(Sample sample) {
        Predicate<Option> even = option -> option.index() % 2 == 0;
        Map<Slot, Predicate<Option>> formula = Map.of(Slot.TOP, even, Slot.BOTTOM, even.negate());
        CheapestPaths paths = new CheapestPaths(sample.set, SlotCost.restrictedTo(formula));
        Set<Map<Slot, List<PieceId>>> expected = new HashSet<>();
        for (Map<Slot, List<PieceId>> one : sample.list) {
            Map<Slot, Option> worn = sample.set.optionsOf(one);
            boolean keeps = formula.entrySet().stream()
                    .allMatch(part ->
                            worn.containsKey(part.getKey()) && part.getValue().test(worn.get(part.getKey())));
            if (keeps) {
                expected.add(one);
            }
        }
        assertThat(paths.count(0)).isEqualTo(BigInteger.valueOf(expected.size()));
        assertThat(pieces(paths.list(0, 0, MOST_LISTED))).isEqualTo(expected);
    }
}
