package jomble.server.client;

import java.util.UUID;

/** A client as a line of the studio's list. */
public record ClientSummary(UUID id, String name, long pieces) {}
