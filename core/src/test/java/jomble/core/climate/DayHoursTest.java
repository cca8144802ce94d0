package jomble.core.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalTime;
import jomble.core.brief.TimeOfDay;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DayHoursTest {
    private static final Weather DAY = new Weather(10, 20, 60, 3, 0.4, false);

    @ParameterizedTest(name = "at {0} h")
    @CsvSource({"5, 0", "8, 0.25", "12, 0.8", "15, 1", "18, 0.75", "20, 0.55", "23, 0.3", "2, 0.1", "0, 0.25", "29, 0"})
    void theAirWarmsAndCools(double hour, double share) {
        assertThat(DayHours.shareAt(hour)).isCloseTo(share, within(0.001));
    }

    @ParameterizedTest(name = "{0} to {1}")
    @CsvSource({
        "08:00, 12:00, 12.5, 18",
        "12:30, 15:00, 18.1, 20",
        "12:00, 18:00, 17.5, 20",
        "19:30, 01:00, 11.5, 15.8",
        "22:00, 06:00, 10, 13.6",
        "06:00, 06:00, 10, 20",
        "05:00, 05:30, 10, 10.2"
    })
    void feltFromOneTimeToAnother(LocalTime from, LocalTime to, double low, double high) {
        Weather felt = DayHours.between(from, to).of(DAY);
        assertThat(felt.lowC()).isCloseTo(low, within(0.3));
        assertThat(felt.highC()).isCloseTo(high, within(0.3));
    }

    @ParameterizedTest
    @CsvSource({"MORNING, 11.5, 18", "DAYTIME, 12.5, 20", "EVENING, 13, 17.5", "NIGHT, 10.5, 13.5"})
    void feltInAPartOfTheDay(TimeOfDay time, double low, double high) {
        Weather felt = time.hours().of(DAY);
        assertThat(felt.lowC()).isCloseTo(low, within(1e-9));
        assertThat(felt.highC()).isCloseTo(high, within(1e-9));
        assertThat(felt.rainChance()).isEqualTo(DAY.rainChance());
    }

    /** Longer hours never feel less of the day. */
    @Test
    void longerHoursFeelMore() {
        for (int start = 0; start < 24; start++) {
            DayHours before = DayHours.between(LocalTime.of(start, 0), LocalTime.of(start, 30));
            for (int hours = 1; hours < 24; hours++) {
                DayHours longer = DayHours.between(LocalTime.of(start, 0), LocalTime.of((start + hours) % 24, 0));
                assertThat(longer.low()).isLessThanOrEqualTo(before.low());
                assertThat(longer.high()).isGreaterThanOrEqualTo(before.high());
                before = longer;
            }
        }
    }

    @Test
    void refusesWhatIsNoPart() {
        assertThatThrownBy(() -> new DayHours(0.5, 0.4)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new DayHours(-0.1, 0.4)).isInstanceOf(IllegalArgumentException.class);
    }
}
