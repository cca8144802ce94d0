package jomble.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.outfit.Outfit;
import jomble.core.piece.Finish;
import jomble.core.piece.PieceId;

/** The judgement of an outfit worn in the best way, in the context where it is at its best. */
public record BestJudgement(Judgement judgement, JudgementContext context) {
    public static BestJudgement of(List<Judge> judges, Outfit outfit) {
        return of(judges, outfit, Map.of());
    }

    /** @param finishes fixed finishes, by piece */
    static BestJudgement of(List<Judge> judges, Outfit outfit, Map<PieceId, Set<Finish>> finishes) {
        Judgement best = null;
        JudgementContext where = null;
        for (Judge judge : judges) {
            Judgement judgement = judge.best(outfit, finishes);
            if (best == null || Judgement.BETTER.compare(judgement, best) < 0) {
                best = judgement;
                where = judge.context();
            }
        }
        return new BestJudgement(best, where);
    }

    public JudgementView view() {
        return JudgementView.of(judgement, context);
    }
}
