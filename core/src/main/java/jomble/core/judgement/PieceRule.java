package jomble.core.judgement;

import java.util.Optional;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** A rule about one piece in one slot. */
public non-sealed interface PieceRule extends Rule {
    boolean covers(Slot slot);

    Optional<Result> judge(Worn worn, JudgementContext context);

    @Override
    default Scope scope() {
        return Scope.PIECE;
    }
}
