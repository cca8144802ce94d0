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

/** One change to an entry of a wardrobe: a piece, a wear, the brief. Append-only; read by undo and the history of a piece. */
@Entity
@Table(name = "wardrobe_change")
public class Change {
    /** The part whose entries are pieces; every other part is kept by the wardrobe document. */
    public static final String PIECES = "pieces";

    static final String ADDED = "added";
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
    private String part;
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
    static Change of(UUID clientId, UUID step, String part, String ref, String before, String after) {
        Change change = new Change();
        change.clientId = clientId;
        change.step = step;
        change.part = part;
        change.ref = ref;
        change.beforeDoc = before;
        change.afterDoc = after;
        change.action = before == null ? ADDED : after == null ? "deleted" : "changed";
        return change;
    }

    /** With the former place of an entry that was deleted or moved. */
    Change from(Integer formerPlace) {
        this.place = formerPlace;
        return this;
    }

    /** The inverse of a change, as part of another step. */
    static Change takingBack(Change other, UUID step) {
        Change change = of(other.clientId, step, other.part, other.ref, other.afterDoc, other.beforeDoc);
        change.undoes = other.id;
        change.action = other.action.equals(UNDONE) ? REDONE : UNDONE;
        return change;
    }

    /** @param place number among the client's changes, from 1 */
    Change at(long place) {
        this.number = place;
        return this;
    }

    /** Its number among the client's changes, from 1. */
    public long number() {
        return number;
    }

    Change by(UUID account, Instant when) {
        this.accountId = account;
        this.at = when;
        return this;
    }

    public UUID step() {
        return step;
    }

    /** The part of the wardrobe document it belongs to, such as {@code pieces} or {@code wears}. */
    public String part() {
        return part;
    }

    /** Id of the entry within its part; empty for a part that is no list, such as the brief. */
    public String ref() {
        return ref;
    }

    /** Whether it added an entry at the end of its part. */
    public boolean isAddition() {
        return action.equals(ADDED);
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

    /** The former place of an entry that was deleted or moved; null if none was, or before places were recorded. */
    public Integer place() {
        return place;
    }

    public Instant at() {
        return at;
    }
}
