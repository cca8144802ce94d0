package jomble.server.piece;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PieceChangeRepository extends JpaRepository<PieceChange, Long> {
    /** Changes of a client that were neither undone nor are an undoing themselves, newest first. */
    @Query("""
            select c from PieceChange c
            where c.clientId = :clientId and c.undoes is null
              and not exists (select 1 from PieceChange u where u.undoes = c.id)
            order by c.id desc""")
    List<PieceChange> undoable(UUID clientId, Limit limit);
}
