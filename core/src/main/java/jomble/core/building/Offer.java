package jomble.core.building;

import java.util.List;
import jomble.core.judgement.Finding;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.score.OutfitScore;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/**
 * A choice for a slot of an unfinished outfit.
 *
 * @param pieces one piece, or the pieces of a jewellery set
 * @param verdict the best verdict of an outfit with it and everything chosen so far
 * @param changes number of other pieces that would have to be replaced; 0 when it fits, null when nothing works with it
 * @param judgement of the unfinished outfit with it, worn in the best way
 * @param score ranking score of that; higher is better
 * @param reason the worst finding it causes, or null
 * @param speaks the largest part it adds to the score, or null
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
