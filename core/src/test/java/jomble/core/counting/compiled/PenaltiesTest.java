package jomble.core.counting.compiled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Rule;
import jomble.core.judgement.RuleBits;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PenaltiesTest {
    private static final RuleCatalogue RULES = Catalogue.standard();
    private static final RuleBits ONE = bits(0);
    private static final RuleBits OTHER = bits(1);

    /** Of the first way and of the first two rules that may cost points. */
    private static RuleBits bits(int place) {
        List<Rule> able = RULES.rules().stream()
                .filter(rule -> !rule.onlyStops() && !rule.neverFaults())
                .toList();
        return RULES.bits(able.get(place));
    }

    @ParameterizedTest
    @CsvSource({
        "MINOR, , , 1",
        "MAJOR, , , 2",
        "MINOR, MINOR, , 1",
        "MINOR, MAJOR, , 2",
        "MAJOR, MINOR, , 2",
        "MAJOR, , MINOR, 3",
        "MAJOR, MAJOR, MAJOR, 4",
    })
    void aRuleCountsOnceByItsWorst(FindingKind first, FindingKind again, FindingKind ofOther, int points) {
        Penalties found = Penalties.NONE.plus(first, ONE);
        found = again == null ? found : found.plus(again, ONE);
        found = ofOther == null ? found : found.plus(ofOther, OTHER);
        assertThat(found.points()).isEqualTo(points);
        assertThat(found.isStopped()).isFalse();
    }

    @Test
    void nothingSurvivesAStop() {
        Penalties stopped = Penalties.NONE.plus(FindingKind.MINOR, ONE).plus(FindingKind.STOP, OTHER);
        assertThat(stopped.isStopped()).isTrue();
        assertThat(stopped.points()).isGreaterThan(Verdict.DARING.mostPoints());
        assertThat(Penalties.NONE.plus(stopped).isStopped()).isTrue();
    }

    @Test
    void refusesWhatARuleDoesNotDeclare() {
        RuleBits onlyStops = RULES.rules().stream()
                .filter(Rule::onlyStops)
                .map(RULES::bits)
                .findFirst()
                .orElseThrow();
        assertThatThrownBy(() -> Penalties.NONE.plus(FindingKind.MAJOR, onlyStops))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining(onlyStops.rule().id());
    }

    /** Ways 0, 1 and 2: each way finds its own bit of itself, and two find the sum of their numbers as a bit. */
    @Test
    void aWayBringsItsOwnFindingsAndThoseWithAllThatIsWorn() {
        PairFindings findings = new PairFindings() {
            @Override
            public long minor(int one, int other) {
                return one == other ? 1L << one : 0;
            }

            @Override
            public long major(int one, int other) {
                return one == other ? 0 : 1L << 10 + one + other;
            }

            @Override
            public boolean reachBeyond() {
                return true;
            }

            @Override
            public long minorBeyond(int one, int other) {
                return one == other ? 0 : 1L << 20 + one + other;
            }

            @Override
            public long majorBeyond(int one, int other) {
                return one == other ? 1L << 30 + one : 0;
            }

            @Override
            public long credit(int one, int other) {
                return 1L << one * other;
            }
        };
        int[] worn = {0, 1, 7};
        Penalties found = Penalties.NONE.wearing(2, worn, 2, findings);
        assertThat(found).isEqualTo(new Penalties(1L << 2, 1L << 12 | 1L << 13, 1L << 22 | 1L << 23, 1L << 32, 0));
        assertThat(found.crediting(2, worn, 2, findings).credit()).isEqualTo(1L << 4 | 1 | 1L << 2);
    }
}
