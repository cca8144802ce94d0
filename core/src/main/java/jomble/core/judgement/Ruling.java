package jomble.core.judgement;

import java.util.List;
import jomble.core.piece.PieceId;
import jomble.core.piece.Word;

/**
 * A stylist's decision that takes precedence over the rules.
 *
 * @param id identifies it among the client's rulings
 * @param pieces the pieces concerned: one that is never worn, two that do or do not go together, three or more for an
 *     outfit
 * @param decision whether they are approved or never worn together
 * @param reason why, at most 400 characters; may be empty
 * @param by who decided, at most 80 characters; may be empty
 */
public record Ruling(String id, List<PieceId> pieces, Decision decision, String reason, String by) {
    /** The decision. */
    public enum Decision implements Word {
        APPROVED,
        NEVER
    }

    public Ruling {
        pieces = List.copyOf(pieces);
        boolean single = pieces.size() == 1 && decision == Decision.APPROVED;
        if (pieces.isEmpty() || single || pieces.stream().distinct().count() < pieces.size()) {
            throw new IllegalArgumentException("not a ruling on " + pieces);
        }
    }
}
