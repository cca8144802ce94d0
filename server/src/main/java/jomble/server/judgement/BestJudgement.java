package jomble.server.judgement;

import java.util.List;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.outfit.Outfit;

/** An outfit worn in the best way, in that of several contexts in which it is at its best. */
public record BestJudgement(Judgement judgement, JudgementContext context) {
    public static BestJudgement of(List<Judge> judges, Outfit outfit) {
        Judgement best = null;
        JudgementContext where = null;
        for (Judge judge : judges) {
            Judgement judgement = judge.best(outfit);
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
