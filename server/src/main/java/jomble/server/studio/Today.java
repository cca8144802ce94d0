package jomble.server.studio;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;

/**
 * What day it is. The server keeps instants and knows no place; pages send the day of whoever looks at them. All the
 * server can say is that it is no later anywhere than in the easternmost time zone.
 */
public final class Today {
    private static final ZoneOffset EASTERNMOST = ZoneOffset.ofHours(14);
    private static final ZoneOffset WESTERNMOST = ZoneOffset.ofHours(-12);

    private Today() {}

    /**
     * The day of whoever asks, or the server's, in UTC, if that is not said or cannot be.
     *
     * @param said the caller's day, or null
     */
    public static LocalDate of(LocalDate said, Clock clock) {
        boolean isSomewhere = said != null
                && !said.isAfter(latest(clock))
                && !said.isBefore(LocalDate.ofInstant(clock.instant(), WESTERNMOST));
        return isSomewhere ? said : LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** The latest date it is anywhere on earth. */
    public static LocalDate latest(Clock clock) {
        return LocalDate.ofInstant(clock.instant(), EASTERNMOST);
    }
}
