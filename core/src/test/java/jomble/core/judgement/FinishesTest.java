package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiFunction;
import jomble.core.RandomWardrobes;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Ways;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;

/** A rule that says it does not read finishes finds the same however pieces are worn; one that says it does is seen to. */
class FinishesTest {
    private static final int WARDROBES = 60;
    private static final int PIECES = 14;

    private final RuleCatalogue catalogue = Catalogue.standard();
    private final Set<String> differing = new TreeSet<>();

    @Test
    void onlyRulesThatReadFinishesFindOtherwise() {
        for (long seed = 1; seed <= WARDROBES; seed++) {
            RandomWardrobes wardrobes = new RandomWardrobes(seed);
            List<Worn> plain = new ArrayList<>();
            for (Piece piece : wardrobes.pieces(PIECES)) {
                for (Slot slot : piece.roles()) {
                    plain.add(Worn.of(slot, piece));
                }
            }
            for (JudgementContext context : wardrobes.contexts()) {
                plain.forEach(one -> alone(one, context));
                for (Worn inner : plain) {
                    plain.stream()
                            .filter(outer -> inner.slot().compareTo(outer.slot()) < 0)
                            .forEach(outer -> together(inner, outer, context));
                }
            }
        }
        Set<String> reading = new TreeSet<>();
        catalogue.rules().stream()
                .filter(rule -> !(rule instanceof WholeRule) && rule.readsFinishes())
                .forEach(rule -> reading.add(rule.id()));
        assertThat(differing).isEqualTo(reading).isNotEmpty();
    }

    private void alone(Worn worn, JudgementContext context) {
        for (PieceRule rule : catalogue.pieceRules()) {
            if (rule.covers(worn.slot())) {
                compare(rule, worn, worn, (way, same) -> rule.judge(way, context));
            }
        }
    }

    private void together(Worn inner, Worn outer, JudgementContext context) {
        for (PairRule rule : catalogue.pairRules()) {
            if (rule.covers(inner.slot(), outer.slot())) {
                compare(rule, inner, outer, (one, other) -> rule.judge(one, other, context));
            }
        }
    }

    private void compare(Rule rule, Worn inner, Worn outer, BiFunction<Worn, Worn, Object> judge) {
        Object first = judge.apply(Ways.of(inner).get(0), Ways.of(outer).get(0));
        for (Worn one : Ways.of(inner)) {
            for (Worn other : Ways.of(outer)) {
                if (!judge.apply(one, other).equals(first)) {
                    differing.add(rule.id());
                }
            }
        }
    }
}
