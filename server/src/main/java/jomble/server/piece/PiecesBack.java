package jomble.server.piece;

import java.util.List;
import java.util.UUID;

/**
 * Published within the transaction when pieces return to a wardrobe, so that what was removed with them returns too.
 *
 * @param goneWith the step that removed them
 */
public record PiecesBack(UUID clientId, UUID goneWith, List<String> refs) {}
