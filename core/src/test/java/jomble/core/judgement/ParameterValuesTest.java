package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jomble.core.judgement.rule.Catalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The values of rules' parameters as a context holds them. */
class ParameterValuesTest {
    private static final List<Rule> RULES = Catalogue.standard().rules();

    static Stream<Rule> rules() {
        return RULES.stream();
    }

    /** Whatever is held otherwise for one rule, every parameter of every other keeps its default. */
    @ParameterizedTest
    @MethodSource("rules")
    void holdsTheValuesOfOneRuleAndNoOther(Rule held) {
        Map<String, Double> values = new HashMap<>();
        held.info().parameters().forEach(p -> values.put(held.id() + "/" + p.name(), p.value() + 1));
        values.put(held.id() + Overrides.SOFTENED, 1.0);
        ParameterValues holding = ParameterValues.of(values);
        for (Rule rule : RULES) {
            double more = rule == held ? 1 : 0;
            assertThat(holding.isSoftened(rule)).isEqualTo(rule == held);
            for (Parameter parameter : rule.info().parameters()) {
                assertThat(holding.of(rule, parameter))
                        .as("%s of %s", parameter.name(), rule.id())
                        .isEqualTo(parameter.value() + more);
                assertThat(ParameterValues.DEFAULTS.of(rule, parameter)).isEqualTo(parameter.value());
            }
        }
    }

    @Test
    void isSoftenedOnlyWhereItSaysSo() {
        Rule rule = RULES.get(0);
        assertThat(ParameterValues.DEFAULTS.isSoftened(rule)).isFalse();
        assertThat(ParameterValues.of(Map.of(rule.id() + Overrides.SOFTENED, 0.0))
                        .isSoftened(rule))
                .isFalse();
        assertThat(ParameterValues.of(Map.of(rule.id() + "/limit", 1.0)).isSoftened(rule))
                .isFalse();
    }

    /** Equal values are one context, so that what was counted is found again. */
    @Test
    void isEqualWhereItHoldsTheSame() {
        Map<String, Double> values = Map.of("fits/least", 2.0, "suit.cloth/limit", 3.0);
        assertThat(ParameterValues.of(values))
                .isEqualTo(ParameterValues.of(new HashMap<>(values)))
                .isNotEqualTo(ParameterValues.of(Map.of("fits/least", 2.0)));
        assertThat(ParameterValues.of(Map.of())).isEqualTo(ParameterValues.DEFAULTS);
    }
}
