package jomble.server.piece;

import java.util.List;
import java.util.UUID;

/** Tells within the transaction that pieces leave a wardrobe, so that what hangs on them goes with them. */
public record PiecesGone(UUID clientId, UUID step, List<String> refs) {}
