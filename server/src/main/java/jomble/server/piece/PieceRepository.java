package jomble.server.piece;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PieceRepository extends JpaRepository<PieceRow, UUID> {
    List<PieceRow> findByClientIdOrderByPosition(UUID clientId);

    long countByClientId(UUID clientId);

    Optional<PieceRow> findByClientIdAndRef(UUID clientId, String ref);

    Optional<PieceRow> findByIdAndClientId(UUID id, UUID clientId);

    List<PieceRow> findByClientIdAndRefIn(UUID clientId, Collection<String> refs);

    @Query("select coalesce(max(p.position), 0) from PieceRow p where p.clientId = :clientId")
    int lastPosition(UUID clientId);
}
