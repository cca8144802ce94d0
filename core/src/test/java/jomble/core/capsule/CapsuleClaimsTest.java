package jomble.core.capsule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigInteger;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import jomble.core.Json;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.document.CapsuleReader;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Family;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;

/** Every sentence about a planned capsule, read against what the counter says of it. */
class CapsuleClaimsTest {
    private static final int PLANS = Integer.getInteger("jomble.capsules", 40);
    private static final Counter COUNTER = new DiagramCounter(Catalogue.standard());
    private static final String BRIEF = """
            {'occasions': [{'name': 'office', 'formalityLow': 3, 'formalityHigh': 5, 'timesPerWeek': 4},
                           {'name': 'weekend', 'formalityLow': 1, 'formalityHigh': 4, 'timesPerWeek': 2, 'outdoorMinutes': 60}],
             'seasons': [{'name': 'cold', 'months': [1, 2]}, {'name': 'warm', 'months': [7]}],
             'climate': [{'month': 1, 'lowC': 1, 'highC': 6, 'rainDays': 15}, {'month': 2, 'lowC': 4, 'highC': 9, 'rainDays': 12},
                         {'month': 7, 'lowC': 14, 'highC': 22, 'rainDays': 6}]}""";
    private static final List<String> WISHES = List.of(
            "{'size': 8}",
            "{'size': 12}",
            "{'size': 10, 'dryCleanMax': 2}",
            "{'size': 10, 'families': {'coat': {'min': 1}, 'jacket': {'max': 1}}}");

    private final Map<CapsulePlan.Why.Kind, Integer> met = new TreeMap<>();

    @Test
    void whatIsSaidOfEachPieceIsSo() {
        for (int seed = 1; seed <= PLANS; seed++) {
            CapsuleProblem problem = problem(seed, 18 + seed % 3 * 6, WISHES.get(seed % WISHES.size()));
            CapsulePlan plan = new CapsulePlanner(COUNTER).plan(problem, seed, 2, Progress.NONE);
            isProvedOnlyWhereNothingIsBetter(plan);
            String where = "seed " + seed + ": ";
            plan.reasons().forEach((id, reason) -> {
                String text = CapsuleTexts.text(reason.why());
                assertThat(text).as(where + id).isNotBlank().doesNotContain("{", "null", " 0 %");
                met.merge(reason.why().kind(), 1, Integer::sum);
                isSo(problem, plan, id, reason, where + id + ", \"" + text + "\"");
            });
        }
        assertThat(met.keySet())
                .contains(
                        CapsulePlan.Why.Kind.NEED_FAILS,
                        CapsulePlan.Why.Kind.ONLY_OF_FAMILY,
                        CapsulePlan.Why.Kind.FUNCTION,
                        CapsulePlan.Why.Kind.CARRIES);
    }

    private static void isSo(
            CapsuleProblem problem, CapsulePlan plan, PieceId id, CapsulePlan.Reason reason, String claim) {
        Piece piece = problem.pieces().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
        CapsulePlan.Why why = reason.why();
        List<Piece> others = problem.pieces().stream()
                .filter(one -> plan.pieces().contains(one.id()) && !one.id().equals(id))
                .toList();
        switch (why.kind()) {
            case NEED_FAILS ->
                assertThat(weakest(problem, plan, why.need(), Set.of(id)))
                        .as(claim)
                        .isZero();
            case ONLY_OF_FAMILY -> {
                Map<PieceId, BigInteger> inOutfits = COUNTER.count(
                                question(problem, plan).in(contexts(why.need())), List.of(), Progress.NONE)
                        .perPiece();
                assertThat(others)
                        .filteredOn(
                                other -> other.kind().family() == piece.kind().family())
                        .as(claim)
                        .allSatisfy(
                                other -> assertThat(inOutfits.get(other.id())).isZero());
            }
            case CARRIES -> {
                double before = weakest(problem, plan, why.need(), Set.of()).doubleValue();
                double after = weakest(problem, plan, why.need(), Set.of(id)).doubleValue();
                assertThat(CapsuleTexts.text(why))
                        .as(claim)
                        .contains(" " + Math.max(1, Math.round(100 * (1 - after / before))) + " %");
            }
            case ADDS -> {
                assertThat(reason.lost()).as(claim).isPositive();
                problem.needs()
                        .forEach(need -> assertThat(weakest(problem, plan, need, Set.of(id)))
                                .as(claim)
                                .isEqualTo(weakest(problem, plan, need, Set.of())));
            }
            case SPARE -> assertThat(reason.lost()).as(claim).isZero();
            case ASKED_FOR -> assertThat(problem.wishes().must()).as(claim).contains(id);
            case FUNCTION ->
                assertThat(others)
                        .as(claim)
                        .noneMatch(other ->
                                why.wish() == FunctionWish.COAT && other.kind().family() == Family.COAT);
        }
    }

    /** Where everything is proved, no swap is better; where the outfits are, no swap that grants the wishes has more. */
    private static void isProvedOnlyWhereNothingIsBetter(CapsulePlan plan) {
        EnumSet<CapsulePlan.Criterion> proved = EnumSet.noneOf(CapsulePlan.Criterion.class);
        proved.addAll(plan.provedFor());
        assertThat(plan.quality() == CapsulePlan.Quality.PROVED)
                .isEqualTo(proved.size() == CapsulePlan.Criterion.values().length);
        for (CapsulePlan.Swap swap : plan.swaps()) {
            assertThat(plan.quality()).isNotEqualTo(CapsulePlan.Quality.PROVED);
            if (proved.contains(CapsulePlan.Criterion.NEEDS) && swap.missed() == 0) {
                assertThat(swap.needsMetFraction())
                        .isLessThanOrEqualTo(plan.figures().needsMetFraction());
            }
            if (proved.contains(CapsulePlan.Criterion.OUTFITS) && swap.missed() == 0) {
                assertThat(BigInteger.valueOf(swap.outfits()))
                        .isLessThanOrEqualTo(plan.figures().outfits());
            }
        }
    }

    /** What was said once: "In 0 % of the outfits for null in null". */
    @Test
    void aReasonAboutNothingCannotBeMade() {
        for (CapsulePlan.Why.Kind kind : CapsulePlan.Why.Kind.values()) {
            assertThatThrownBy(() -> new CapsulePlan.Why(kind, Family.TOP, null, null, 0.5))
                    .isInstanceOf(IllegalArgumentException.class);
        }
        assertThatThrownBy(() -> new CapsulePlan.Why(CapsulePlan.Why.Kind.CARRIES, Family.TOP, null, null, 0))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** A camisole can be the top of an outfit, so it is not free beside a capsule's size; tights and belts are. */
    @Test
    void isFreeOnlyWhatCannotBeCounted() {
        Wardrobe wardrobe = WardrobeReader.read(Json.object("""
                        {'pieces': [{'id': 'cami', 'kind': 'camisole'}, {'id': 'thermal', 'kind': 'thermal-top'},
                                    {'id': 'tights', 'kind': 'opaque-tights'}, {'id': 'belt', 'kind': 'belt'},
                                    {'id': 'shawl', 'kind': 'shawl'}, {'id': 'shoes', 'kind': 'loafers'}]}"""), Kinds.shipped());
        CapsuleProblem problem = CapsuleReader.read(Node.root(Map.of()), wardrobe);
        assertThat(wardrobe.pieces())
                .filteredOn(problem::counts)
                .extracting(piece -> piece.id().value())
                .containsExactlyInAnyOrder("cami", "shawl", "shoes");
    }

    private static BigInteger weakest(CapsuleProblem problem, CapsulePlan plan, Need need, Set<PieceId> without) {
        return contexts(need).stream()
                .map(context -> COUNTER.totals(
                                question(problem, plan).in(List.of(context)).without(without), Progress.NONE)
                        .total())
                .min(BigInteger::compareTo)
                .orElseThrow();
    }

    private static List<JudgementContext> contexts(Need need) {
        return need.months().stream().map(Need.Month::context).distinct().toList();
    }

    private static CountQuestion question(CapsuleProblem problem, CapsulePlan plan) {
        List<Piece> worn = problem.pieces().stream()
                .filter(piece -> plan.pieces().contains(piece.id()) || !problem.counts(piece))
                .toList();
        return new CountQuestion(worn, contexts(problem.needs().get(0)), CountedSlots.OUTFITS, false, List.of(), true);
    }

    private static CapsuleProblem problem(int seed, int pieces, String wishes) {
        Map<String, Object> document =
                Map.of("pieces", SampleWardrobe.pieces(seed, pieces, 0.2), "brief", Json.object(BRIEF));
        Node node = Node.root(Json.object(wishes));
        CapsuleProblem problem = CapsuleReader.read(node, WardrobeReader.read(document, Kinds.shipped()));
        node.finish();
        return problem;
    }
}
