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

/** One change to a piece or to the frame of a wardrobe, written once and never altered; undo and the story of a piece read it. */
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

    /** @param before,after document forms; null where there was none */
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

    /** With the place in the wardrobe of a piece that goes. */
    Change from(Integer formerPlace) {
        this.place = formerPlace;
        return this;
    }

    /** The opposite of a change, as a part of another step. */
    static Change takingBack(Change other, UUID step) {
        Change change = of(other.clientId, step, other.ref, other.afterDoc, other.beforeDoc);
        change.undoes = other.id;
        change.action = other.action.equals(UNDONE) ? REDONE : UNDONE;
        return change;
    }

    /** @param place among the changes of the client, the first is 1 */
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

    /** Where the piece stood that went; null where none did, or it was before places were kept. */
    public Integer place() {
        return place;
    }

    public Instant at() {
        return at;
    }
}
