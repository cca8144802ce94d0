package jomble.core.climate;

import java.time.LocalTime;

/**
 * The part of a day's range of temperatures that is felt over some of its hours, as shares of the way from the low to
 * the high.
 *
 * @param low coldest share felt, 0..1
 * @param high warmest share felt, from {@code low} to 1
 */
public record DayHours(double low, double high) {
    /**
     * Hours, from the coldest on, and the share of the range the air has reached by then; the hours after midnight are
     * those of the next day. A usual course of a clear day: low at five, high at three in the afternoon.
     */
    private static final double[][] COURSE = {
        {5, 0}, {8, 0.25}, {12, 0.8}, {15, 1}, {18, 0.75}, {20, 0.55}, {23, 0.3}, {26, 0.1}, {29, 0}
    };

    private static final double COLDEST = 5;
    private static final double WARMEST = 15;
    private static final double DAY = 24;
    private static final double SECONDS = 3600;

    public DayHours {
        if (low < 0 || low > high || high > 1) {
            throw new IllegalArgumentException("not a part of a day: " + low + " to " + high);
        }
    }

    /**
     * The hours from one time to another; past midnight where the second is not later than the first, the whole day
     * where they are equal.
     */
    public static DayHours between(LocalTime from, LocalTime to) {
        double start = from.toSecondOfDay() / SECONDS;
        double end = to.toSecondOfDay() / SECONDS;
        end += end <= start ? DAY : 0;
        double least = Math.min(shareAt(start), shareAt(end));
        double most = Math.max(shareAt(start), shareAt(end));
        return new DayHours(isWithin(COLDEST, start, end) ? 0 : least, isWithin(WARMEST, start, end) ? 1 : most);
    }

    private static boolean isWithin(double hour, double start, double end) {
        return start <= hour && hour <= end || start <= hour + DAY && hour + DAY <= end;
    }

    /** The share of the range at an hour, 0..48; between the given hours a half wave of a cosine. */
    static double shareAt(double hour) {
        double at = hour;
        while (at < COLDEST) {
            at += DAY;
        }
        while (at > COLDEST + DAY) {
            at -= DAY;
        }
        for (int i = 1; i < COURSE.length; i++) {
            if (at <= COURSE[i][0]) {
                double[] before = COURSE[i - 1];
                double[] after = COURSE[i];
                double part = (at - before[0]) / (after[0] - before[0]);
                return before[1] + (after[1] - before[1]) * (1 - Math.cos(Math.PI * part)) / 2;
            }
        }
        throw new IllegalStateException("no hour: " + hour);
    }

    /** A day's weather as it is felt in these hours. */
    public Weather of(Weather day) {
        double range = day.highC() - day.lowC();
        return new Weather(
                day.lowC() + low * range,
                day.lowC() + high * range,
                day.humidityPercent(),
                day.windMs(),
                day.rainChance(),
                day.indoors());
    }
}
