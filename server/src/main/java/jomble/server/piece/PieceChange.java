package jomble.server.piece;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** One change to a piece, written once and never altered; undo and the story of a piece read it. */
@Entity
class PieceChange {
    static final String UNDONE = "undone";
    static final String REDONE = "redone";

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "piece_change_seq")
    @SequenceGenerator(name = "piece_change_seq", allocationSize = 100)
    private Long id;

    @TenantId
    private UUID studioId;

    private UUID clientId;
    private UUID step;
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

    /** @param before,after document forms of the piece; null where it did not exist */
    static PieceChange of(UUID clientId, UUID step, String ref, String before, String after) {
        PieceChange change = new PieceChange();
        change.clientId = clientId;
        change.step = step;
        change.ref = ref;
        change.beforeDoc = before;
        change.afterDoc = after;
        change.action = before == null ? "added" : after == null ? "deleted" : "changed";
        return change;
    }

    /** The opposite of a change, as a part of another step. */
    static PieceChange takingBack(PieceChange other, UUID step) {
        PieceChange change = of(other.clientId, step, other.ref, other.afterDoc, other.beforeDoc);
        change.undoes = other.id;
        change.action = other.action.equals(UNDONE) ? REDONE : UNDONE;
        return change;
    }

    PieceChange by(UUID account, Instant when) {
        this.accountId = account;
        this.at = when;
        return this;
    }

    Long id() {
        return id;
    }

    UUID step() {
        return step;
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

    Instant at() {
        return at;
    }
}
