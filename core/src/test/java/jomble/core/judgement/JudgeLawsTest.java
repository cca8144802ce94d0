package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.RandomWardrobes;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Ways;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What must hold of every judgement, whatever the rules say: random outfits in random contexts. */
class JudgeLawsTest {
    private static final int WARDROBES = 130;
    private static final long FIRST_SEED = 1_000;
    private static final int OUTFITS = 12;
    private static final int PIECES = 18;
    private static final RuleCatalogue CATALOGUE = Catalogue.standard();

    /** An outfit in a context; told by its seed when something is wrong. */
    private record Asked(long seed, JudgementContext context, Outfit outfit) {
        Judgement best() {
            return bestIn(context);
        }

        Judgement bestIn(JudgementContext other) {
            return new Judge(CATALOGUE, other).best(outfit);
        }

        Set<PieceId> pieces() {
            return outfit.worn().stream()
                    .flatMap(worn -> worn.pieces().stream())
                    .map(Piece::id)
                    .collect(Collectors.toCollection(TreeSet::new));
        }
    }

    private interface Law {
        void holdsOf(Asked asked);
    }

    private static void everywhere(Law law) {
        for (long seed = FIRST_SEED; seed < FIRST_SEED + WARDROBES; seed++) {
            RandomWardrobes wardrobes = new RandomWardrobes(seed);
            List<Piece> pieces = wardrobes.pieces(PIECES);
            JudgementContext context = wardrobes.contexts().get(0);
            Random random = new Random(seed);
            for (int i = 0; i < OUTFITS; i++) {
                law.holdsOf(new Asked(seed, context, outfit(pieces, random)));
            }
        }
    }

    /** Mostly pieces where they belong, mostly with a top, a bottom and shoes. */
    private static Outfit outfit(List<Piece> pieces, Random random) {
        List<Piece> shuffled = new ArrayList<>(pieces);
        Collections.shuffle(shuffled, random);
        int most = 2 + random.nextInt(6);
        Map<Slot, Worn> worn = new EnumMap<>(Slot.class);
        for (Piece piece : shuffled) {
            if (worn.size() < most && !piece.roles().isEmpty()) {
                Slot slot = piece.roles().get(random.nextInt(piece.roles().size()));
                worn.putIfAbsent(slot, Worn.of(slot, piece));
            }
        }
        return Outfit.of(worn.values());
    }

    @Test
    void theVerdictIsTheSumOfTheWorstOfEachRule() {
        Set<Verdict> seen = new HashSet<>();
        everywhere(asked -> {
            Judgement judgement = asked.best();
            Map<String, FindingKind> worst = new HashMap<>();
            judgement.findings().forEach(f -> worst.merge(f.rule(), f.kind(), (a, b) -> a.compareTo(b) > 0 ? a : b));
            int points = worst.values().stream().mapToInt(FindingKind::points).sum();
            assertThat(judgement.points()).as("seed %d", asked.seed()).isEqualTo(points);
            boolean stopped = worst.containsValue(FindingKind.STOP);
            assertThat(judgement.verdict())
                    .as("seed %d", asked.seed())
                    .isEqualTo(stopped || points >= 4 ? Verdict.NO : points >= 2 ? Verdict.DARING : Verdict.WORKS);
            assertThat(judgement.findings().stream().map(Finding::kind))
                    .isSortedAccordingTo(Collections.reverseOrder());
            seen.add(judgement.verdict());
        });
        assertThat(seen).as("verdicts of every sort").containsExactlyInAnyOrder(Verdict.values());
    }

    @Test
    void everyFindingIsOfARuleAndOfPiecesThatAreWorn() {
        Set<String> known = CATALOGUE.rules().stream().map(Rule::id).collect(Collectors.toCollection(HashSet::new));
        known.add(Overrides.ID);
        Set<String> heard = new TreeSet<>();
        everywhere(asked -> asked.best().findings().forEach(finding -> {
            assertThat(known).contains(finding.rule());
            assertThat(asked.pieces()).as(finding.rule()).containsAll(finding.pieces());
            assertThat(FindingTexts.text(finding, PieceId::value))
                    .as(finding.rule())
                    .isNotBlank()
                    .doesNotContain("{", "null", "NaN");
            heard.add(finding.rule());
        }));
        assertThat(heard)
                .as("rules that spoke")
                .hasSizeGreaterThan(CATALOGUE.rules().size() * 3 / 5);
    }

    @Test
    void theOrderInWhichPiecesAreNamedDoesNotMatter() {
        everywhere(asked -> {
            List<Worn> reversed = new ArrayList<>(asked.outfit().worn());
            Collections.reverse(reversed);
            Asked other = new Asked(asked.seed(), asked.context(), Outfit.of(reversed));
            assertThat(other.best().findings()).isEqualTo(asked.best().findings());
        });
    }

    @Test
    void noWayToWearItIsBetterThanTheBest() {
        everywhere(asked -> {
            Judge judge = new Judge(CATALOGUE, asked.context());
            Judgement best = judge.best(asked.outfit());
            assertThat(judge.judge(best.outfit()).findings())
                    .as("as it is named")
                    .isEqualTo(best.findings());
            Random random = new Random(asked.seed());
            for (int i = 0; i < 3; i++) {
                List<Worn> some = asked.outfit().worn().stream()
                        .map(Ways::of)
                        .map(ways -> ways.get(random.nextInt(ways.size())))
                        .toList();
                assertThat(Judgement.BETTER.compare(judge.judge(Outfit.of(some)), best))
                        .as("seed %d: %s", asked.seed(), some)
                        .isNotNegative();
            }
        });
    }

    /** A school that asks less never finds more. Schools that ask for other things than the usual are not compared. */
    @ParameterizedTest(name = "{0}: {1} asks less than {2}")
    @CsvSource({
        "TAILORING, measured, strict",
        "TAILORING, free, measured",
        "METALS, mixed, matched",
        "LEATHERS, free, related",
        "PALETTE, colour-led, neutral-led",
        "PALETTE, free, neutral-led",
        "ONE_COLOUR, welcome, textured",
        "ONE_COLOUR, welcome, avoided",
        "ALL_BLACK, welcome, textured",
        "ALL_BLACK, welcome, avoided",
        "TUCKING_AT_WORK, relaxed, tucked",
        "PRINTS_AT_WORK, free, restrained",
        "FORMALITY_MIX, high-low, even",
        "BLACK_WITH_DARK, fine-if-different, avoided",
    })
    void aMilderSchoolIsNeverHarder(SchoolSwitch question, String milder, String stricter) {
        int[] differing = new int[1];
        everywhere(asked -> {
            Judgement mild = asked.bestIn(holding(asked.context(), question, milder));
            Judgement strict = asked.bestIn(holding(asked.context(), question, stricter));
            assertThat(mild.verdict())
                    .as("seed %d: %s", asked.seed(), asked.outfit())
                    .isLessThanOrEqualTo(strict.verdict());
            differing[0] += mild.findings().equals(strict.findings()) ? 0 : 1;
        });
        assertThat(differing[0]).as("outfits on which they disagree").isPositive();
    }

    private static JudgementContext holding(JudgementContext context, SchoolSwitch question, String school) {
        Map<SchoolSwitch, String> chosen = new EnumMap<>(SchoolSwitch.class);
        chosen.putAll(context.schools().chosen());
        chosen.put(question, school);
        return context.with(new Schools(chosen));
    }

    /** Every rule that was heard, held one step softer: never a harder verdict, and for a caution fewer points. */
    @Test
    void aRuleHeldSofterIsNeverHarder() {
        everywhere(asked -> {
            JudgementContext plain = asked.context().with(ParameterValues.DEFAULTS);
            Judgement before = asked.bestIn(plain);
            before.findings().stream()
                    .filter(finding -> finding.kind() != FindingKind.CREDIT)
                    .map(Finding::rule)
                    .filter(id -> CATALOGUE
                            .find(id)
                            .filter(RuleCatalogue::isSoftenable)
                            .isPresent())
                    .distinct()
                    .forEach(id -> {
                        Judgement after =
                                asked.bestIn(plain.with(ParameterValues.of(Map.of(id + Overrides.SOFTENED, 1.0))));
                        assertThat(after.verdict())
                                .as("seed %d, %s softened", asked.seed(), id)
                                .isLessThanOrEqualTo(before.verdict());
                    });
        });
    }

    @Test
    void rulesOfTheWeatherAreSilentWithoutAny() {
        everywhere(asked -> assertThat(
                        asked.bestIn(asked.context().withoutWeather()).findings())
                .extracting(Finding::rule)
                .noneMatch(rule -> rule.startsWith("weather.")));
    }

    /** Whatever else is ruled: what is never worn stops; what is approved is not judged harder, and works unless it cannot be worn. */
    @Test
    void rulingsSayTheLastWord() {
        everywhere(asked -> {
            List<PieceId> pieces = new ArrayList<>(asked.pieces());
            Collections.shuffle(pieces, new Random(asked.seed()));
            JudgementContext free = asked.context().with(Overrides.NONE);
            Judgement before = asked.bestIn(free);
            assertThat(asked.bestIn(ruling(free, pieces.subList(0, 1), Ruling.Decision.NEVER))
                            .verdict())
                    .isEqualTo(Verdict.NO);
            assertThat(asked.bestIn(ruling(free, pieces.subList(0, 2), Ruling.Decision.APPROVED))
                            .verdict())
                    .as("seed %d, %s approved", asked.seed(), pieces.subList(0, 2))
                    .isLessThanOrEqualTo(before.verdict());
            if (pieces.size() > 2) {
                Judgement approved = asked.bestIn(ruling(free, pieces, Ruling.Decision.APPROVED));
                boolean isFinal = approved.findings().stream().anyMatch(f -> Overrides.isFinal(f.rule(), f.kind()));
                assertThat(approved.verdict())
                        .as("seed %d, all approved", asked.seed())
                        .isEqualTo(isFinal ? Verdict.NO : Verdict.WORKS);
                assertThat(asked.bestIn(ruling(free, pieces, Ruling.Decision.NEVER))
                                .verdict())
                        .isEqualTo(Verdict.NO);
            }
        });
    }

    private static JudgementContext ruling(JudgementContext context, List<PieceId> pieces, Ruling.Decision decision) {
        return context.with(new Overrides(List.of(new Ruling("r1", pieces, decision, "", ""))));
    }

    /** A piece by another name is judged alike: nothing depends on ids. */
    @Test
    void namesOfPiecesDoNotMatter() {
        everywhere(asked -> {
            JudgementContext free = asked.context().with(Overrides.NONE);
            Map<PieceId, PieceId> names = new LinkedHashMap<>();
            asked.pieces().forEach(id -> names.put(id, new PieceId("z" + (names.size() * 7 % 11) + id.value())));
            List<Worn> renamed = asked.outfit().worn().stream()
                    .map(worn -> Worn.of(
                            worn.slot(),
                            worn.pieces().stream()
                                    .map(piece -> Piece.of(names.get(piece.id()), piece.kind(), piece.set()))
                                    .toList()))
                    .toList();
            Asked other = new Asked(asked.seed(), free, Outfit.of(renamed));
            assertThat(said(other.best(), Map.of()))
                    .as("seed %d", asked.seed())
                    .isEqualTo(said(asked.bestIn(free), names));
        });
    }

    /** Rules, kinds and pieces, by other names where there are some. */
    private static List<String> said(Judgement judgement, Map<PieceId, PieceId> names) {
        Stream<String> said = judgement.findings().stream()
                .map(finding -> finding.rule() + " " + finding.kind() + " "
                        + finding.pieces().stream()
                                .map(id -> names.getOrDefault(id, id))
                                .toList());
        return said.toList();
    }
}
