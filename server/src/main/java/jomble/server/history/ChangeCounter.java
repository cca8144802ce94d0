package jomble.server.history;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/**
 * The number of changes in a client's history, kept in the client's row. Every change locks that row, so numbers follow
 * the order of changes across instances.
 */
@Entity
@Table(name = "client")
class ChangeCounter {
    @Id
    private UUID id;

    @TenantId
    private UUID studioId;

    private long lastChange;

    protected ChangeCounter() {}

    long next() {
        return ++lastChange;
    }
}
