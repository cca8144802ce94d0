package jomble.core.judgement;

import java.util.Optional;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** A rule that sees two filled slots and nothing else. */
public non-sealed interface PairRule extends Rule {
    /** Whether the rule applies to this pair; {@code inner} comes before {@code outer} in slot order. */
    boolean covers(Slot inner, Slot outer);

    Optional<Result> judge(Worn inner, Worn outer, JudgementContext context);

    @Override
    default Scope scope() {
        return Scope.PAIR;
    }
}
