package jomble.server.client;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A client as a line of the studio's list.
 *
 * @param lastVisit the latest visit before today, or null
 * @param nextVisit the earliest visit today or later, or null
 */
public record ClientSummary(UUID id, String name, long pieces, LocalDate lastVisit, LocalDate nextVisit) {}
