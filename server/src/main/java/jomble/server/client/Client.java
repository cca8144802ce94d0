package jomble.server.client;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** A client of a studio, with the wardrobe document except its pieces. */
@Entity
public class Client {
    @Id
    private UUID id;

    @TenantId
    private UUID studioId;

    @Version
    private Long version;

    private String name;

    @Column(columnDefinition = "longtext")
    private String frame;

    private Instant createdAt;

    protected Client() {}

    Client(UUID id, String name, String frame, Instant createdAt) {
        this.id = id;
        this.name = name;
        this.frame = frame;
        this.createdAt = createdAt;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    String frame() {
        return frame;
    }

    void reframe(String document) {
        this.frame = document;
    }
}
