package jomble.core.counting.completion;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import jomble.core.RandomWardrobes;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Reading;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;

/** With every slot counted a completion is the outfit itself, in the best way to wear it: the masks against the judge. */
class CompletionSearchTest {
    private static final int WARDROBES = 80;
    private static final int OUTFITS = 20;
    private static final RuleCatalogue RULES = Catalogue.standard();

    @Test
    void agreesWithTheJudge() {
        int[] verdicts = new int[Verdict.values().length];
        for (long seed = 1; seed <= WARDROBES; seed++) {
            RandomWardrobes random = new RandomWardrobes(seed);
            Random choice = new Random(seed);
            for (JudgementContext context : random.contexts()) {
                if (context.overrides().approvedOutfits().isEmpty()) {
                    agree(new Options(random.pieces(24), context), context, choice, verdicts);
                }
            }
        }
        assertThat(verdicts).as("outfits by verdict").doesNotContain(0);
    }

    private static void agree(Options options, JudgementContext context, Random choice, int[] verdicts) {
        CompiledContext compiled = CompiledContext.of(options, context, RULES);
        Judge judge = new Judge(RULES, context);
        for (Structure structure : List.of(Structure.SEPARATES, Structure.ONE_PIECE)) {
            CompletionSearch search = new CompletionSearch(compiled, options, structure, CountedSlots.EVERY_SLOT);
            for (int i = 0; i < OUTFITS; i++) {
                Option[] dressed = dressed(options, structure, context, choice);
                Outfit outfit = Outfit.of(Arrays.stream(dressed)
                        .filter(Objects::nonNull)
                        .map(option -> option.ways().get(0))
                        .toList());
                if (!Reading.counts(outfit.worn())) {
                    assertThat(search.plainest(dressed, Verdict.DARING)).isSameAs(Completion.NONE);
                    continue;
                }
                Judgement expected = judge.best(outfit);
                Completion found = search.plainest(dressed, Verdict.DARING);
                assertThat(found.verdict()).as(outfit.toString()).isEqualTo(expected.verdict());
                if (found != Completion.NONE) {
                    assertThat(List.of(found.points(), found.credits()))
                            .as("points and credits of " + outfit)
                            .isEqualTo(List.of(expected.points(), expected.credits()));
                }
                verdicts[expected.verdict().ordinal()]++;
            }
        }
    }

    /** What the structure wants, where it can be had, and half of what else it allows. */
    private static Option[] dressed(Options options, Structure structure, JudgementContext context, Random choice) {
        Option[] dressed = new Option[Slot.values().length];
        for (Slot slot : Slot.values()) {
            List<Option> able = options.in(slot).stream()
                    .filter(option -> structure.allows(slot)
                            && structure.takes(slot, option.pieces().get(0))
                            && Arrays.stream(dressed).noneMatch(other -> other != null && other.overlaps(option)))
                    .toList();
            boolean wanted = structure.mandatory(context.wantsShoes()).contains(slot);
            if (!able.isEmpty() && (wanted || choice.nextInt(3) == 0)) {
                dressed[slot.ordinal()] = able.get(choice.nextInt(able.size()));
            }
        }
        boolean nothing = Arrays.stream(dressed).allMatch(Objects::isNull);
        if (nothing) {
            Option any = options.all().get(0);
            dressed[any.slot().ordinal()] = any;
        }
        return dressed;
    }
}
