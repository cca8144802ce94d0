package jomble.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;

/** A stylist who can sign in. Not filtered by studio, because the studio is unknown before signing in. */
@Entity
class Account {
    @Id
    private UUID id;

    /** Null until it is stored. */
    @Version
    private Long version;

    private UUID studioId;
    private String email;
    private String passwordHash;
    private String name;

    protected Account() {}

    Account(UUID id, UUID studioId, String email, String passwordHash, String name) {
        this.id = id;
        this.studioId = studioId;
        this.email = email;
        this.passwordHash = passwordHash;
        this.name = name;
    }

    UUID id() {
        return id;
    }

    long version() {
        return version;
    }

    UUID studioId() {
        return studioId;
    }

    String email() {
        return email;
    }

    String passwordHash() {
        return passwordHash;
    }

    String name() {
        return name;
    }
}
