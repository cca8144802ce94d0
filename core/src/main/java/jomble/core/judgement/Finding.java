package jomble.core.judgement;

import java.util.List;
import jomble.core.piece.PieceId;

/**
 * One finding about an outfit.
 *
 * @param pieces the pieces concerned, in slot order
 * @param evidence measured values, see {@link Result}
 */
public record Finding(String rule, FindingKind kind, List<PieceId> pieces, Record evidence) {
    public Finding {
        pieces = List.copyOf(pieces);
    }
}
