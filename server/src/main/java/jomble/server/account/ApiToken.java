package jomble.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A program's token for the compute calls; only its SHA-256 is stored. */
@Entity
class ApiToken {
    @Id
    private UUID id;

    private UUID studioId;
    private String name;

    @Column(columnDefinition = "char(64)")
    private String tokenHash;

    private Instant revokedAt;

    protected ApiToken() {}

    ApiToken(UUID id, UUID studioId, String name, String tokenHash) {
        this.id = id;
        this.studioId = studioId;
        this.name = name;
        this.tokenHash = tokenHash;
    }

    UUID id() {
        return id;
    }

    UUID studioId() {
        return studioId;
    }

    String name() {
        return name;
    }

    String tokenHash() {
        return tokenHash;
    }

    Instant revokedAt() {
        return revokedAt;
    }
}
