package jomble.server.photo;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;
import org.springframework.data.domain.Persistable;

/** A photo of a piece, re-encoded; immutable. */
@Entity
class Photo implements Persistable<UUID> {
    @Id
    private UUID id;

    @TenantId
    private UUID studioId;

    private UUID clientId;
    private String ref;

    @Column(columnDefinition = "mediumblob")
    private byte[] small;

    @Column(columnDefinition = "mediumblob")
    private byte[] medium;

    @Column(columnDefinition = "mediumblob")
    private byte[] large;

    private String colours;
    /** The step that deleted its piece, null while the piece exists. */
    private UUID goneWith;

    private Instant createdAt;

    @Transient
    private boolean fresh = true;

    protected Photo() {}

    Photo(UUID id, UUID clientId, String ref, Picture picture, Instant createdAt) {
        this.id = id;
        this.clientId = clientId;
        this.ref = ref;
        this.small = picture.small();
        this.medium = picture.medium();
        this.large = picture.large();
        this.colours = picture.colours();
        this.createdAt = createdAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }

    @PostPersist
    @PostLoad
    void kept() {
        fresh = false;
    }

    /** @param size small, medium or large */
    byte[] jpeg(String size) {
        return switch (size) {
            case "small" -> small;
            case "medium" -> medium;
            default -> large;
        };
    }
}
