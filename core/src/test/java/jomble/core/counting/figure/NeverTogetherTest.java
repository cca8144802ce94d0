package jomble.core.counting.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.RandomWardrobes;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counts;
import jomble.core.counting.NeverTogether;
import jomble.core.counting.Progress;
import jomble.core.counting.SlotPair;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.judgement.Finding;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;

/** The rule that is named for two pieces that never meet is the one the judge blames most often. */
class NeverTogetherTest {
    private static final int WARDROBES = 120;
    private static final int PIECES = 12;
    private static final long FIRST_SEED = 20_261_126;
    private static final List<SlotPair> CROSSINGS = List.of(
            SlotPair.TOPS_AND_BOTTOMS, new SlotPair(Slot.BOTTOM, Slot.JACKET), new SlotPair(Slot.TOP, Slot.MID));

    /** The judge and the masks may take another of several equally bad ways to wear a pair. */
    private static final double ALIKE = 0.9;
    /** Between ways with as many stops and points the judge chooses by credits, which the masks leave out. */
    private static final double NAMED = 0.99;

    private final DiagramCounter counter = new DiagramCounter(Catalogue.standard());

    @Test
    void namesTheRuleTheJudgeBlamesMostOften() {
        int pairs = 0;
        int alike = 0;
        int named = 0;
        for (long seed = FIRST_SEED; seed < FIRST_SEED + WARDROBES; seed++) {
            RandomWardrobes wardrobes = new RandomWardrobes(seed);
            CountQuestion question = new CountQuestion(
                    wardrobes.pieces(PIECES), wardrobes.contexts(), CountedSlots.OUTFITS, false, List.of(), false);
            for (SlotPair pair : CROSSINGS) {
                for (NeverTogether never :
                        counter.count(question, List.of(pair), Progress.NONE).neverTogether()) {
                    Map<String, Integer> votes = votes(question, pair, never);
                    if (votes.isEmpty()) {
                        continue;
                    }
                    named += votes.containsKey(never.rule()) ? 1 : 0;
                    pairs++;
                    alike += Collections.max(votes.values()).equals(votes.get(never.rule())) ? 1 : 0;
                }
            }
        }
        assertThat(pairs).isGreaterThan(WARDROBES);
        assertThat(named).isGreaterThan((int) (NAMED * pairs));
        assertThat(alike).isGreaterThan((int) (ALIKE * pairs));
    }

    /** What the cells of a table and its never-pairs are made of: every pair of two counted slots is in one of them, no other is. */
    @Test
    void partsThePairsOfCountedSlotsIntoThoseThatMeetAndThoseThatNeverDo() {
        for (long seed = FIRST_SEED; seed < FIRST_SEED + WARDROBES / 4; seed++) {
            RandomWardrobes wardrobes = new RandomWardrobes(seed);
            CountQuestion question = new CountQuestion(
                    wardrobes.pieces(PIECES), wardrobes.contexts(), CountedSlots.CLOTHES, false, List.of(), false);
            for (SlotPair pair : List.of(SlotPair.TOPS_AND_BOTTOMS, new SlotPair(Slot.TOP, Slot.SHOES))) {
                Counts counts = counter.count(question, List.of(pair), Progress.NONE);
                Stream<List<PieceId>> met =
                        counts.perPair().get(pair).stream().map(cell -> List.of(cell.a(), cell.b()));
                Stream<List<PieceId>> never = counts.neverTogether().stream().map(one -> List.of(one.a(), one.b()));
                assertThat(Stream.concat(met, never).toList())
                        .as("seed %d, %s", seed, pair)
                        .containsExactlyInAnyOrderElementsOf(
                                CountedSlots.CLOTHES.has(pair.second()) ? pairs(question, pair) : List.of());
            }
        }
    }

    private static List<List<PieceId>> pairs(CountQuestion question, SlotPair pair) {
        return question.pieces().stream()
                .filter(one -> one.hasRole(pair.first()))
                .flatMap(one -> question.pieces().stream()
                        .filter(other -> other.hasRole(pair.second()) && !other.equals(one))
                        .map(other -> List.of(one.id(), other.id())))
                .toList();
    }

    /** By rule, how many of the plainest outfits with both the judge blames on it; on warmth only where no other rule forbids any. */
    private static Map<String, Integer> votes(CountQuestion question, SlotPair pair, NeverTogether never) {
        Map<String, Integer> withoutWarmth = votes(question, pair, never, false);
        return withoutWarmth.isEmpty() ? votes(question, pair, never, true) : withoutWarmth;
    }

    private static Map<String, Integer> votes(
            CountQuestion question, SlotPair pair, NeverTogether never, boolean warmth) {
        List<Worn> both = List.of(
                Worn.of(pair.first(), piece(question, never.a())), Worn.of(pair.second(), piece(question, never.b())));
        Map<String, Integer> votes = new TreeMap<>();
        Arrays.stream(Structure.values())
                .filter(structure -> both.stream()
                        .allMatch(one -> structure.allows(one.slot()) && structure.takes(one.slot(), one.piece())))
                .findFirst()
                .ifPresent(structure -> {
                    List<List<Worn>> outfits = List.of(both);
                    for (Slot slot :
                            structure.mandatory(question.contexts().get(0).wantsShoes())) {
                        if (slot != pair.first() && slot != pair.second()) {
                            outfits = outfits.stream()
                                    .flatMap(outfit -> withOneMore(outfit, slot, question))
                                    .toList();
                        }
                    }
                    for (List<Worn> outfit : outfits) {
                        question.contexts()
                                .forEach(context -> blamed(outfit, context, warmth)
                                        .forEach(rule -> votes.merge(rule, 1, Integer::sum)));
                    }
                });
        return votes;
    }

    private static Stream<List<Worn>> withOneMore(List<Worn> outfit, Slot slot, CountQuestion question) {
        return question.pieces().stream()
                .filter(piece -> piece.hasRole(slot)
                        && outfit.stream().noneMatch(worn -> worn.piece().equals(piece)))
                .map(piece -> {
                    List<Worn> more = new ArrayList<>(outfit);
                    more.add(Worn.of(slot, piece));
                    return more;
                });
    }

    private static Set<String> blamed(List<Worn> outfit, JudgementContext context, boolean warmth) {
        Judgement judgement = new Judge(Catalogue.standard(), context).best(Outfit.of(outfit));
        List<Finding> faults = judgement.findings().stream()
                .filter(finding ->
                        finding.kind() == FindingKind.STOP || finding.kind().points() > 0)
                .filter(finding -> warmth || !finding.rule().equals("weather.warmth"))
                .toList();
        boolean stopped = faults.stream().anyMatch(finding -> finding.kind() == FindingKind.STOP);
        Map<String, Integer> points = new TreeMap<>();
        faults.forEach(finding -> points.merge(finding.rule(), finding.kind().points(), Math::max));
        int sum = points.values().stream().mapToInt(Integer::intValue).sum();
        return !stopped && sum <= Verdict.WORKS.mostPoints()
                ? Set.of()
                : faults.stream()
                        .filter(finding -> !stopped || finding.kind() == FindingKind.STOP)
                        .map(Finding::rule)
                        .collect(Collectors.toSet());
    }

    private static Piece piece(CountQuestion question, PieceId id) {
        return question.pieces().stream()
                .filter(piece -> piece.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
