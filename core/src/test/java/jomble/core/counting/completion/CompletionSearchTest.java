package jomble.core.counting.compiled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import jomble.core.RandomWardrobes;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/** The fast path against the slow one, on random outfits of random wardrobes. */
class CompiledJudgeTest {
    private static final RuleCatalogue RULES = Catalogue.standard();

    @Property(tries = 80)
    void agreesWithTheJudge(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        RandomWardrobes random = new RandomWardrobes(seed);
        List<Piece> pieces = random.pieces(14);
        Random choice = new Random(seed);
        for (JudgementContext context : random.contexts()) {
            if (!CompiledJudge.covers(context.overrides())) {
                continue;
            }
            CompiledJudge fast = new CompiledJudge(pieces, context, RULES);
            Judge slow = new Judge(RULES, context);
            for (int i = 0; i < 20; i++) {
                Outfit outfit = outfit(pieces, choice);
                Judgement expected = slow.best(outfit);
                CompiledJudge.Outcome found = fast.best(outfit);
                assertThat(found.verdict()).as("seed " + seed + " " + outfit).isEqualTo(expected.verdict());
                boolean stopped = expected.findings().stream().anyMatch(finding -> finding.kind() == FindingKind.STOP);
                if (!stopped) {
                    assertThat(found.points()).as("seed " + seed + " " + outfit).isEqualTo(expected.points());
                }
            }
        }
    }

    @Test
    void refusesAPieceOfAnotherWardrobe() {
        List<Piece> pieces = new RandomWardrobes(1).pieces(8);
        CompiledJudge judge = new CompiledJudge(pieces.subList(0, 4), JudgementContext.PLAIN, RULES);
        Piece stranger = pieces.get(6);
        Outfit outfit = Outfit.of(List.of(Worn.of(stranger.roles().get(0), stranger)));
        assertThatThrownBy(() -> judge.best(outfit)).isInstanceOf(IllegalArgumentException.class);
    }

    private static Outfit outfit(List<Piece> pieces, Random choice) {
        List<Worn> worn = new ArrayList<>();
        Set<Slot> taken = new HashSet<>();
        for (Piece piece : pieces) {
            if (!piece.roles().isEmpty() && choice.nextInt(3) > 0) {
                Slot slot = piece.roles().get(choice.nextInt(piece.roles().size()));
                if (taken.add(slot)) {
                    worn.add(Worn.of(slot, piece));
                }
            }
        }
        return worn.isEmpty()
                ? Outfit.of(List.of(Worn.of(pieces.get(0).roles().get(0), pieces.get(0))))
                : Outfit.of(worn);
    }
}
