package jomble.server.history;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/**
 * How many changes a client's history has, kept in the client's row: who changes anything holds that row, so that numbers follow the order of
 * changes whichever instance makes them.
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
