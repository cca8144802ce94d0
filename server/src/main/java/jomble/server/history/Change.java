package jomble.server.history;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** One change to a piece or the frame of a wardrobe. Append-only; read by undo and the history of a piece. */
@Entity
@Table(name = "wardrobe_change")
public class Change {
    static final String UNDONE = "undone";
    static final String REDONE = "redone";

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "wardrobe_change_seq")
    @SequenceGenerator(name = "wardrobe_change_seq", allocationSize = 100)
    private Long id;

    @TenantId
    private UUID studioId;

    private UUID clientId;
    private long number;
    private UUID step;
    private String ref;
    private String action;

    @Column(columnDefinition = "longtext")
    private String beforeDoc;

    @Column(columnDefinition = "longtext")
    private String afterDoc;

    private Integer place;
    private Long undoes;
    private UUID accountId;
    private Instant at;

    protected Change() {}

    /** @param before,after document forms; null if there was none */
    static Change of(UUID clientId, UUID step, String ref, String before, String after) {
        Change change = new Change();
        change.clientId = clientId;
        change.step = step;
        change.ref = ref;
        change.beforeDoc = before;
        change.afterDoc = after;
        change.action = before == null ? "added" : after == null ? "deleted" : "changed";
        return change;
    }

    /** With the former place of a deleted piece. */
    Change from(Integer formerPlace) {
        this.place = formerPlace;
        return this;
    }

    /** The inverse of a change, as part of another step. */
    static Change takingBack(Change other, UUID step) {
        Change change = of(other.clientId, step, other.ref, other.afterDoc, other.beforeDoc);
        change.undoes = other.id;
        change.action = other.action.equals(UNDONE) ? REDONE : UNDONE;
        return change;
    }

    /** @param place number among the client's changes, from 1 */
    Change at(long place) {
        this.number = place;
        return this;
    }

    Change by(UUID account, Instant when) {
        this.accountId = account;
        this.at = when;
        return this;
    }

    public UUID step() {
        return step;
    }

    /** The piece, or {@link History#FRAME}. */
    public String ref() {
        return ref;
    }

    public String action() {
        return action;
    }

    public String beforeDoc() {
        return beforeDoc;
    }

    public String afterDoc() {
        return afterDoc;
    }

    /** The former place of a deleted piece; null if none was deleted, or it was deleted before places were recorded. */
    public Integer place() {
        return place;
    }

    public Instant at() {
        return at;
    }
}
