package jomble.server.history;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** A repository rather than queries of our own, so that what the database refuses arrives as what a retry knows. */
interface ChangeCounterRepository extends Repository<ChangeCounter, UUID> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from ChangeCounter c where c.id = :id")
    Optional<ChangeCounter> findToChange(UUID id);

    @Query("select c.lastChange from ChangeCounter c where c.id = :id")
    Optional<Long> latest(UUID id);
}
