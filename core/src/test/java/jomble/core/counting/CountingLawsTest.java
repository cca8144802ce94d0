package jomble.core.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jomble.core.RandomWardrobes;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.Judge;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.Ruling;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What must hold between the counts of wardrobes too large for brute force: believable pieces, judged in contexts of every sort. Each
 * law compares answers of the counter with each other, so none can be wrong alone.
 */
class CountingLawsTest {
    private static final int WARDROBES = 12;
    private static final int LEAST_PIECES = 40;
    private static final int MORE_PIECES = 40;
    private static final double HUE_SHARE = 0.3;
    /** A whole list is read up to here. */
    private static final int READABLE = 1500;
    /** Of a list, how many are judged again. */
    private static final int JUDGED = 40;

    private static final Set<Slot> WORN_ALONE = EnumSet.of(Slot.TOP, Slot.BOTTOM, Slot.MID, Slot.JACKET, Slot.SHOES);

    private static final Counter COUNTER = new DiagramCounter(Catalogue.standard());

    static Stream<CountQuestion> questions() {
        return IntStream.iterate(1, seed -> seed + 1)
                .mapToObj(CountingLawsTest::question)
                .filter(question -> total(question).signum() > 0)
                .limit(WARDROBES);
    }

    private static CountQuestion question(int seed) {
        int size = LEAST_PIECES + new Random(seed).nextInt(MORE_PIECES);
        List<CountedSlots> counted = List.of(CountedSlots.OUTFITS, CountedSlots.OUTFITS, CountedSlots.CLOTHES);
        return new CountQuestion(
                pieces(seed, size),
                new RandomWardrobes(seed).contexts(),
                counted.get(seed % counted.size()),
                seed % 2 == 0,
                List.of(),
                false);
    }

    private static List<Piece> pieces(int seed, int size) {
        Node node = Node.root(Map.of("wardrobe", Map.of("pieces", SampleWardrobe.pieces(seed, size, HUE_SHARE))));
        Question question = QuestionReader.read(node);
        node.finish();
        return question.wardrobe().pieces();
    }

    private static Counts count(CountQuestion question) {
        return COUNTER.count(question, List.of(SlotPair.TOPS_AND_BOTTOMS), Progress.NONE);
    }

    private static BigInteger total(CountQuestion question) {
        return COUNTER.totals(question, Progress.NONE).total();
    }

    private static BigInteger totalContaining(CountQuestion question, Piece... pieces) {
        return total(question.containing(Stream.of(pieces).map(Piece::id).toList()));
    }

    /** The laws would hold of empty wardrobes as well. */
    @Test
    void mostQuestionsAreOfManyCombinations() {
        assertThat(questions().filter(question -> total(question).intValue() > READABLE))
                .hasSizeGreaterThan(WARDROBES / 2);
    }

    private static CountQuestion of(List<Piece> pieces, CountQuestion question) {
        return new CountQuestion(
                pieces,
                question.contexts(),
                question.counted(),
                question.includeDaring(),
                List.of(),
                question.completions());
    }

    /** Counted pieces that sit in one slot, alone, and of which there is a combination, in random order. */
    private static List<Piece> worn(CountQuestion question, Counts counts) {
        List<Piece> worn = new ArrayList<>(question.pieces().stream()
                .filter(piece -> piece.roles().size() == 1
                        && WORN_ALONE.contains(piece.roles().get(0)))
                .filter(piece -> question.counted().has(piece.roles().get(0)))
                .filter(piece -> counts.perPiece().get(piece.id()).signum() > 0)
                .toList());
        Collections.shuffle(worn, new Random(question.pieces().size()));
        return worn;
    }

    @ParameterizedTest
    @MethodSource("questions")
    void theOrderOfThePiecesDoesNotMatter(CountQuestion question) {
        List<Piece> shuffled = new ArrayList<>(question.pieces());
        Collections.shuffle(shuffled, new Random(1));
        Counts one = count(question);
        Counts other = count(of(shuffled, question));
        assertThat(other)
                .usingRecursiveComparison()
                .ignoringCollectionOrder()
                .withComparatorForType(Comparator.naturalOrder(), BigInteger.class)
                .isEqualTo(one);
        assertThat(COUNTER.list(of(shuffled, question), 0, JUDGED, Progress.NONE))
                .isEqualTo(COUNTER.list(question, 0, JUDGED, Progress.NONE));
    }

    /** What two pieces alike in everything make possible: the same each, never together. */
    @ParameterizedTest
    @MethodSource("questions")
    void aTwinAddsWhatItsTwinIsIn(CountQuestion question) {
        Counts before = count(question);
        Set<PieceId> named = question.contexts().get(0).overrides().rulings().stream()
                .flatMap(ruling -> ruling.pieces().stream())
                .collect(Collectors.toSet());
        for (Piece piece : worn(question, before).stream()
                .filter(one -> !named.contains(one.id()))
                .limit(2)
                .toList()) {
            Piece twin = Piece.of(new PieceId("twin"), piece.kind(), piece.set());
            List<Piece> pieces = new ArrayList<>(question.pieces());
            pieces.add(twin);
            Counts after = count(of(pieces, question));
            BigInteger gained = before.perPiece().get(piece.id());
            assertThat(after.total()).isEqualTo(before.total().add(gained));
            assertThat(after.perPiece()).containsEntry(piece.id(), gained).containsEntry(twin.id(), gained);
            assertThat(after.reach().get(twin.id())).isEqualTo(after.reach().get(piece.id()));
            assertThat(after.orphans()).isEqualTo(before.orphans());
        }
    }

    /** A ruling against pieces takes away exactly the combinations that contain them all. */
    @ParameterizedTest
    @MethodSource("questions")
    void whatIsNeverWornTogetherGoesAndNothingElse(CountQuestion question) {
        Counts before = count(question);
        for (int size = 1; size <= 3; size++) {
            List<Piece> named = worn(question, before).stream()
                    .collect(Collectors.toMap(
                            piece -> piece.roles().get(0),
                            piece -> piece,
                            (a, b) -> a,
                            () -> new EnumMap<>(Slot.class)))
                    .values()
                    .stream()
                    .limit(size)
                    .toList();
            BigInteger together = totalContaining(question, named.toArray(Piece[]::new));
            Ruling never = new Ruling("r1", named.stream().map(Piece::id).toList(), Ruling.Decision.NEVER, "", "");
            CountQuestion ruled = question.in(question.contexts().stream()
                    .map(context -> ruledBy(context, never))
                    .toList());
            assertThat(total(ruled))
                    .as("never %s", named)
                    .isEqualTo(before.total().subtract(together));
            assertThat(totalContaining(ruled, named.toArray(Piece[]::new))).isZero();
        }
    }

    private static JudgementContext ruledBy(JudgementContext context, Ruling ruling) {
        List<Ruling> rulings = new ArrayList<>(context.overrides().rulings());
        rulings.add(ruling);
        return context.with(new Overrides(rulings));
    }

    /** Every combination wears at most one piece of a slot, and what must be worn is worn in every one. */
    @ParameterizedTest
    @MethodSource("questions")
    void figuresAddUp(CountQuestion question) {
        Counts counts = count(question);
        CountQuestion other = question.daring(!question.includeDaring());
        BigInteger works = question.includeDaring() ? counts.total().subtract(counts.daring()) : counts.total();
        assertThat(COUNTER.totals(other, Progress.NONE))
                .isEqualTo(new Totals(question.includeDaring() ? works : works.add(counts.daring()), counts.daring()));
        Map<PieceId, BigInteger> across = new HashMap<>();
        counts.perPair()
                .get(SlotPair.TOPS_AND_BOTTOMS)
                .forEach(cell ->
                        Stream.of(cell.a(), cell.b()).forEach(id -> across.merge(id, cell.n(), BigInteger::add)));
        across.forEach((id, n) -> assertThat(n)
                .as("%s across the other slot", id)
                .isLessThanOrEqualTo(counts.perPiece().get(id)));
        for (Piece piece : worn(question, counts).stream().limit(6).toList()) {
            Slot slot = piece.roles().get(0);
            BigInteger n = counts.perPiece().get(piece.id());
            assertThat(totalContaining(question, piece))
                    .as("containing %s", piece)
                    .isEqualTo(n);
            assertThat(total(question.wearing(Map.of(slot, piece.id()))))
                    .as("wearing %s", piece)
                    .isEqualTo(n);
            assertThat(total(question.without(Set.of(piece.id()))))
                    .as("without %s", piece)
                    .isEqualTo(counts.total().subtract(n));
        }
        assertThat(counts.total()).isLessThanOrEqualTo(counts.paper());
        assertThat(counts.missing().isEmpty())
                .as("nothing is missing")
                .isEqualTo(counts.paper().signum() > 0);
    }

    /** A combination counts once, however many of the contexts it works in. */
    @ParameterizedTest
    @MethodSource("questions")
    void aUnionIsNoMoreThanItsPartsAndNoLessThanAnyOfThem(CountQuestion question) {
        List<JudgementContext> contexts = question.contexts();
        BigInteger union = total(question);
        BigInteger sum = BigInteger.ZERO;
        for (JudgementContext context : contexts) {
            BigInteger part = total(question.in(List.of(context)));
            assertThat(union).isGreaterThanOrEqualTo(part);
            sum = sum.add(part);
        }
        assertThat(union).isLessThanOrEqualTo(sum);
        List<JudgementContext> twice = new ArrayList<>(contexts);
        twice.addAll(contexts);
        Collections.reverse(twice);
        assertThat(total(question.in(twice))).as("each context twice").isEqualTo(union);
    }

    /** Counting one slot more tells apart what was one, and loses nothing. */
    @ParameterizedTest
    @MethodSource("questions")
    void moreCountedSlotsAreMoreCombinations(CountQuestion question) {
        BigInteger clothes = total(question.counting(CountedSlots.CLOTHES));
        BigInteger outfits = total(question.counting(CountedSlots.OUTFITS));
        BigInteger coats = total(question.counting(CountedSlots.OUTFITS.and(Slot.COAT)));
        assertThat(total(question.counting(CountedSlots.BASES))).isLessThanOrEqualTo(clothes);
        long shoes = question.pieces().stream()
                .filter(piece -> piece.roles().contains(Slot.SHOES))
                .count();
        assertThat(clothes).isLessThanOrEqualTo(outfits);
        assertThat(outfits).isLessThanOrEqualTo(clothes.multiply(BigInteger.valueOf(shoes + 1)));
        assertThat(outfits).isLessThanOrEqualTo(coats);
    }

    /** A base is one that some clothes are put on over, and clothes one that some shoes go with. */
    @ParameterizedTest
    @MethodSource("questions")
    void eachStepOfTheLadderIsAProjectionOfTheNext(CountQuestion question) {
        CountQuestion outfits = question.counting(CountedSlots.OUTFITS).daring(false);
        if (total(outfits).compareTo(BigInteger.valueOf(READABLE)) <= 0) {
            for (CountedSlots fewer : List.of(CountedSlots.BASES, CountedSlots.CLOTHES)) {
                Set<Map<Slot, List<PieceId>>> projected = COUNTER.tuples(outfits, Progress.NONE).stream()
                        .map(one -> one.entrySet().stream()
                                .filter(entry -> fewer.has(entry.getKey()))
                                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)))
                        .collect(Collectors.toSet());
                assertThat(COUNTER.tuples(outfits.counting(fewer), Progress.NONE))
                        .doesNotHaveDuplicates()
                        .containsExactlyInAnyOrderElementsOf(projected);
            }
        }
    }

    /** Any page is the same part of the whole list, in order; each listed one is what the judge says it is. */
    @ParameterizedTest
    @MethodSource("questions")
    void pagesAreCutFromOneList(CountQuestion question) {
        Random random = new Random(question.pieces().size());
        CombinationPage head = COUNTER.list(question, 0, READABLE, Progress.NONE);
        List<Combination> all = head.combinations();
        assertThat(head.total()).isEqualTo(total(question));
        assertThat(all).hasSize(head.total().min(BigInteger.valueOf(READABLE)).intValueExact());
        assertThat(all.stream().map(Combination::slots)).doesNotHaveDuplicates();
        assertThat(all).isSortedAccordingTo(Comparator.comparing(Combination::verdict));
        if (head.total().equals(BigInteger.valueOf(all.size()))) {
            assertThat(COUNTER.tuples(question, Progress.NONE))
                    .isEqualTo(all.stream()
                            .filter(one -> one.verdict() == Verdict.WORKS)
                            .map(Combination::slots)
                            .toList());
        }
        for (int i = 0; i < 5 && !all.isEmpty(); i++) {
            int offset = random.nextInt(all.size());
            int limit = 1 + random.nextInt(30);
            assertThat(COUNTER.list(question, offset, limit, Progress.NONE).combinations())
                    .as("%d from %d", limit, offset)
                    .startsWith(all.subList(offset, Math.min(all.size(), offset + limit))
                            .toArray(Combination[]::new));
        }
        long far = head.total().min(BigInteger.valueOf(Long.MAX_VALUE)).longValueExact();
        assertThat(COUNTER.list(question, far, 5, Progress.NONE).combinations())
                .as("after the last")
                .isEmpty();
        assertThat(COUNTER.list(question, Math.max(0, far - 1), 5, Progress.NONE)
                        .combinations())
                .as("the last")
                .hasSize((int) Math.min(1, far));
        for (int i = 0; i < JUDGED && !all.isEmpty(); i++) {
            isJudged(all.get(random.nextInt(all.size())), question);
        }
    }

    private static void isJudged(Combination combination, CountQuestion question) {
        Map<PieceId, Piece> pieces = question.pieces().stream().collect(Collectors.toMap(Piece::id, piece -> piece));
        List<Worn> worn = new ArrayList<>();
        Stream.of(combination.slots(), combination.filled())
                .forEach(slots -> slots.forEach((slot, ids) ->
                        worn.add(Worn.of(slot, ids.stream().map(pieces::get).toList()))));
        assertThat(new Judge(Catalogue.standard(), combination.context())
                        .best(Outfit.of(worn))
                        .verdict())
                .as("%s", worn)
                .isEqualTo(combination.verdict());
    }
}
