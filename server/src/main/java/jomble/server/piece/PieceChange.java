package jomble.server.piece;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** One change to a piece, written once and never altered; undo and the story of a piece read it. */
@Entity
class PieceChange {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @TenantId
    private UUID studioId;

    private UUID clientId;
    private String ref;
    private String action;

    @Column(columnDefinition = "longtext")
    private String beforeDoc;

    @Column(columnDefinition = "longtext")
    private String afterDoc;

    private Long undoes;
    private UUID accountId;
    private Instant at;

    protected PieceChange() {}

    PieceChange(UUID clientId, String ref, String beforeDoc, String afterDoc, Long undoes, UUID accountId, Instant at) {
        this.clientId = clientId;
        this.ref = ref;
        this.action =
                undoes != null ? "undone" : beforeDoc == null ? "added" : afterDoc == null ? "deleted" : "changed";
        this.beforeDoc = beforeDoc;
        this.afterDoc = afterDoc;
        this.undoes = undoes;
        this.accountId = accountId;
        this.at = at;
    }

    Long id() {
        return id;
    }

    String ref() {
        return ref;
    }

    String action() {
        return action;
    }

    String beforeDoc() {
        return beforeDoc;
    }

    String afterDoc() {
        return afterDoc;
    }
}
