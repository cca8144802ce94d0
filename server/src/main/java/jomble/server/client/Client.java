package jomble.server.client;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** A client of a studio. */
@Entity
public class Client {
    @Id
    private UUID id;

    @TenantId
    private UUID studioId;

    @Version
    private Long version;

    private String name;

    private Instant createdAt;

    protected Client() {}

    Client(UUID id, String name, Instant createdAt) {
        this.id = id;
        this.name = name;
        this.createdAt = createdAt;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }
}
