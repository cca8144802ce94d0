package jomble.server.piece;

import java.util.List;
import java.util.UUID;

/**
 * Tells within the transaction that pieces come back into a wardrobe, so that what went with them comes back too.
 *
 * @param goneWith the step in which they went
 */
public record PiecesBack(UUID clientId, UUID goneWith, List<String> refs) {}
