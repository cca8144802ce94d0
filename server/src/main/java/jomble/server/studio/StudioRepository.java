package jomble.server.studio;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface StudioRepository extends JpaRepository<Studio, UUID> {
    /** The studio, locked until the transaction ends, so that concurrent changes are serialised. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from Studio s where s.id = :id")
    Optional<Studio> findToChange(UUID id);
}
