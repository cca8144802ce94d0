package jomble.core.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.util.ArrayList;
import java.util.List;
import jomble.core.RandomWardrobes;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.rule.Catalogue;
import org.junit.jupiter.api.Test;

/** Random wardrobes in every month of a random climate, in all of them, and without weather. */
class ContextTotalsTest {
    private static final int WARDROBES = 120;

    private final Counter counter = new DiagramCounter(Catalogue.standard());
    private final List<CountQuestion> counted = new ArrayList<>();
    private final Counter reporting = (Counter) Proxy.newProxyInstance(
            Counter.class.getClassLoader(), new Class<?>[] {Counter.class}, (p, m, a) -> {
                counted.add((CountQuestion) a[0]);
                try {
                    return m.invoke(counter, a);
                } catch (InvocationTargetException e) {
                    throw e.getCause();
                }
            });

    /** From none to all: no weather, each month, months two by two, all. */
    private static List<CountQuestion> questions(CountQuestion question) {
        List<JudgementContext> months = question.contexts();
        List<CountQuestion> questions = new ArrayList<>();
        questions.add(question.in(
                months.stream().map(month -> month.withoutWeather()).distinct().toList()));
        months.forEach(month -> questions.add(question.in(List.of(month))));
        for (int i = 1; i < months.size(); i++) {
            questions.add(question.in(months.subList(i - 1, i + 1)));
        }
        questions.add(question);
        return questions;
    }

    @Test
    void areWhatIsCountedWhetherTheyFollowOrNot() {
        int asked = 0;
        int below = 0;
        for (long seed = 1; seed <= WARDROBES; seed++) {
            RandomWardrobes wardrobes = new RandomWardrobes(seed);
            CountedSlots slots = seed % 3 == 0 ? CountedSlots.CLOTHES : CountedSlots.OUTFITS;
            CountQuestion whole = new CountQuestion(
                    wardrobes.pieces(9), wardrobes.contexts(), slots, seed % 2 == 0, List.of(), false);
            ContextTotals table = new ContextTotals(reporting);
            Totals most = counter.totals(questions(whole).get(0), Progress.NONE);
            for (CountQuestion question : questions(whole)) {
                Totals told = table.of(question, Progress.NONE);
                assertThat(told)
                        .as("seed %d, %d contexts", seed, question.contexts().size())
                        .isEqualTo(Totals.of(counter.count(question, List.of(), Progress.NONE)));
                assertThat(told.total()).as("seed %d", seed).isLessThanOrEqualTo(most.total());
                below += told.equals(most) ? 0 : 1;
                asked++;
            }
        }
        assertThat(below).as("questions the weather tells on").isGreaterThan(WARDROBES / 4);
        assertThat(asked - counted.size())
                .as("questions that need not be counted")
                .isGreaterThan(WARDROBES);
    }

    @Test
    void areNotCountedAgainOnceTheyAreKnown() {
        RandomWardrobes wardrobes = new RandomWardrobes(7);
        CountQuestion question = new CountQuestion(
                wardrobes.pieces(9), wardrobes.contexts(), CountedSlots.OUTFITS, false, List.of(), false);
        Totals before = counter.totals(question, Progress.NONE);
        ContextTotals table = new ContextTotals(reporting);
        table.know(question, before);
        assertThat(table.of(question, Progress.NONE)).isEqualTo(before);
        assertThat(counted).isEmpty();
        CountQuestion others = question.daring(true);
        assertThat(table.of(others, Progress.NONE)).isEqualTo(counter.totals(others, Progress.NONE));
        assertThat(table.of(others, Progress.NONE).daring()).isEqualTo(before.daring());
        assertThat(counted).containsExactly(others);
    }
}
