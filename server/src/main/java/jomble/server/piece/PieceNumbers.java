package jomble.server.piece;

import jakarta.persistence.Entity;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import jomble.core.piece.PieceId;
import org.hibernate.annotations.TenantId;
import org.springframework.stereotype.Component;

/**
 * Ids given to pieces that come without one: p1, p2, and so on. A number is never given twice, also after its piece was
 * deleted: what still names the old piece must not be taken to mean a new one.
 */
@Component
class PieceNumbers {
    private final EntityManager entities;

    PieceNumbers(EntityManager entities) {
        this.entities = entities;
    }

    /** The highest number given or named so far, kept in the client's row. */
    @Entity(name = "PieceNumber")
    @Table(name = "client")
    static class Highest {
        @Id
        private UUID id;

        @TenantId
        private UUID studioId;

        private long lastPiece;
    }

    /** The next id; the client must be held. */
    String next(UUID clientId) {
        return "p" + ++highest(clientId).lastPiece;
    }

    /** Notes an id named by a document; the client must be held. */
    void reach(UUID clientId, String ref) {
        Highest highest = highest(clientId);
        highest.lastPiece = Math.max(highest.lastPiece, PieceId.numberIn(ref));
    }

    /** The number the next piece without an id would get. */
    long upcoming(UUID clientId) {
        return highest(clientId).lastPiece + 1;
    }

    private Highest highest(UUID clientId) {
        return entities.find(Highest.class, clientId);
    }
}
