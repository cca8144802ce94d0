package jomble.server.history;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ChangeRepository extends JpaRepository<Change, Long> {
    /** Changes in effect that are not undo steps, newest first. */
    @Query("""
            select c from Change c
            where c.clientId = :clientId and c.action <> 'undone'
              and not exists (select 1 from Change u where u.undoes = c.id)
            order by c.number desc""")
    List<Change> undoable(UUID clientId, Limit limit);

    /** Undo steps in effect with no newer change, newest first. */
    @Query("""
            select c from Change c
            where c.clientId = :clientId and c.action = 'undone'
              and not exists (select 1 from Change u where u.undoes = c.id)
              and not exists (select 1 from Change n
                              where n.clientId = :clientId and n.undoes is null and n.number > c.number)
            order by c.number desc""")
    List<Change> redoable(UUID clientId, Limit limit);

    List<Change> findByClientIdAndNumberGreaterThanOrderByNumber(UUID clientId, long number, Limit limit);

    List<Change> findByClientIdAndStepOrderByNumberDesc(UUID clientId, UUID step);

    List<Change> findByClientIdAndPartAndRefOrderByNumberDesc(UUID clientId, String part, String ref, Limit limit);
}
