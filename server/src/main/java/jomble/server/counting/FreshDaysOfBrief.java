package jomble.server.counting;

import java.util.ArrayList;
import java.util.List;
import jomble.core.brief.Occasion;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.FreshDays;
import jomble.core.counting.Progress;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.JudgementContext;

/** Fresh days of a client, for the occasions of the brief at their frequency, or once a week if none is given. */
final class FreshDaysOfBrief {
    private static final double ONCE_A_WEEK = 1;

    private final Counter counter;

    FreshDaysOfBrief(Counter counter) {
        this.counter = counter;
    }

    /**
     * @param contexts give the weather; their occasion is ignored
     * @return null for a brief without occasions
     */
    Integer of(Wardrobe wardrobe, List<JudgementContext> contexts, Progress progress) {
        List<Occasion> occasions = wardrobe.brief().occasions();
        List<FreshDays.Occasion> week = new ArrayList<>();
        for (int i = 0; i < occasions.size(); i++) {
            Occasion occasion = occasions.get(i);
            double times = occasion.timesPerWeek() == null ? ONCE_A_WEEK : occasion.timesPerWeek();
            if (times > 0) {
                CountQuestion question = new CountQuestion(
                        wardrobe.pieces(),
                        contexts.stream().map(context -> context.at(occasion)).toList(),
                        CountedSlots.BASES,
                        false,
                        List.of(),
                        false);
                week.add(FreshDays.occasion(times, counter, question, progress.partOf(i, occasions.size())));
            }
        }
        return week.isEmpty() ? null : FreshDays.of(week);
    }
}
