package jomble.core.judgement;

import java.util.List;
import jomble.core.piece.PieceId;

/**
 * One thing to say about an outfit.
 *
 * @param pieces the pieces it speaks of, in the order of their slots
 * @param evidence measured values, see {@link Result}
 */
public record Finding(String rule, FindingKind kind, List<PieceId> pieces, Record evidence) {
    public Finding {
        pieces = List.copyOf(pieces);
    }
}
