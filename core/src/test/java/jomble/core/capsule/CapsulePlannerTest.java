package jomble.core.capsule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jomble.core.Json;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.document.CapsuleReader;
import jomble.core.document.Parts;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Family;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.sample.SampleWardrobe;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Planned capsules: what is said of them is what the counter says, what was wished holds, and nothing better is next to them. */
class CapsulePlannerTest {
    private static final Counter COUNTER = new DiagramCounter(Catalogue.standard());
    private static final int WIDENED = Integer.getInteger("jomble.capsules", 6);
    private static final int ROUNDS = 6;
    private static final String BRIEF = """
            {'occasions': [{'name': 'office', 'formalityLow': 3, 'formalityHigh': 5, 'timesPerWeek': 4, 'work': true},
                           {'name': 'weekend', 'formalityLow': 1, 'formalityHigh': 4, 'timesPerWeek': 2, 'outdoorMinutes': 60}],
             'seasons': [{'name': 'cold', 'months': [1, 2]}, {'name': 'warm', 'months': [7]}],
             'climate': [{'month': 1, 'lowC': 1, 'highC': 6, 'rainDays': 15}, {'month': 2, 'lowC': 4, 'highC': 9, 'rainDays': 12},
                         {'month': 7, 'lowC': 14, 'highC': 22, 'rainDays': 6}]}""";

    private static Wardrobe wardrobe(int seed, int size) {
        Map<String, Object> document =
                Map.of("pieces", SampleWardrobe.pieces(seed, size, 0.2), "brief", Json.object(BRIEF));
        return WardrobeReader.read(document, Kinds.shipped());
    }

    private static CapsuleProblem problem(Wardrobe wardrobe, String wishes) {
        Node node = Node.root(Json.object(wishes));
        CapsuleProblem problem = CapsuleReader.read(node, wardrobe);
        node.finish();
        return problem;
    }

    private static CompiledCapsule compiled(CapsuleProblem problem) {
        return new CapsuleCompiler(COUNTER).compile(problem, 1, Progress.NONE);
    }

    private static CapsulePlan plan(CapsuleProblem problem) {
        return new CapsulePlanner(COUNTER).plan(problem, 7, ROUNDS, Progress.NONE);
    }

    private static CountQuestion counted(CapsuleProblem problem, CapsulePlan plan) {
        List<Piece> worn = problem.pieces().stream()
                .filter(piece -> plan.pieces().contains(piece.id()) || !problem.counts(piece))
                .toList();
        return new CountQuestion(
                worn,
                problem.needs().stream()
                        .flatMap(need -> need.months().stream())
                        .map(Need.Month::context)
                        .distinct()
                        .toList(),
                CountedSlots.OUTFITS,
                false,
                List.of(),
                true);
    }

    /** What counts is a wish: the size asked for is the size got, and what is free does not count. */
    @ParameterizedTest
    @CsvSource({
        "everything, 10, true, true",
        "clothes-and-shoes, 10, true, false",
        "clothes, 8, false, false",
    })
    void countsWhatIsWishedToCount(String school, int size, boolean shoesCount, boolean bagsCount) {
        Wardrobe wardrobe = wardrobe(4, 50);
        CapsuleProblem problem =
                problem(wardrobe, "{'size': %d, 'schools': {'capsule-size': '%s'}}".formatted(size, school));
        CapsulePlan plan = plan(problem);
        assertThat(plan.pieces()).hasSize(size);
        assertThat(wardrobe.pieces()).allSatisfy(piece -> {
            if (piece.isFirstOf(Slot.SHOES) || piece.isFirstOf(Slot.BAG)) {
                assertThat(problem.counts(piece))
                        .as(piece.label())
                        .isEqualTo(piece.isFirstOf(Slot.SHOES) ? shoesCount : bagsCount);
            }
        });
        SavedCapsule saved = new SavedCapsule(
                "c",
                "c",
                "",
                null,
                new SavedCapsule.Version(
                        plan.pieces(), Map.of("schools", Map.of("capsule-size", school)), Instant.EPOCH),
                List.of());
        assertThat(wardrobe.within(saved).pieces())
                .isEqualTo(wardrobe.pieces().stream()
                        .filter(piece -> plan.pieces().contains(piece.id()) || !problem.counts(piece))
                        .toList());
    }

    @Test
    void refusesASchoolThatIsNoWish() {
        assertThatThrownBy(() -> problem(wardrobe(1, 20), "{'schools': {'metals': 'mixed'}}"))
                .hasMessageContaining("/schools/metals");
        assertThatThrownBy(() -> problem(wardrobe(1, 20), "{'schools': {'capsule-size': 'shoes'}}"))
                .hasMessageContaining("/schools/capsule-size");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void saysWhatTheCounterSays(int seed) {
        CapsuleProblem problem = problem(wardrobe(seed, 60), "{'size': 12}");
        CapsulePlan plan = plan(problem);
        Counts counts = COUNTER.count(counted(problem, plan), List.of(), Progress.NONE);
        assertThat(plan.pieces()).hasSize(12).doesNotHaveDuplicates();
        assertThat(plan.figures().outfits()).isEqualTo(counts.total()).isPositive();
        assertThat(plan.figures().paper()).isEqualTo(counts.paper());
        plan.reasons().forEach((id, reason) -> {
            assertThat(reason.in().add(reason.completes()))
                    .as(id.value())
                    .isEqualTo(counts.perPiece().getOrDefault(id, BigInteger.ZERO));
            BigInteger without = COUNTER.totals(counted(problem, plan).without(Set.of(id)), Progress.NONE)
                    .total();
            assertThat(reason.lost())
                    .as("lost without " + id)
                    .isEqualTo(counts.total().subtract(without));
            assertThat(CapsuleTexts.text(reason.why())).doesNotContain("{", "null");
        });
        double met = 0;
        double all = 0;
        for (int i = 0; i < problem.needs().size(); i++) {
            Need need = problem.needs().get(i);
            CapsulePlan.NeedMet told = plan.figures().needs().get(i);
            BigInteger weakest = need.months().stream()
                    .map(month -> COUNTER.totals(counted(problem, plan).in(List.of(month.context())), Progress.NONE)
                            .total())
                    .min(Comparator.naturalOrder())
                    .orElseThrow();
            assertThat(told.weakestMonthOutfits()).isEqualTo(weakest);
            all += need.timesPerWeek();
            met += need.timesPerWeek() * Math.min(weakest.doubleValue(), need.outfits()) / need.outfits();
        }
        assertThat(plan.figures().needsMetFraction()).isEqualTo(met / all);
        CapsulePlan.Without spared = plan.figures().hardestToSpare();
        assertThat(spared.outfits())
                .isEqualTo(COUNTER.totals(counted(problem, plan).without(Set.of(spared.piece())), Progress.NONE)
                        .total()
                        .longValueExact());
        assertThat(plan(problem)).as("the same seed").isEqualTo(plan);
        boolean isSearchedAsItIs = problem.searched().equals(problem.pieces());
        assertThat(plan.upperBound() != null).as("a bound is known").isEqualTo(isSearchedAsItIs);
        assertThat(isSearchedAsItIs ? plan.upperBound() : Long.MAX_VALUE)
                .isGreaterThanOrEqualTo(counts.total().longValueExact());
    }

    @Test
    void doesWhatWasWished() {
        Wardrobe wardrobe = wardrobe(4, 60);
        CapsulePlan free = plan(problem(wardrobe, "{'size': 14}"));
        PieceId out = free.pieces().get(0);
        PieceId in = free.nearest().get(free.nearest().size() - 1).piece();
        CapsuleProblem problem = problem(
                wardrobe,
                "{'size': {'min': 10, 'max': 13}, 'must': ['%s'], 'never': ['%s'], 'families': {'top': {'max': 4}, 'shoes': {'min': 3, 'max': 3}}, 'dryCleanMax': 1, 'palette': {'bases': 3, 'accents': 2}, 'seasons': ['cold']}"
                        .formatted(in, out));
        CapsulePlan plan = plan(problem);
        assertThat(plan.pieces()).hasSizeBetween(10, 13).contains(in).doesNotContain(out);
        assertThat(plan.missed()).isEmpty();
        List<Piece> chosen = plan.pieces().stream()
                .map(id -> wardrobe.find(id).orElseThrow())
                .toList();
        assertThat(chosen)
                .filteredOn(piece -> piece.kind().family() == Family.SHOES)
                .hasSize(3);
        assertThat(chosen)
                .filteredOn(piece -> piece.kind().family() == Family.TOP)
                .hasSizeLessThanOrEqualTo(4);
        assertThat(chosen).filteredOn(Function::needsDryCleaner).hasSizeLessThanOrEqualTo(1);
        assertThat(chosen.stream()
                        .map(Piece::colourFamily)
                        .filter(colour -> !colour.isNeutral())
                        .distinct())
                .hasSizeLessThanOrEqualTo(2);
        assertThat(chosen)
                .as("a coat for the cold")
                .anyMatch(piece -> piece.kind().family() == Family.COAT);
        assertThat(plan.figures().needs())
                .extracting(CapsulePlan.NeedMet::season)
                .containsOnly("cold");
    }

    /** Every choice of five of sixteen is tried. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void findsTheBestOfAll(int seed) {
        CompiledCapsule compiled = compiled(problem(wardrobe(seed, 24), "{'size': 5, 'without': ['tops-share']}"));
        int[] pool = compiled.pool();
        Score best = null;
        long most = 0;
        long mostOfAllWishes = 0;
        for (int[] members : choices(pool, 5)) {
            Score score = new Choice(compiled.candidates().length, compiled.free(), members).score(compiled.aim());
            best = best == null || Score.BY_OUTFITS.compare(score, best) < 0 ? score : best;
            most = Math.max(most, score.outfits());
            mostOfAllWishes = Math.max(mostOfAllWishes, score.missed() == 0 ? score.outfits() : 0);
        }
        assertThat(OutfitBound.of(compiled, 5, false, 2000, Progress.NONE).orElseThrow())
                .isBetween(most, 3 * most);
        assertThat(OutfitBound.of(compiled, 5, true, 2000, Progress.NONE).orElse(0L))
                .isGreaterThanOrEqualTo(mostOfAllWishes);
        Score found = compiled.search(seed)
                .mostOutfits(5, null, 3 * ROUNDS, Progress.NONE)
                .score();
        assertThat(Score.BY_OUTFITS.compare(found, best))
                .as("%s for %s", found, best)
                .isZero();
    }

    /** Any choice by hand, with pieces in it that complete what others make. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void saysOfAChoiceByHandWhatTheCounterSays(int seed) {
        CapsuleProblem problem = problem(wardrobe(seed, 60), "{'size': 12}");
        CapsulePlanner planner = new CapsulePlanner(COUNTER);
        List<PieceId> counted = problem.pieces().stream()
                .filter(problem::counts)
                .map(Piece::id)
                .collect(Collectors.toCollection(ArrayList::new));
        for (int size : new int[] {0, 3, 9, 15}) {
            Collections.shuffle(counted, new Random(seed + size));
            CapsulePlan look = planner.look(problem, counted.subList(0, size), 1, Progress.NONE);
            CountQuestion question = counted(problem, look);
            assertThat(look.pieces()).containsExactlyInAnyOrderElementsOf(counted.subList(0, size));
            assertThat(look.figures().outfits())
                    .isEqualTo(COUNTER.totals(question, Progress.NONE).total());
            assertThat(look.curve()).isEmpty();
            for (int i = 0; i < problem.needs().size(); i++) {
                List<Need.Month> months = problem.needs().get(i).months();
                CapsulePlan.NeedMet told = look.figures().needs().get(i);
                assertThat(told.outfits()).isEqualTo(total(question, months));
                assertThat(told.weakestMonthOutfits())
                        .isEqualTo(months.stream()
                                .map(month -> total(question, List.of(month)))
                                .min(Comparator.naturalOrder())
                                .orElseThrow());
            }
            look.seasonal().forEach((id, seasons) -> {
                List<String> without = problem.needs().stream()
                        .filter(need -> !seasons.contains(need.season().name()))
                        .filter(need -> COUNTER.count(question.in(contexts(need.months())), List.of(), Progress.NONE)
                                        .perPiece()
                                        .getOrDefault(id, BigInteger.ZERO)
                                        .signum()
                                > 0)
                        .map(need -> need.season().name())
                        .toList();
                assertThat(without).as("%s is for %s", id, seasons).isEmpty();
            });
        }
    }

    private static BigInteger total(CountQuestion question, List<Need.Month> months) {
        return COUNTER.totals(question.in(contexts(months)), Progress.NONE).total();
    }

    private static List<JudgementContext> contexts(List<Need.Month> months) {
        return months.stream().map(Need.Month::context).distinct().toList();
    }

    /** What any of them must have or must not have holds for what all of them share, whichever of them it is. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1})
    void theCoreKeepsToTheWishesOfEveryCapsule(int asking) {
        Wardrobe wardrobe = wardrobe(1, 60);
        List<String> seasons = List.of("cold", "warm");
        SharedCapsules shared = new SharedCapsules(new CapsulePlanner(COUNTER));
        List<PieceId> usual = shared.core(
                seasons.stream().map(one -> problem(wardrobe, shared(one, ""))).toList(), 5, 1, 2, Progress.NONE);
        String banned = usual.get(0).value();
        String wanted = usual.get(1).value();
        List<CapsuleProblem> parts = IntStream.range(0, 2)
                .mapToObj(i -> problem(
                        wardrobe,
                        shared(
                                seasons.get(i),
                                i == asking ? ", 'never': ['%s'], 'must': ['%s']".formatted(banned, wanted) : "")))
                .toList();
        List<PieceId> core = shared.core(parts, 5, 1, 2, Progress.NONE);
        assertThat(core).contains(new PieceId(wanted)).doesNotContain(new PieceId(banned));
    }

    private static String shared(String season, String more) {
        return "{'size': 12, 'seasons': ['%s']%s}".formatted(season, more);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void capsulesOfTheSeasonsShareTheirCore(int seed) {
        Wardrobe wardrobe = wardrobe(seed, 60);
        List<CapsuleProblem> parts = Stream.of("cold", "warm")
                .map(season -> problem(wardrobe, "{'size': 12, 'seasons': ['%s']}".formatted(season)))
                .toList();
        SharedCapsules shared = new SharedCapsules(new CapsulePlanner(COUNTER));
        List<PieceId> core = shared.core(parts, 5, 1, 2, Progress.NONE);
        assertThat(core).hasSizeBetween(1, 5).doesNotHaveDuplicates();
        for (CapsuleProblem problem : parts) {
            SharedCapsules.Part part = shared.part(problem, core, 1, 2, Progress.NONE);
            assertThat(part.plan().pieces()).hasSize(12).containsAll(core);
            Counts all = COUNTER.count(
                    new CountQuestion(
                            problem.pieces(),
                            contexts(problem.needs().stream()
                                    .flatMap(need -> need.months().stream())
                                    .toList()),
                            CountedSlots.OUTFITS,
                            false,
                            List.of(),
                            true),
                    List.of(),
                    Progress.NONE);
            assertThat(core).allSatisfy(id -> assertThat(all.perPiece().get(id)).isPositive());
            assertThat(part.alone().pieces()).hasSize(12);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void aCandidateMoreIsNeverWorse(int seed) {
        Wardrobe wardrobe = wardrobe(seed, 24);
        CompiledCapsule all = compiled(problem(wardrobe, "{'size': 6}"));
        Score before = all.search(1).mostOutfits(6, null, ROUNDS, Progress.NONE).score();
        PieceId out = all.id(all.pool()[seed]);
        CompiledCapsule fewer = compiled(problem(wardrobe, "{'size': 6, 'never': ['%s']}".formatted(out)));
        Score less = fewer.search(1).mostOutfits(6, null, ROUNDS, Progress.NONE).score();
        assertThat(less.missed() > before.missed() || Score.BY_OUTFITS.compare(before, less) <= 0)
                .as("%s with %s, %s without", before, out, less)
                .isTrue();
    }

    @Test
    void plansForAnotherClimate() {
        CapsuleProblem away = problem(wardrobe(2, 60), "{'seasons': ['cold'], 'place': 'Oru Terrace'}");
        assertThat(away.needs())
                .flatExtracting(Need::months)
                .allSatisfy(month -> assertThat(month.climate().lowC()).isGreaterThan(15));
        assertThatThrownBy(() -> problem(wardrobe(2, 60), "{'place': 'Oru Terace'}"))
                .hasMessageContaining("/place")
                .hasMessageContaining("Oru Terrace");
    }

    @Test
    void choosesFromAnotherCapsule() {
        Wardrobe wardrobe = wardrobe(2, 60);
        CapsulePlan large = plan(problem(wardrobe, "{'size': 20}"));
        Wardrobe keeping = wardrobe.with(
                Parts.CAPSULES,
                List.of(new SavedCapsule(
                        "c1",
                        "Year",
                        "",
                        null,
                        new SavedCapsule.Version(large.pieces(), Map.of(), Instant.EPOCH),
                        List.of())));
        CapsulePlan trip = plan(problem(keeping, "{'size': 8, 'from': {'capsule': 'c1'}, 'seasons': ['cold']}"));
        assertThat(trip.pieces()).hasSize(8).isSubsetOf(large.pieces());
        assertThatThrownBy(() -> problem(keeping, "{'from': {'capsule': 'c2'}}"))
                .hasMessageContaining("/from/capsule");
        assertThatThrownBy(() -> problem(keeping, "{'from': {'tag': 'beach'}}")).hasMessageContaining("/from/tag");
    }

    private static List<int[]> choices(int[] pool, int size) {
        List<int[]> all = new ArrayList<>();
        choose(pool, 0, new int[size], 0, all);
        return all;
    }

    private static void choose(int[] pool, int from, int[] chosen, int count, List<int[]> all) {
        if (count == chosen.length) {
            all.add(chosen.clone());
            return;
        }
        for (int i = from; i < pool.length; i++) {
            chosen[count] = pool[i];
            choose(pool, i + 1, chosen, count + 1, all);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.05, 0.1, 0.2, 0.3})
    void givesUpNoMoreForVarietyThanIsAllowed(double cost) {
        CompiledCapsule compiled = compiled(problem(wardrobe(5, 50), "{'size': 10}"));
        CapsuleSearch search = compiled.search(1);
        CapsuleSearch.Found most = search.mostOutfits(10, null, ROUNDS, Progress.NONE);
        CapsuleSearch.Found varied = search.mostVaried(most, cost, ROUNDS, Progress.NONE);
        most.choice().score(compiled.aim());
        long[] before = contexts(compiled.aim().outfits());
        varied.choice().score(compiled.aim());
        long[] after = contexts(compiled.aim().outfits());
        assertThat(varied.score().variety()).isGreaterThanOrEqualTo(most.score().variety());
        assertThat((double) varied.score().outfits())
                .isGreaterThanOrEqualTo((1 - cost) * most.score().outfits());
        for (int i = 0; i < before.length; i++) {
            assertThat((double) after[i]).as("context %d", i).isGreaterThanOrEqualTo(0.6 * before[i]);
        }
        assertThat(varied.score().missed()).isLessThanOrEqualTo(most.score().missed());
        assertThat(varied.score().needsMet())
                .isGreaterThanOrEqualTo(most.score().needsMet());
        assertThat(varied.score().earning()).isGreaterThanOrEqualTo(most.score().earning());
    }

    private static long[] contexts(Outfits outfits) {
        return IntStream.range(0, outfits.contexts()).mapToLong(outfits::in).toArray();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "favourite   | 0                                | 2",
                "wearsBefore | 3                                | 40",
                "cost        | {'amount': 80, 'currency':'EUR'} | {'amount': 20, 'currency': 'EUR'}"
            })
    void ofTwoPiecesAlikeThePreferredIsChosen(String attribute, String ofOne, String ofOther) {
        List<Map<String, Object>> pieces = new ArrayList<>();
        Map<String, Object> both = Json.object("{'one': " + ofOne + ", 'other': " + ofOther + "}");
        for (Map<String, Object> sample : SampleWardrobe.pieces(5, 24, 0)) {
            Map<String, Object> piece = new LinkedHashMap<>(sample);
            piece.put("wearsBefore", 1);
            piece.put("cost", Map.of("amount", 50, "currency", "EUR"));
            piece.put(attribute, both.get("one"));
            pieces.add(piece);
            Map<String, Object> twin = new LinkedHashMap<>(piece);
            twin.put("id", piece.get("id") + "-twin");
            twin.put(attribute, both.get("other"));
            pieces.add(twin);
        }
        Map<String, Object> document = Map.of("pieces", pieces, "brief", Json.object(BRIEF));
        CapsulePlan plan = plan(problem(WardrobeReader.read(document, Kinds.shipped()), "{'size': 10}"));
        List<String> chosen = plan.pieces().stream().map(PieceId::value).toList();
        assertThat(chosen)
                .anyMatch(id -> id.endsWith("-twin"))
                .filteredOn(id -> !id.endsWith("-twin"))
                .allMatch(id -> chosen.contains(id + "-twin"));
        CapsulePlan.Preferred preferred = plan.figures().preferred();
        long twins = chosen.stream().filter(id -> id.endsWith("-twin")).count();
        assertThat(preferred.favourites()).isEqualTo(attribute.equals("favourite") ? twins : 0);
        assertThat(preferred.costPerWear().amount())
                .isEqualTo(
                        switch (attribute) {
                            case "favourite" -> new BigDecimal("50.00");
                            case "wearsBefore" -> mean(new BigDecimal(50 / 40.0), new BigDecimal(50.0 / 3), twins);
                            default -> mean(BigDecimal.valueOf(20), BigDecimal.valueOf(80), twins);
                        });
    }

    private static BigDecimal mean(BigDecimal ofTwins, BigDecimal ofOthers, long twins) {
        return ofTwins.multiply(BigDecimal.valueOf(twins))
                .add(ofOthers.multiply(BigDecimal.valueOf(10 - twins)))
                .divide(BigDecimal.TEN, 2, RoundingMode.HALF_EVEN);
    }

    @Test
    void favouritesComeBeforeCostAndCostBeforeTheWholeYear() {
        List<Preference> order = List.of(
                new Preference(2, 9, 0),
                new Preference(1, 2, 0),
                new Preference(1, 3, 4),
                new Preference(1, 3, 2),
                new Preference(1, Long.MAX_VALUE, 5));
        assertThat(order).isSortedAccordingTo(Preference.ORDER);
    }

    /** A plan with fewer limits that starts from the one with more is not worse, however short its search. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'dryCleanMax': 2",
                "'palette': {'bases': 2, 'accents': 1}",
                "'families': {'one-piece': {'max': 0}}",
                "'never': ['p3', 'p7']",
                "'dryCleanMax': 1, 'palette': {'bases': 3, 'accents': 1}"
            })
    void takingAWishAwayIsNotWorse(String limit) {
        for (int seed = 1; seed <= WIDENED; seed++) {
            Wardrobe wardrobe = wardrobe(seed, 40 + seed);
            CapsuleProblem wide = problem(wardrobe, "{'size': 12, 'varietyCostFraction': 0}");
            CapsulePlan limited = plan(problem(wardrobe, "{'size': 12, 'varietyCostFraction': 0, " + limit + "}"));
            CapsulePlan wider = new CapsulePlanner(COUNTER)
                    .plan(
                            wide,
                            new CapsulePlanner.Search(7, 1, Set.copyOf(limited.pieces())),
                            Progress.NONE,
                            better -> {});
            CompiledCapsule compiled = compiled(wide);
            assertThat(Score.BY_OUTFITS.compare(
                            compiled.choice(wider.pieces()).score(compiled.aim()),
                            compiled.choice(limited.pieces()).score(compiled.aim())))
                    .as("seed " + seed)
                    .isNotPositive();
        }
    }

    /** A start of another size, with pieces that may not be in, is brought to what is asked. */
    @Test
    void startsFromWhatIsPossible() {
        Wardrobe wardrobe = wardrobe(3, 40);
        Set<PieceId> start = Set.copyOf(plan(problem(wardrobe, "{'size': 16}")).pieces());
        String out = start.iterator().next().value();
        CapsulePlan plan = new CapsulePlanner(COUNTER)
                .plan(
                        problem(wardrobe, "{'size': 9, 'never': ['" + out + "']}"),
                        new CapsulePlanner.Search(7, 2, start),
                        Progress.NONE,
                        better -> {});
        assertThat(plan.pieces()).hasSize(9).doesNotContain(new PieceId(out));
    }

    @Test
    void namesTheBestSwaps() {
        CapsuleProblem problem = problem(wardrobe(5, 50), "{'size': 10}");
        CapsulePlan plan = plan(problem);
        CompiledCapsule compiled = compiled(problem);
        int[] members = plan.pieces().stream()
                .mapToInt(id -> indexOf(problem, id))
                .sorted()
                .toArray();
        List<Score> all = new ArrayList<>();
        for (int i = 0; i < members.length; i++) {
            for (int in : compiled.pool()) {
                Choice choice = new Choice(problem.pieces().size(), compiled.free(), members);
                if (!choice.has(in)) {
                    choice.swap(i, in);
                    all.add(choice.score(compiled.aim()));
                }
            }
        }
        all.sort(Score.BY_OUTFITS);
        assertThat(plan.swaps())
                .extracting(CapsulePlan.Swap::outfits)
                .containsExactlyElementsOf(
                        all.stream().limit(5).map(Score::outfits).toList());
    }

    private static int indexOf(CapsuleProblem problem, PieceId id) {
        for (int i = 0; i < problem.pieces().size(); i++) {
            if (problem.pieces().get(i).id().equals(id)) {
                return i;
            }
        }
        throw new AssertionError(id);
    }

    @Test
    void theElbowIsTheSmallestThatMeetsTheNeeds() {
        List<CapsulePlan.Size> curve = List.of(
                new CapsulePlan.Size(8, 1, 1, 1, 40),
                new CapsulePlan.Size(9, 0, 0.8, 0.8, 60),
                new CapsulePlan.Size(10, 0, 0.995, 0.9, 90),
                new CapsulePlan.Size(11, 0, 1, 1, 140));
        assertThat(CapsulePlanner.elbow(curve)).isEqualTo(10);
        assertThat(CapsulePlanner.elbow(curve.subList(0, 1))).isEqualTo(8);
    }

    @Test
    void moreRoundsAreNeverWorse() {
        CompiledCapsule compiled = compiled(problem(wardrobe(6, 60), "{'size': 12}"));
        Score before = null;
        for (int rounds : new int[] {0, 1, 3, 9}) {
            Score found = compiled.search(3)
                    .mostOutfits(12, null, rounds, Progress.NONE)
                    .score();
            assertThat(before == null || Score.BY_OUTFITS.compare(found, before) <= 0)
                    .as("%d rounds", rounds)
                    .isTrue();
            before = found;
        }
    }

    @Test
    void saysWhatCannotBeAndWhatWould() {
        CapsulePlan plan =
                plan(problem(wardrobe(7, 60), "{'size': 8, 'families': {'shoes': {'min': 7}, 'bottom': {'min': 3}}}"));
        assertThat(plan.missed()).extracting(CapsulePlan.Missed::wish).contains(FunctionWish.FAMILIES);
        assertThat(CapsuleTexts.text(plan.missed().get(0))).doesNotContain("{").contains("A capsule of 1");
    }

    @Test
    void stopsWhenItIsAskedTo() {
        CapsuleProblem problem = problem(wardrobe(8, 40), "{}");
        assertThatThrownBy(() -> new CapsulePlanner(COUNTER).plan(problem, 1, 50, done -> done < 0.5))
                .isInstanceOf(CountingStoppedException.class);
    }

    @ParameterizedTest
    @EnumSource(FunctionWish.class)
    void everyWishHasItsSentences(FunctionWish wish) {
        assertThat(CapsuleTexts.text(new CapsulePlan.Missed(wish, 2, null))).doesNotContain("{", "null");
    }
}
