package jomble.core.bench;

import java.util.List;
import jomble.core.judgement.Finding;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.score.OutfitScore;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/**
 * What a slot of an unfinished outfit may hold.
 *
 * @param pieces one piece, or several of a set of jewellery
 * @param verdict the best an outfit with it and all that is there can come to
 * @param changes how many other pieces would have to make way for an outfit of the context; 0 where it fits, null where there is none
 * @param judgement of what is there with it, worn in the best way
 * @param score how gladly that would be shown
 * @param reason the worst thing that is said because of it, or null where nothing is
 * @param speaks what it adds most to the score, or null where it adds nothing
 */
public record Offer(
        Slot slot,
        List<Piece> pieces,
        Verdict verdict,
        Integer changes,
        Judgement judgement,
        double score,
        Finding reason,
        OutfitScore.Kind speaks) {
    public Offer {
        pieces = List.copyOf(pieces);
    }
}
