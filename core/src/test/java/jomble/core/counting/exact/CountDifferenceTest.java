package jomble.core.counting.exact;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.RandomWardrobes;
import jomble.core.counting.CountDifference;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.Ruling;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Structure;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.SetKind;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Differences against the counts they are taken from, on random wardrobes with a piece taken out and put back. */
class CountDifferenceTest {
    private final Counter counter = new DiagramCounter(Catalogue.standard());

    private Counts count(CountQuestion question) {
        return counter.count(question, List.of(), Progress.NONE);
    }

    @Test
    void addsUpToWhatIsCountedAfterwards() {
        int changed = 0;
        for (long seed = 1; seed <= 40; seed++) {
            RandomWardrobes wardrobes = new RandomWardrobes(seed);
            CountQuestion whole = new CountQuestion(
                    wardrobes.pieces(12), wardrobes.contexts(), CountedSlots.OUTFITS, seed % 2 == 0, List.of(), true);
            Piece out = whole.pieces().get((int) seed % whole.pieces().size());
            Counts before = count(whole);
            Counts after = count(whole.without(Set.of(out.id())));
            CountDifference lost = CountDifference.between(before, after);
            CountDifference found = CountDifference.between(after, before);

            assertThat(before.total().add(lost.total())).isEqualTo(after.total());
            assertThat(before.daring().add(lost.daring())).isEqualTo(after.daring());
            assertThat(before.paper().add(lost.paper())).isEqualTo(after.paper());
            assertThat(found.total()).isEqualTo(lost.total().negate());
            assertThat(found.relieved()).isEqualTo(lost.orphaned());
            assertThat(found.orphaned()).isEqualTo(lost.relieved());
            assertThat(lost.orphaned()).doesNotContain(out.id());
            assertThat(lost.perPiece())
                    .as("greatest change first")
                    .isSortedAccordingTo(
                            (a, b) -> b.change().abs().compareTo(a.change().abs()));
            for (CountDifference.OfPiece one : lost.perPiece()) {
                assertThat(one.before()).isEqualTo(before.perPiece().getOrDefault(one.id(), BigInteger.ZERO));
                assertThat(one.after()).isEqualTo(after.perPiece().getOrDefault(one.id(), BigInteger.ZERO));
            }
            long same = before.perPiece().entrySet().stream()
                    .filter(e -> e.getValue().equals(after.perPiece().getOrDefault(e.getKey(), BigInteger.ZERO)))
                    .count();
            assertThat(lost.perPiece()).hasSize((int) (before.perPiece().size() - same));
            changed += lost.perPiece().isEmpty() ? 0 : 1;
        }
        assertThat(changed).as("wardrobes in which it made a difference").isGreaterThan(10);
    }

    /** Taken out one by one or counted anew, it is the same that goes. */
    @Test
    void isTheSameWhenOnlyWhatGoesIsCounted() {
        int changed = 0;
        for (long seed = 100; seed < 260; seed++) {
            RandomWardrobes wardrobes = new RandomWardrobes(seed);
            CountedSlots counted = List.of(CountedSlots.OUTFITS, CountedSlots.CLOTHES, CountedSlots.LOOKS)
                    .get((int) seed % 3);
            CountQuestion whole = new CountQuestion(
                    wardrobes.pieces(11), wardrobes.contexts(), counted, seed % 2 == 0, List.of(), seed % 4 < 2);
            Set<PieceId> out = new TreeSet<>();
            for (int i = 0; i <= seed % 6; i++) {
                out.add(whole.pieces()
                        .get((int) (seed * (i + 3)) % whole.pieces().size())
                        .id());
            }
            Counts before = count(whole);
            CountDifference expected = CountDifference.between(before, count(whole.without(out)));
            assertThat(whole.leftOutBy(whole.without(out))).isEqualTo(out);
            Optional<CountDifference> told = counter.without(whole, before, out, Progress.NONE);
            if (told.isPresent()) {
                assertThat(told.get())
                        .as("seed %d without %s", seed, out)
                        .usingRecursiveComparison()
                        .isEqualTo(expected);
                changed += expected.total().signum() != 0 ? 1 : 0;
            }
        }
        assertThat(changed).as("wardrobes in which it made a difference").isGreaterThan(10);
    }

    /**
     * What goes is told without another count where nothing else can be better or otherwise with what is taken out: a scarf that
     * may define a waist, a bag that may relieve flat surfaces, and a set of three ear-rings and necklace of which two are left, are counted.
     */
    @ParameterizedTest
    @CsvSource({
        "shirt,            true",
        "shirt trousers,   true",
        "shoes,            true",
        "bag,              false",
        "satchel,          false",
        "belt,             false",
        "ring,             true",
        "drop studs,       true",
        "drop,             false",
        "drop studs chain, true"
    })
    void isToldAtOnceWhereNothingElseIsChanged(String out, boolean atOnce) {
        Set<PieceId> ids = ids(out);
        CountQuestion whole = new CountQuestion(
                DRESSED.pieces(), List.of(context()), CountedSlots.OUTFITS.and(Slot.JEWELLERY), true, List.of(), true);
        Counts before = count(whole);
        Optional<CountDifference> told = counter.without(whole, before, ids, Progress.NONE);
        assertThat(told.isPresent()).isEqualTo(atOnce);
        told.ifPresent(difference -> assertThat(difference)
                .usingRecursiveComparison()
                .isEqualTo(CountDifference.between(before, count(whole.without(ids)))));
    }

    private static final Wardrobe DRESSED = WardrobeReader.read(
            Map.of(
                    "pieces",
                    List.of(
                            piece("shirt", "shirt"),
                            piece("trousers", "tailored-trousers"),
                            piece("shoes", "loafers"),
                            piece("bag", "tote-bag"),
                            piece("satchel", "tote-bag"),
                            piece("belt", "belt"),
                            piece("ring", "ring"),
                            piece("drop", "earrings", "trio"),
                            piece("studs", "earrings", "trio"),
                            piece("chain", "necklace", "trio")),
                    "sets",
                    List.of(Map.of("id", "trio", "kind", "jewellery"))),
            Kinds.shipped());

    private static Map<String, Object> piece(String id, String kind) {
        return Map.of("id", id, "kind", kind, "colours", List.of("#1b1a1c"));
    }

    private static Map<String, Object> piece(String id, String kind, String set) {
        return Map.of("id", id, "kind", kind, "set", set, "colours", List.of("#c9a227"));
    }

    private static Set<PieceId> ids(String words) {
        return Stream.of(words.split(" ")).map(PieceId::new).collect(Collectors.toCollection(TreeSet::new));
    }

    private static JudgementContext context() {
        Ruling ruling =
                new Ruling("r1", List.copyOf(ids("satchel shirt shoes trousers")), Ruling.Decision.APPROVED, "", "");
        return JudgementContext.PLAIN.with(Map.of("trio", SetKind.JEWELLERY)).with(new Overrides(List.of(ruling)));
    }

    @Test
    void knowsWhenMoreIsChangedThanPiecesLeftOut() {
        RandomWardrobes wardrobes = new RandomWardrobes(3);
        CountQuestion whole = new CountQuestion(
                wardrobes.pieces(9), wardrobes.contexts(), CountedSlots.OUTFITS, false, List.of(), false);
        CountQuestion fewer = whole.without(Set.of(whole.pieces().get(0).id()));
        assertThat(whole.leftOutBy(fewer)).containsExactly(whole.pieces().get(0).id());
        assertThat(fewer.leftOutBy(whole)).isEmpty();
        assertThat(whole.leftOutBy(fewer.built(Structure.SEPARATES))).isEmpty();
        assertThat(whole.leftOutBy(whole)).isEmpty();
    }
}
