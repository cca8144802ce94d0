package jomble.core.building;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jomble.core.RandomWardrobes;
import jomble.core.building.OutfitBuilder.Place;
import jomble.core.building.OutfitBuilder.Reading;
import jomble.core.counting.Combination;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.counting.query.OutfitQueries;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** An outfit built by always taking what the bench puts first, and what it says on the way. */
class OutfitBuilderTest {
    private static final int WARDROBES = 8;
    private static final int MOST_LISTED = 5000;
    private static final DiagramCounter COUNTER = new DiagramCounter(Catalogue.standard());
    private static final OutfitQueries QUERIES = new OutfitQueries(COUNTER);
    private static final OutfitBuilder BENCH = new OutfitBuilder(Catalogue.standard(), QUERIES);

    /** Wardrobes of 14 to 26 pieces in which something works, in contexts of every sort. */
    static Stream<CountQuestion> questions() {
        return IntStream.iterate(1, seed -> seed + 1)
                .mapToObj(OutfitBuilderTest::question)
                .filter(question -> {
                    long total =
                            COUNTER.list(question, 0, 1, Progress.NONE).total().longValueExact();
                    return total > 0 && total < MOST_LISTED;
                })
                .limit(WARDROBES);
    }

    private static CountQuestion question(int seed) {
        Node node = Node.root(Map.of(
                "wardrobe", Map.of("pieces", SampleWardrobe.pieces(seed, 14 + new Random(seed).nextInt(13), 0.3))));
        Question question = QuestionReader.read(node);
        node.finish();
        return new CountQuestion(
                question.wardrobe().pieces(),
                new RandomWardrobes(seed).contexts(),
                CountedSlots.OUTFITS,
                false,
                List.of(),
                false);
    }

    private static Outfit with(Outfit outfit, Offer offer) {
        List<Worn> worn = new ArrayList<>(outfit.worn());
        worn.removeIf(one -> one.slot() == offer.slot());
        worn.add(Worn.of(offer.slot(), offer.pieces()));
        return Outfit.of(worn);
    }

    private static Verdict verdict(Outfit outfit, CountQuestion question) {
        return question.contexts().stream()
                .map(context ->
                        new Judge(Catalogue.standard(), context).best(outfit).verdict())
                .min(Verdict::compareTo)
                .orElseThrow();
    }

    /** Whatever is taken of what fits, an outfit that works comes of it in the end, and never by going back. */
    @ParameterizedTest
    @MethodSource("questions")
    void leadsToAnOutfitThatWorks(CountQuestion question) {
        Outfit outfit = Outfit.of(List.of());
        Set<Slot> decided = new HashSet<>();
        while (verdict(outfit, question) != Verdict.WORKS) {
            Reading reading = BENCH.read(question, outfit, Progress.NONE);
            Offer next = reading.places().stream()
                    .filter(place -> !decided.contains(place.slot()))
                    .map(place -> place.offers().get(0))
                    .filter(offer -> offer.verdict() == Verdict.WORKS)
                    .findFirst()
                    .orElseThrow(() -> new AssertionError("nothing fits, and nothing works"));
            assertThat(next.changes()).isZero();
            outfit = with(outfit, next);
            decided.add(next.slot());
        }
    }

    /** On an outfit that works: what works with it fits, the order is that of the verdicts, and one more makes it no worse. */
    @ParameterizedTest
    @MethodSource("questions")
    void agreesWithTheJudge(CountQuestion question) {
        Outfit outfit =
                worn(COUNTER.list(question, 0, 1, Progress.NONE).combinations().get(0), question);
        Reading reading = BENCH.read(question, outfit, Progress.NONE);
        for (Place place : reading.places()) {
            assertThat(place.offers()).isSortedAccordingTo(Comparator.comparing(Offer::verdict));
            for (Offer offer : place.offers()) {
                boolean isElsewhere = outfit.worn().stream()
                        .anyMatch(one -> one.slot() != offer.slot()
                                && one.pieces().stream().anyMatch(offer.pieces()::contains));
                if (!isElsewhere && verdict(with(outfit, offer), question) == Verdict.WORKS) {
                    assertThat(offer.verdict()).as(offer.toString()).isEqualTo(Verdict.WORKS);
                }
                assertThat(offer.verdict() == Verdict.NO && offer.changes() != null && offer.changes() == 0)
                        .as("fits, and yet not")
                        .isFalse();
            }
        }
        for (Offer more : reading.oneMore()) {
            assertThat(outfit.in(more.slot())).isEmpty();
            assertThat(with(outfit, more).worn())
                    .as("it adds, and takes nothing off")
                    .hasSize(outfit.worn().size() + 1);
            assertThat(verdict(with(outfit, more), question)).isEqualTo(Verdict.WORKS);
        }
    }

    @ParameterizedTest
    @MethodSource("questions")
    void surprisesWithAnOutfitOfTheList(CountQuestion question) {
        Set<Map<Slot, List<PieceId>>> all = new HashSet<>();
        COUNTER.list(question, 0, MOST_LISTED, Progress.NONE).combinations().forEach(one -> all.add(one.slots()));
        Set<Map<Slot, List<PieceId>>> seen = new HashSet<>();
        Random random = new Random(7);
        for (int i = 0; i < 5; i++) {
            Map<Slot, List<PieceId>> drawn = QUERIES.surprise(question, seen::contains, random, Progress.NONE)
                    .orElseThrow()
                    .slots();
            assertThat(all).contains(drawn);
            assertThat(seen.contains(drawn)).as("seen before").isEqualTo(all.size() <= seen.size());
            seen.add(drawn);
        }
        assertThat(QUERIES.surprise(question, one -> true, random, Progress.NONE))
                .isPresent();
    }

    private static Outfit worn(Combination combination, CountQuestion question) {
        Map<Slot, List<PieceId>> slots = new EnumMap<>(Slot.class);
        slots.putAll(combination.slots());
        slots.putAll(combination.filled());
        return Outfit.of(slots.entrySet().stream()
                .map(slot -> Worn.of(
                        slot.getKey(),
                        question.pieces().stream()
                                .filter(piece -> slot.getValue().contains(piece.id()))
                                .toList()))
                .toList());
    }
}
