package jomble.server.client;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EntryRepository extends JpaRepository<EntryRow, UUID> {
    List<EntryRow> findByClientIdOrderByPosition(UUID clientId);

    List<EntryRow> findByClientIdAndPartOrderByPosition(UUID clientId, String part);

    Optional<EntryRow> findByClientIdAndPartAndRef(UUID clientId, String part, String ref);

    long countByClientIdAndPart(UUID clientId, String part);

    @Query("select coalesce(max(e.position), 0) from EntryRow e where e.clientId = :clientId and e.part = :part")
    int lastPosition(UUID clientId, String part);
}
