package jomble.core.judgement;

import java.util.Optional;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** A rule about two filled slots and nothing else that is worn. */
public non-sealed interface PairRule extends Rule {
    /** Whether the rule looks at this pair; {@code inner} comes before {@code outer} in the order of slots. */
    boolean covers(Slot inner, Slot outer);

    Optional<Result> judge(Worn inner, Worn outer, JudgementContext context);

    @Override
    default Scope scope() {
        return Scope.PAIR;
    }
}
