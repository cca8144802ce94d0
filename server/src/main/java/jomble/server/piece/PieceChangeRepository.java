package jomble.server.piece;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PieceChangeRepository extends JpaRepository<PieceChange, Long> {
    /** Changes that stand and are no undoing themselves, newest first. */
    @Query("""
            select c from PieceChange c
            where c.clientId = :clientId and c.action <> 'undone'
              and not exists (select 1 from PieceChange u where u.undoes = c.id)
            order by c.id desc""")
    List<PieceChange> undoable(UUID clientId, Limit limit);

    /** Undoings that stand and after which nothing new was done, newest first. */
    @Query("""
            select c from PieceChange c
            where c.clientId = :clientId and c.action = 'undone'
              and not exists (select 1 from PieceChange u where u.undoes = c.id)
              and not exists (select 1 from PieceChange n
                              where n.clientId = :clientId and n.undoes is null and n.id > c.id)
            order by c.id desc""")
    List<PieceChange> redoable(UUID clientId, Limit limit);

    List<PieceChange> findByClientIdAndStepOrderByIdDesc(UUID clientId, UUID step);

    List<PieceChange> findByClientIdAndRefOrderByIdDesc(UUID clientId, String ref, Limit limit);
}
