package jomble.server.judgement;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.judgement.CoatToTake;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.outfit.Outfit;
import jomble.core.piece.Finish;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/** The judgement of an outfit worn in the best way, in the context where it is at its best. */
public record BestJudgement(Judgement judgement, Judge judge) {
    public static BestJudgement of(List<Judge> judges, Outfit outfit) {
        return of(judges, outfit, Map.of());
    }

    /** @param finishes fixed finishes, by piece */
    static BestJudgement of(List<Judge> judges, Outfit outfit, Map<PieceId, Set<Finish>> finishes) {
        Judgement best = null;
        Judge where = null;
        for (Judge judge : judges) {
            Judgement judgement = judge.best(outfit, finishes);
            if (best == null || Judgement.BETTER.compare(judgement, best) < 0) {
                best = judgement;
                where = judge;
            }
        }
        return new BestJudgement(best, where);
    }

    /**
     * Of an outfit that is cold on the way without a coat, the judgement under the recorded coat that does it best,
     * where no other coat is assumed: as the counter fills an empty coat slot.
     *
     * @param pieces of the wardrobe
     */
    BestJudgement underACoat(Collection<Piece> pieces) {
        return context().assumesCoats()
                ? this
                : CoatToTake.of(judge, judgement, pieces)
                        .map(taken -> new BestJudgement(taken.judgement(), judge))
                        .orElse(this);
    }

    public JudgementContext context() {
        return judge.context();
    }

    /** @param pieces of the wardrobe, among which the coat to take is named */
    public JudgementView view(Collection<Piece> pieces) {
        return JudgementView.of(
                judgement,
                context(),
                CoatToTake.of(judge, judgement, pieces)
                        .map(CoatToTake.Taken::coat)
                        .orElse(null),
                pieces);
    }
}
