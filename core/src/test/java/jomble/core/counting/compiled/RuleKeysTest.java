package jomble.core.counting.compiled;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import jomble.core.RandomWardrobes;
import jomble.core.judgement.Contribution;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.MeasureAccumulator;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Structure;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;

/** What a rule calls alike it must judge alike, whatever is put on besides: counting works such bodies out once. */
class RuleKeysTest {
    private static final int WARDROBES = 120;
    private static final int FURTHER = 24;
    private static final RuleCatalogue RULES = Catalogue.standard();
    private static final List<Slot> BESIDES =
            List.of(Slot.MID, Slot.JACKET, Slot.COAT, Slot.LEGWEAR, Slot.SHOES, Slot.NECK, Slot.BELT);

    /** By rule, how many bodies were alike to it though they wear other things. */
    private final Map<String, Integer> alike = new TreeMap<>();
    /** Rules that judged some body in several ways. */
    private final Set<String> telling = new HashSet<>();

    @Test
    void bodiesWithEqualKeysAreJudgedAlike() {
        for (long seed = 1; seed <= WARDROBES; seed++) {
            RandomWardrobes random = new RandomWardrobes(seed);
            List<Piece> pieces = random.pieces(16);
            JudgementContext context = random.contexts().get(0);
            Options options = new Options(pieces, context);
            CompiledContext compiled = CompiledContext.of(options, context, RULES);
            List<List<Integer>> further = further(options, new Random(seed));
            for (Structure structure : List.of(Structure.SEPARATES, Structure.ONE_PIECE)) {
                List<List<Integer>> bodies = bodies(options, structure);
                for (ReadyCheck check : compiled.verdictChecks()) {
                    judgesAlike(compiled, check, structure, bodies, further, "seed " + seed);
                }
            }
        }
        assertThat(alike).as("rules that held bodies alike").hasSizeGreaterThan(12);
        assertThat(alike.get("proportion.thirds")).isGreaterThan(500);
        assertThat(telling).contains("proportion.thirds", "formality.spread", "colour.families", "surface.flat");
    }

    private void judgesAlike(
            CompiledContext compiled,
            ReadyCheck check,
            Structure structure,
            List<List<Integer>> bodies,
            List<List<Integer>> further,
            String seed) {
        String rule = check.rule().id();
        Map<Long, List<Penalties>> judged = new HashMap<>();
        for (List<Integer> body : bodies) {
            long key = check.check().key(check.rule(), dressed(compiled, structure, body));
            List<Penalties> found = new ArrayList<>();
            for (List<Integer> more : further) {
                List<Integer> all = new ArrayList<>(body);
                all.addAll(more);
                found.add(check.judge(dressed(compiled, structure, all)).withCredit(0));
            }
            List<Penalties> before = judged.putIfAbsent(key, found);
            if (before != null) {
                assertThat(found).as("%s, %s, %s", seed, rule, body).isEqualTo(before);
                alike.merge(rule, 1, Integer::sum);
            }
            if (new HashSet<>(found).size() > 1) {
                telling.add(rule);
            }
        }
    }

    private static MeasureAccumulator dressed(CompiledContext compiled, Structure structure, List<Integer> ways) {
        MeasureAccumulator worn = compiled.accumulator();
        worn.clear(structure);
        List<Integer> sorted = ways.stream().sorted().toList();
        for (int i = 0; i < sorted.size(); i++) {
            worn.add(compiled.contribution(sorted.get(i)));
            for (int k = 0; k < i; k++) {
                Contribution together = compiled.contribution(sorted.get(k), sorted.get(i));
                if (!together.isNothing()) {
                    worn.add(together);
                }
            }
        }
        return worn;
    }

    private static List<List<Integer>> bodies(Options options, Structure structure) {
        List<List<Integer>> bodies = new ArrayList<>();
        if (structure == Structure.ONE_PIECE) {
            ways(options, Slot.ONEPIECE).forEach(way -> bodies.add(List.of(way)));
        } else {
            ways(options, Slot.TOP)
                    .forEach(top -> ways(options, Slot.BOTTOM).forEach(bottom -> bodies.add(List.of(top, bottom))));
        }
        return bodies;
    }

    /** Nothing, and then at random: of each slot at most one way. */
    private static List<List<Integer>> further(Options options, Random random) {
        List<List<Integer>> further = new ArrayList<>(List.of(List.of()));
        while (further.size() < FURTHER) {
            List<Integer> more = new ArrayList<>();
            for (Slot slot : BESIDES) {
                List<Integer> there = ways(options, slot);
                if (!there.isEmpty() && random.nextBoolean()) {
                    more.add(there.get(random.nextInt(there.size())));
                }
            }
            further.add(more);
        }
        return further;
    }

    private static List<Integer> ways(Options options, Slot slot) {
        return options.in(slot).stream()
                .flatMapToInt(option -> IntStream.range(
                        option.firstWay(), option.firstWay() + option.ways().size()))
                .boxed()
                .toList();
    }
}
