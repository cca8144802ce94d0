package jomble.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jomble.core.Json;
import jomble.core.brief.Brief;
import jomble.core.brief.Needs;
import jomble.core.brief.Occasion;
import jomble.core.brief.Season;
import jomble.core.climate.ClimateMonth;
import jomble.core.climate.Forecast;
import jomble.core.climate.Place;
import jomble.core.climate.Places;
import jomble.core.climate.SimulatedForecast;
import jomble.core.judgement.HouseRules;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.tree.InvalidInputException;
import jomble.core.tree.Node;
import jomble.core.tree.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a brief says, and what follows from it. */
class BriefTest {
    /** As it was written before briefs had a place, seasons, needs, budget, notes and consent. */
    private static final String OF_THE_VERSION_BEFORE = """
            {'boundaries': {'coverage': ['shoulders'], 'avoid': [{'fibre': 'wool'}], 'sensitivities': ['nickel'],
              'maxHeelCm': 6, 'tucks': true},
             'palette': {'base': ['#1f2a44'], 'accents': ['#b5522b'], 'avoid': []},
             'metals': 'silver', 'pmvOffset': 0.0, 'heights': {'statureCm': 168}, 'lengthenLeg': false,
             'laundry': {'intervalDays': 7, 'dryCleanVisitsPerMonth': 2},
             'occasions': [{'name': 'desk day', 'formalityLow': 3, 'formalityHigh': 5, 'requires': ['closed-toe'],
               'setting': 'usual', 'work': true, 'outdoorMinutes': 30, 'met': 1.2, 'timesPerWeek': 3, 'months': [],
               'audience': 'colleagues'}],
             'climate': [{'month': 1, 'lowC': 1, 'highC': 5, 'humidity': 80, 'windMs': 6, 'rainDays': 17}]}""";

    private static Brief read(Object tree) {
        Node node = Node.root(tree);
        Brief brief = BriefReader.read(node);
        node.finish();
        return brief;
    }

    private static Brief read(String json) {
        return read(Json.object(json));
    }

    @Test
    void aBriefOfTheVersionBeforeIsReadAndLosesNothing() {
        Brief brief = read(OF_THE_VERSION_BEFORE);
        Map<String, Object> written = BriefReader.write(brief);
        assertThat(read(written)).isEqualTo(brief);
        Json.object(OF_THE_VERSION_BEFORE).forEach((part, value) -> {
            if (!List.of("occasions", "laundry", "heights", "boundaries", "climate")
                    .contains(part)) {
                assertThat(Json.write(written.get(part))).as(part).isEqualTo(Json.write(value));
            }
        });
        assertThat(brief.occasions().get(0).indoorC()).isEqualTo(Occasion.USUAL_INDOOR_C);
        assertThat(brief.seasons()).extracting(Season::name).containsExactly("winter", "spring", "summer", "autumn");
        assertThat(brief.hasUsualSeasons()).isTrue();
    }

    @Test
    void everyPartIsWrittenAsItWasRead() {
        Brief brief = read("""
                {'boundaries': {'sensitivities': ['wool', 'chrome salts'], 'healthNote': 'asks before perfume', 'tucks': false},
                 'laundry': {'intervalDays': 3, 'dryingDays': 2, 'dryCleanVisitsPerMonth': 0},
                 'occasions': [{'name': 'stage', 'timesPerMonth': 2, 'timeOfDay': 'evening', 'from': '19:30', 'to': '01:00', 'indoorC': 26, 'paused': true}],
                 'place': 'Vessel Bay', 'notes': 'early', 'photoConsent': '2027-01-05', 'coats': 'recorded',
                 'budget': {'amount': 900.50, 'currency': 'EUR'},
                 'seasons': [{'name': 'term', 'months': [9, 10, 11]}, {'name': 'rest', 'months': [12, 1]}],
                 'needs': [{'occasion': 'stage', 'season': 'term', 'outfits': 4}]}""");
        assertThat(read(BriefReader.write(brief))).isEqualTo(brief);
        assertThat(brief.boundaries().otherSensitivities()).containsExactly("chrome salts");
        assertThat(brief.hasUsualSeasons()).isFalse();
    }

    static List<Place> places() {
        return Places.shipped();
    }

    @ParameterizedTest
    @MethodSource("places")
    void seasonsUsualInAClimateAreTheWholeYear(Place place) {
        Brief brief = read(Map.of(
                "climate", place.months().stream().map(ClimateReader::write).toList()));
        List<Integer> months = brief.seasons().stream()
                .flatMap(season -> season.months().stream())
                .sorted()
                .toList();
        assertThat(months).isEqualTo(IntStream.rangeClosed(1, 12).boxed().toList());
        assertThat(brief.seasons()).hasSizeBetween(2, 4).allMatch(brief::knows);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Vessel Bay | winter 12 1 2; spring 3 4 5; summer 6 7 8; autumn 9 10 11",
                "Kestrel Plains | summer 12 1 2; autumn 3 4 5; winter 6 7 8; spring 9 10 11",
                "Rainmark | wet season 5 6 7 8 9 10; dry season 11 12 1 2 3 4",
                "Sandhaven | winter 12 1 2; spring 3 4 5; summer 6 7 8; autumn 9 10 11",
            })
    void seasonsAreThoseOfTheClimate(String place, String seasons) {
        Place found = Places.shipped().stream()
                .filter(one -> one.name().equals(place))
                .findFirst()
                .orElseThrow();
        Brief brief = read(Map.of(
                "climate", found.months().stream().map(ClimateReader::write).toList()));
        assertThat(brief.seasons().stream()
                        .map(season -> season.name() + " "
                                + season.months().stream().map(String::valueOf).collect(Collectors.joining(" ")))
                        .collect(Collectors.joining("; ")))
                .isEqualTo(seasons);
    }

    @Test
    void thereArePlacesForEveryClimate() {
        assertThat(Places.shipped()).hasSize(36).extracting(Place::name).doesNotHaveDuplicates();
        assertThat(Places.shipped())
                .allSatisfy(place -> assertThat(place.months())
                        .hasSize(12)
                        .allMatch(month -> month.lowC() <= month.highC() && month.rainDays() <= 31));
        assertThat(Places.shipped().stream().map(Place::type).distinct()).hasSizeGreaterThan(10);
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "3, -, 6",
                "5, -, 10",
                "7, -, 10",
                "0.5, -, 1",
                "0, -, 0",
                "-, 4, 2",
                "-, 30, 10",
                "-, 0.1, 1",
                "-, -, 2"
            })
    void twoWeeksOfAnOccasionAreNeeded(Double perWeek, Double perMonth, int outfits) {
        String often = perWeek != null
                ? "'timesPerWeek': " + perWeek
                : perMonth != null ? "'timesPerMonth': " + perMonth : "'work': false";
        Brief brief = read("{'occasions': [{'name': 'desk', " + often + "}]}");
        assertThat(Needs.of(brief)).hasSize(4).allMatch(need -> need.outfits() == outfits && !need.isSet());
    }

    @Test
    void needsAreSetByHandAndOnlyWhereTheOccasionIs() {
        Brief brief = read("""
                {'occasions': [{'name': 'stage', 'timesPerWeek': 2, 'months': [1]}, {'name': 'rest', 'paused': true}],
                 'needs': [{'occasion': 'stage', 'season': 'winter', 'outfits': 9}, {'occasion': 'gone', 'season': 'x', 'outfits': 1}]}""");
        assertThat(Needs.of(brief)).hasSize(1);
        assertThat(Needs.of(brief).get(0).outfits()).isEqualTo(9);
        assertThat(Needs.of(brief).get(0).isSet()).isTrue();
    }

    @Test
    void everyLimitCanBeThoughtAway() {
        Wardrobe wardrobe = Wardrobe.EMPTY
                .with(Parts.BRIEF, read("""
                {'boundaries': {'coverage': ['knee'], 'avoid': [{'fibre': 'wool'}, {'kind': 'shirt'}], 'sensitivities': ['own', 'latex'],
                  'maxHeelCm': 5, 'tucks': false},
                 'palette': {'base': ['#111111'], 'accents': ['#cc0000'], 'avoid': ['#00cc00', '#0000cc']},
                 'metals': 'silver', 'pmvOffset': -0.5, 'lengthenLeg': true,
                 'occasions': [{'name': 'quay', 'maxHeelCm': 2, 'requires': ['flat', 'closed-toe']}, {'name': 'off', 'paused': true, 'maxHeelCm': 1}]}"""))
                .with(
                        Parts.RULES,
                        new HouseRules(
                                Map.of(SchoolSwitch.METALS, "mixed", SchoolSwitch.ALL_BLACK, "avoided"), Map.of()));
        List<Limit> limits = Limit.of(wardrobe);
        assertThat(limits)
                .extracting(Limit::pointer)
                .containsExactly(
                        "/boundaries/coverage/0",
                        "/boundaries/avoid/0",
                        "/boundaries/avoid/1",
                        "/boundaries/sensitivities/0",
                        "/boundaries/maxHeelCm",
                        "/boundaries/tucks",
                        "/palette/base",
                        "/palette/accents",
                        "/palette/avoid/0",
                        "/palette/avoid/1",
                        "/metals",
                        "/pmvOffset",
                        "/lengthenLeg",
                        "/occasions/0/maxHeelCm",
                        "/occasions/0/requires/0",
                        "/occasions/0/requires/1",
                        "/rules/schools/metals",
                        "/rules/schools/all-black");
        Set<Wardrobe> others = new HashSet<>();
        assertThat(limits).allSatisfy(limit -> {
            assertThat(others.add(limit.without())).as(limit.pointer()).isTrue();
            assertThat(Limit.of(limit.without())).hasSize(limits.size() - 1);
        });
    }

    private static List<ClimateMonth> climate(String text) {
        Node node = Node.root(text);
        List<ClimateMonth> months = ClimateTable.read(node);
        node.finish();
        return months;
    }

    private static String twelve(String line) {
        return IntStream.rangeClosed(1, 12)
                .mapToObj(month -> line.formatted(month, month))
                .collect(Collectors.joining("\n"));
    }

    @Test
    void aClimateIsReadAsPeopleTypeIt() {
        ClimateMonth may = new ClimateMonth(5, -5, 10, 50, 0, 0);
        assertThat(climate("month low high\n" + twelve("%d,-%d,10")))
                .hasSize(12)
                .contains(may);
        assertThat(climate(twelve("-%1$d 10"))).contains(may);
        assertThat(climate(twelve("−%1$d; 10"))).contains(may);
        String named = "May -5 10\n"
                + List.of("Jan", "Feb", "March", "april", "JUNE", "Jul.", "Aug", "Sept", "Oct", "Nov", "Dec").stream()
                        .map(name -> name + "\t1\t6\t84\t5\t18")
                        .collect(Collectors.joining("\n"));
        assertThat(climate(named)).contains(may, new ClimateMonth(6, 1, 6, 84, 5, 18));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 5 | months",
                "1 5 x | not-a-month months",
                "7 | not-a-month months",
            })
    void whatIsNoClimateIsSaidWithItsLine(String text, String codes) {
        InvalidInputException refused = catchThrowableOfType(InvalidInputException.class, () -> climate(text));
        assertThat(refused.problems().stream().map(Problem::code).collect(Collectors.joining(" ")))
                .isEqualTo(codes);
    }

    @Test
    void aLowAboveItsHighIsRefusedInATable() {
        InvalidInputException refused =
                catchThrowableOfType(InvalidInputException.class, () -> climate(twelve("%d,20,10")));
        assertThat(refused.problems()).extracting(Problem::code).containsOnly("out-of-order");
    }

    @Test
    void theForecastIsTheSameForTheSamePlaceAndDay() {
        Place bay = Places.shipped().get(0);
        Forecast forecast = new SimulatedForecast();
        LocalDate day = LocalDate.of(2027, 1, 12);
        List<Forecast.Day> week = forecast.days(bay.name(), bay.months(), day, 14);
        assertThat(week).hasSize(14).isEqualTo(forecast.days(bay.name(), bay.months(), day, 14));
        assertThat(forecast.days(bay.name(), bay.months(), day.plusDays(3), 1)).containsExactly(week.get(3));
        assertThat(forecast.days("elsewhere", bay.months(), day, 14)).isNotEqualTo(week);
        assertThat(week)
                .allSatisfy(one -> assertThat(one.weather().lowC())
                        .isBetween(-14.0, 15.0)
                        .isLessThanOrEqualTo(one.weather().highC()));
    }

    @Test
    void templatesAreOccasionsOfTheirOwn() {
        List<Occasion> templates = OccasionTemplates.shipped();
        assertThat(templates).hasSize(18).extracting(Occasion::name).doesNotHaveDuplicates();
        assertThat(templates).allSatisfy(one -> {
            assertThat(one.weekly()).isPresent();
            assertThat(read(Map.of("occasions", List.of(OccasionReader.write(one))))
                            .occasions())
                    .containsExactly(one);
        });
    }
}
