package jomble.server.piece;

import java.util.List;
import java.util.UUID;

/** Published within the transaction when pieces leave a wardrobe, so that what belongs to them is removed too. */
public record PiecesGone(UUID clientId, UUID step, List<String> refs) {}
