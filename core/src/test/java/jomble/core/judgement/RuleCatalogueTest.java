package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.Modifier;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jomble.core.judgement.rule.Catalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What every rule owes its readers. */
class RuleCatalogueTest {
    private static final Set<String> GIVEN = Set.of("a", "b", "pieces");

    static List<Rule> rules() {
        return Catalogue.standard().rules();
    }

    @Test
    void idsAreUnique() {
        assertThat(rules().stream().map(Rule::id)).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("rules")
    void eachRuleSaysWhyAndWhereItsNumbersComeFrom(Rule rule) {
        assertThat(rule.info().title()).isNotBlank();
        assertThat(rule.info().rationale()).hasSizeGreaterThan(30);
        assertThat(rule.info().source()).isNotBlank();
        assertThat(rule.info().parameters())
                .allSatisfy(p -> assertThat(p.unit()).isNotBlank());
    }

    @ParameterizedTest
    @MethodSource("rules")
    void eachRuleHasWorkedCasesThatFireAndThatDoNot(Rule rule) {
        List<Map<String, Object>> cases = WorkedCasesTest.casesOf(rule);
        assertThat(cases).hasSizeGreaterThanOrEqualTo(4);
        Set<Object> expected =
                new HashSet<>(cases.stream().map(c -> c.get("expect")).toList());
        assertThat(expected).hasSizeGreaterThanOrEqualTo(2);
        if (!rule.id().equals("proportion.thirds")) {
            assertThat(expected).contains("none");
        }
    }

    @ParameterizedTest
    @MethodSource("evidence")
    void eachTextIsFedByItsEvidence(String rule, Class<?> evidence) {
        String key = FindingTexts.key(rule, evidence);
        Set<String> fed = new HashSet<>(GIVEN);
        Arrays.stream(evidence.getRecordComponents())
                .map(RecordComponent::getName)
                .forEach(fed::add);
        assertThat(FindingTexts.texts()).containsKey(key);
        assertThat(placeholders(FindingTexts.texts().getProperty(key))).isSubsetOf(fed);
        for (String besides : List.of(".cure", ".exact")) {
            assertThat(placeholders(FindingTexts.texts().getProperty(key + besides, "")))
                    .isSubsetOf(fed);
        }
    }

    @Test
    void hasRoomForMoreRulesThanAWordHasBits() {
        RuleCatalogue crowded = CrowdedCatalogue.standard();
        assertThat(crowded.pairsBeyond()).isNotZero();
        assertThat(Catalogue.standard().pairsBeyond()).isZero();
        for (Rule rule : rules()) {
            RuleBits bits = crowded.bits(rule);
            boolean costs = !rule.onlyStops() && !rule.neverFaults();
            assertThat(Long.bitCount(bits.fault())).as(rule.id()).isEqualTo(costs ? 1 : 0);
            if (costs) {
                int bit = Long.numberOfTrailingZeros(bits.fault());
                assertThat(crowded.withFaultBit(bits.isBeyond(), bit)).isSameAs(rule);
            }
        }
    }

    @Test
    void saysHowManyRulesItHasRoomFor() {
        assertThatThrownBy(() -> new RuleCatalogue(rules(), 2))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("at most 66 rules may cost points and 2 may credit");
    }

    @Test
    void noTextIsLeftOver() {
        Set<String> keys = new HashSet<>(evidence()
                .map(a -> FindingTexts.key((String) a.get()[0], (Class<?>) a.get()[1]))
                .toList());
        assertThat(FindingTexts.texts().stringPropertyNames())
                .filteredOn(name -> !name.startsWith(Overrides.ID + "."))
                .allSatisfy(name -> assertThat(keys).contains(name.replaceAll("\\.(cure|exact)$", "")));
    }

    static Stream<Arguments> evidence() {
        return rules().stream()
                .flatMap(rule -> Arrays.stream(rule.getClass().getDeclaredClasses())
                        .filter(Class::isRecord)
                        .filter(c -> !Modifier.isPrivate(c.getModifiers()))
                        .map(c -> Arguments.of(rule.id(), c)));
    }

    private static Set<String> placeholders(String text) {
        Set<String> names = new HashSet<>();
        Matcher matcher = Pattern.compile("\\{(\\w+)(?:\\|[^}]*)?}").matcher(text);
        while (matcher.find()) {
            names.add(matcher.group(1));
        }
        return names;
    }
}
