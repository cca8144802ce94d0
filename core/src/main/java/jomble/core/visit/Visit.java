package jomble.core.visit;

import java.time.LocalDate;
import java.util.Objects;

/**
 * A day the stylist sees the client, past or to come.
 *
 * @param id identifies it among the client's visits
 * @param note at most 2,000 characters; may be empty
 */
public record Visit(String id, LocalDate date, String note) {
    public Visit {
        Objects.requireNonNull(date, "a visit has a date");
    }
}
