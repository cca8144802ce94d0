package jomble.server.kind;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** A studio's own kind. It is never deleted, only no longer offered, so that pieces of it can always be read. */
@Entity
class StudioKind {
    @Id
    private UUID id;

    @TenantId
    private UUID studioId;

    private String name;

    @Column(columnDefinition = "longtext")
    private String document;

    private boolean offered;

    @Version
    private Long version;

    private Instant createdAt;

    protected StudioKind() {}

    /** @param document the kind in document form */
    StudioKind(UUID id, String name, String document, Instant createdAt) {
        this.id = id;
        this.name = name;
        this.document = document;
        this.offered = true;
        this.createdAt = createdAt;
    }

    String document() {
        return document;
    }

    boolean isOffered() {
        return offered;
    }

    long version() {
        return version;
    }

    void offer(boolean yes) {
        this.offered = yes;
    }
}
