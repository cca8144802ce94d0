package jomble.server.client;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.TenantId;
import org.springframework.data.domain.Persistable;

/**
 * An entry of a client's wardrobe document besides its pieces: a wear, a saved outfit, the brief. A part that is no
 * list has one entry with an empty ref.
 */
@Entity
@Table(name = "client_entry")
class EntryRow implements Persistable<UUID> {
    @Id
    private UUID id;

    @TenantId
    private UUID studioId;

    private UUID clientId;
    private String part;
    private String ref;
    private int position;

    /** Number of the change that wrote it: it only rises, also when an entry is deleted and restored. */
    private long version;

    private LocalDate day;

    @Column(columnDefinition = "longtext")
    private String document;

    /** Whether the database has it; without this, saving a new row would look for it first. */
    @Transient
    private boolean isStored;

    protected EntryRow() {}

    EntryRow(UUID id, UUID clientId, String part, String ref, int position) {
        this.id = id;
        this.clientId = clientId;
        this.part = part;
        this.ref = ref;
        this.position = position;
    }

    EntryRow write(String written, LocalDate itsDay, long change) {
        this.document = written;
        this.day = itsDay;
        this.version = change;
        return this;
    }

    EntryRow moveTo(int place) {
        this.position = place;
        return this;
    }

    String part() {
        return part;
    }

    String ref() {
        return ref;
    }

    int position() {
        return position;
    }

    long version() {
        return version;
    }

    String document() {
        return document;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return !isStored;
    }

    @PostLoad
    @PostPersist
    void markStored() {
        isStored = true;
    }
}
