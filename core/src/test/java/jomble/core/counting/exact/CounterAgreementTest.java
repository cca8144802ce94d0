package jomble.core.counting.exact;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.RandomWardrobes;
import jomble.core.counting.Combination;
import jomble.core.counting.CombinationPage;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.Crossing;
import jomble.core.counting.Ladder;
import jomble.core.counting.Progress;
import jomble.core.counting.RandomPickCoverage;
import jomble.core.counting.SlotPair;
import jomble.core.judgement.CrowdedCatalogue;
import jomble.core.judgement.Judge;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Reading;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The counter against brute force, on random small wardrobes with every rule on. */
class CounterAgreementTest {
    private static final int WARDROBES = Integer.getInteger("jomble.wardrobes", 240);
    private static final long FIRST_SEED = 20_260_301;
    private static final int PAGE = 7;
    /** The lists behind cells with fewer combinations are counted as well. */
    private static final int FEW = 20;

    private static final List<SlotPair> CROSSINGS = List.of(
            SlotPair.TOPS_AND_BOTTOMS,
            new SlotPair(Slot.BOTTOM, Slot.JACKET),
            new SlotPair(Slot.SHOES, Slot.MID),
            new SlotPair(Slot.MID, Slot.JACKET));

    /** Every so-many-th wardrobe is partitioned between threads, small as it is. */
    private static final int SHARED = 4;

    private final Counter counter = new DiagramCounter(Catalogue.standard());
    private final Counter sharing = new DiagramCounter(Catalogue.standard(), 1);
    /** With rules about pieces and pairs in the second word of the masks as well. */
    private final Counter crowded = new DiagramCounter(CrowdedCatalogue.standard());

    @Test
    void agreesWithBruteForceOnRandomWardrobes() {
        long outfits = 0;
        long dressed = 0;
        for (int i = 0; i < WARDROBES; i++) {
            CountQuestion question = question(FIRST_SEED + i);
            BruteForce slow = new BruteForce(question);
            Counter used = i % SHARED == 0 ? sharing : i % SHARED == 1 ? crowded : counter;
            Counts fast = used.count(question, CROSSINGS, Progress.NONE);
            String seed = "seed " + (FIRST_SEED + i) + " counting " + question.counted();
            assertThat(fast.total()).as(seed).isEqualTo(slow.total());
            assertThat(fast.daring()).as(seed).isEqualTo(slow.daring());
            for (Piece piece : question.pieces()) {
                if (!piece.roles().isEmpty()) {
                    assertThat(fast.perPiece().get(piece.id()))
                            .as(seed + " " + piece)
                            .isEqualTo(slow.perPiece(piece));
                    assertThat(fast.reach().getOrDefault(piece.id(), 0))
                            .as(seed + " reach of " + piece)
                            .isEqualTo(slow.reach(piece));
                }
            }
            agreesOnStructures(slow, fast, seed);
            if (question.counted().equals(CountedSlots.OUTFITS)) {
                agreesOnBlindPicks(question, slow, fast, seed);
            }
            Random random = new Random(-i);
            Piece lost = question.pieces().get(random.nextInt(question.pieces().size()));
            agreesOnWhatIsLost(question, fast, lost, seed);
            CROSSINGS.forEach(pair -> agreesOnPairs(pair, question, slow, fast, seed));
            agreesOnContaining(question, slow, new Random(FIRST_SEED + i), seed);
            agreesOnTheList(question, slow, seed);
            if (used != counter) {
                assertThat(used.list(question, 0, 3 * PAGE, Progress.NONE))
                        .as(seed)
                        .isEqualTo(counter.list(question, 0, 3 * PAGE, Progress.NONE));
            }
            outfits += fast.total().longValueExact();
            dressed += fast.total().signum();
        }
        assertThat(dressed).as("wardrobes with outfits").isGreaterThan(WARDROBES / 4);
        assertThat(outfits).isGreaterThan(WARDROBES);
    }

    private static CountQuestion question(long seed) {
        RandomWardrobes wardrobes = new RandomWardrobes(seed);
        Random random = new Random(seed);
        List<CountedSlots> counted = List.of(
                CountedSlots.OUTFITS,
                CountedSlots.BASES,
                CountedSlots.CLOTHES,
                CountedSlots.LOOKS,
                CountedSlots.BASES.and(Slot.COAT),
                new CountedSlots(EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.COAT)));
        int pieces = 6 + random.nextInt(3);
        return new CountQuestion(
                seed % 3 == 0 ? wardrobes.ofSeveralRoles(pieces) : wardrobes.pieces(pieces),
                wardrobes.contexts(),
                counted.get(random.nextInt(counted.size())),
                random.nextBoolean(),
                List.of(),
                true);
    }

    /** Each step of the ladder is what is left of whole outfits when fewer slots are told apart. */
    @Test
    void everyStepIsAProjectionOfTheSameOutfits() {
        for (int i = 0; i < WARDROBES / 5; i++) {
            CountQuestion question =
                    question(FIRST_SEED + i).counting(CountedSlots.LOOKS).withoutCompletions();
            Map<String, Verdict> looks = new BruteForce(question).verdicts();
            BigInteger before = BigInteger.ZERO;
            for (Ladder.Step step : Ladder.Step.values()) {
                CountQuestion asked = step.of(question);
                Set<String> projected = new HashSet<>();
                looks.forEach((key, verdict) -> {
                    if (verdict == Verdict.WORKS || question.includeDaring()) {
                        projected.add(Stream.of(key.split(" "))
                                .filter(part -> asked.counted().has(slot(part)))
                                .collect(Collectors.joining(" ")));
                    }
                });
                BigInteger total = counter.totals(asked, Progress.NONE).total();
                assertThat(total).as("seed %d, %s", FIRST_SEED + i, step).isEqualTo(projected.size());
                assertThat(total).isGreaterThanOrEqualTo(before);
                before = total;
            }
        }
    }

    private static Slot slot(String part) {
        String id = part.substring(0, part.indexOf('='));
        return Arrays.stream(Slot.values())
                .filter(slot -> slot.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static void agreesOnStructures(BruteForce slow, Counts fast, String seed) {
        for (Structure structure : Structure.values()) {
            Counts.OfStructure of = fast.perStructure().get(structure);
            assertThat(of == null ? BigInteger.ZERO : of.works())
                    .as(seed + " " + structure)
                    .isEqualTo(slow.perStructure(structure, Verdict.WORKS));
            assertThat(of == null ? BigInteger.ZERO : of.daring())
                    .as(seed + " " + structure)
                    .isEqualTo(slow.perStructure(structure, Verdict.DARING));
        }
    }

    /** Where the mandatory slots are counted. */
    private static void agreesOnBlindPicks(CountQuestion question, BruteForce slow, Counts fast, String seed) {
        boolean withShoes = question.contexts().get(0).wantsShoes();
        assertThat(fast.shareInTheDark())
                .as(seed)
                .isEqualTo(new RandomPickCoverage(slow.picksThatWork(withShoes), slow.picks(withShoes)));
    }

    /**
     * A bodysuit that was counted as a coat could also be the shoes that complete an outfit: there it needed no shoes, and was not
     * missed when the only shoes were taken out.
     */
    @ParameterizedTest
    @ValueSource(longs = 20_266_392)
    void tellsWhatEachPieceKeepsInWardrobesThatWereHardOnce(long seed) {
        CountQuestion question = question(seed);
        Counts fast = counter.count(question, List.of(), Progress.NONE);
        question.pieces().forEach(lost -> agreesOnWhatIsLost(question, fast, lost, "seed " + seed));
    }

    /** Without a piece the total falls by its count, and the pieces it kept are orphans. */
    private void agreesOnWhatIsLost(CountQuestion question, Counts fast, Piece lost, String seed) {
        Counts left = counter.count(question.without(Set.of(lost.id())).withoutCompletions(), List.of(), Progress.NONE);
        Set<PieceId> orphaned = new TreeSet<>(left.orphans());
        fast.orphans().forEach(orphaned::remove);
        assertThat(fast.keeps().getOrDefault(lost.id(), List.of()))
                .as(seed + " without " + lost)
                .containsExactlyInAnyOrderElementsOf(orphaned);
        if (lost.roles().stream().allMatch(question.counted()::has)) {
            assertThat(left.total())
                    .as(seed + " without " + lost)
                    .isEqualTo(fast.total().subtract(fast.perPiece().get(lost.id())));
        }
    }

    /** What must contain a piece is as many as brute force finds with it. */
    private void agreesOnContaining(CountQuestion question, BruteForce slow, Random random, String seed) {
        Piece one = question.pieces().get(random.nextInt(question.pieces().size()));
        if (!one.roles().isEmpty()) {
            Counts with = counter.count(question.containing(List.of(one.id())), List.of(), Progress.NONE);
            assertThat(with.total()).as(seed + " containing " + one).isEqualTo(slow.perPiece(one));
        }
    }

    private void agreesOnPairs(
            SlotPair pairOfSlots, CountQuestion question, BruteForce slow, Counts fast, String seed) {
        List<Crossing> cells = fast.perPair().get(pairOfSlots);
        Set<List<PieceId>> crossed =
                cells.stream().map(c -> List.of(c.a(), c.b())).collect(Collectors.toSet());
        Set<List<PieceId>> never =
                fast.neverTogether().stream().map(n -> List.of(n.a(), n.b())).collect(Collectors.toSet());
        Slot first = pairOfSlots.first();
        Slot second = pairOfSlots.second();
        boolean counted = question.counted().has(first) && question.counted().has(second);
        for (Piece a : question.pieces()) {
            for (Piece b : question.pieces()) {
                if (counted && a != b && a.roles().contains(first) && b.roles().contains(second)) {
                    long expected = slow.perPair(first, a, second, b);
                    List<PieceId> pair = List.of(a.id(), b.id());
                    assertThat(crossed.contains(pair)).as(seed).isEqualTo(expected > 0);
                    if (expected == 0) {
                        assertThat(never).as(seed).contains(pair);
                    }
                    if (expected > 0 && expected < FEW) {
                        CountQuestion both = question.wearing(Map.of(first, a.id(), second, b.id()));
                        assertThat(counter.list(both, 0, 1, Progress.NONE).total())
                                .as(seed)
                                .isEqualTo(expected);
                    }
                    cells.stream()
                            .filter(c -> c.a().equals(a.id()) && c.b().equals(b.id()))
                            .forEach(c -> assertThat(c.n()).as(seed).isEqualTo(expected));
                }
            }
        }
    }

    /** Pages follow each other without gap or repeat, works before daring, and each says what brute force says. */
    private void agreesOnTheList(CountQuestion question, BruteForce slow, String seed) {
        List<String> listed = new ArrayList<>();
        List<Verdict> verdicts = new ArrayList<>();
        long total = slow.total();
        for (long offset = 0; offset < Math.min(total, 3L * PAGE); offset += PAGE) {
            CombinationPage page = counter.list(question, offset, PAGE, Progress.NONE);
            assertThat(page.total()).as(seed).isEqualTo(total);
            for (Combination combination : page.combinations()) {
                String key = combination.slots().entrySet().stream()
                        .map(e -> e.getKey().id() + "="
                                + e.getValue().stream().map(PieceId::value).collect(Collectors.joining("+")))
                        .collect(Collectors.joining(" "));
                assertThat(combination.verdict())
                        .as(seed + " " + key)
                        .isEqualTo(slow.verdicts().get(key));
                needsWhatItIsFilledWith(question, combination, seed + " " + key);
                listed.add(key);
                verdicts.add(combination.verdict());
            }
        }
        assertThat(listed).as(seed).hasSize((int) Math.min(total, 3L * PAGE));
        assertThat(new HashSet<>(listed)).as(seed).hasSameSizeAs(listed);
        assertThat(verdicts).as(seed).isSorted();
    }

    /** With what a listed outfit is completed it is what it is said to be; and without any piece of that it would be less. */
    private static void needsWhatItIsFilledWith(CountQuestion question, Combination combination, String outfit) {
        JudgementContext context = combination.context();
        if (!context.overrides().approvedOutfits().isEmpty()) {
            return;
        }
        Judge judge = new Judge(Catalogue.standard(), context);
        Map<PieceId, Piece> pieces = question.pieces().stream().collect(Collectors.toMap(Piece::id, piece -> piece));
        Map<Slot, List<PieceId>> all = new EnumMap<>(combination.slots());
        all.putAll(combination.filled());
        assertThat(verdict(judge, all, pieces)).as(outfit).isEqualTo(combination.verdict());
        for (Slot slot : combination.filled().keySet()) {
            Map<Slot, List<PieceId>> fewer = new EnumMap<>(all);
            fewer.remove(slot);
            if (Reading.counts(worn(fewer, pieces))) {
                assertThat(verdict(judge, fewer, pieces))
                        .as(outfit + " without " + slot)
                        .isGreaterThan(combination.verdict());
            }
        }
    }

    private static Verdict verdict(Judge judge, Map<Slot, List<PieceId>> bySlot, Map<PieceId, Piece> pieces) {
        return judge.best(Outfit.of(worn(bySlot, pieces))).verdict();
    }

    private static List<Worn> worn(Map<Slot, List<PieceId>> bySlot, Map<PieceId, Piece> pieces) {
        return bySlot.entrySet().stream()
                .map(one -> Worn.of(
                        one.getKey(), one.getValue().stream().map(pieces::get).toList()))
                .toList();
    }
}
