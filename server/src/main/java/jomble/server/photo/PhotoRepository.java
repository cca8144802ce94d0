package jomble.server.photo;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<Photo, UUID> {
    /** A photo without its pixels. */
    record Line(UUID id, String colours) {}

    @Query("""
            select new jomble.server.photo.PhotoRepository$Line(p.id, p.colours) from Photo p
            where p.clientId = :clientId and p.ref = :ref and p.goneWith is null order by p.id""")
    List<Line> lines(UUID clientId, String ref);

    int countByClientIdAndRefAndGoneWithIsNull(UUID clientId, String ref);

    int countByClientIdAndGoneWithIsNull(UUID clientId);

    @Modifying
    @Query("delete from Photo p where p.clientId = :clientId")
    void deleteAllOf(UUID clientId);

    Optional<Photo> findByIdAndClientIdAndGoneWithIsNull(UUID id, UUID clientId);

    @Modifying
    @Query(
            "update Photo p set p.goneWith = :step where p.clientId = :clientId and p.ref in :refs and p.goneWith is null")
    void go(UUID clientId, Collection<String> refs, UUID step);

    @Modifying
    @Query(
            "update Photo p set p.goneWith = null where p.clientId = :clientId and p.ref in :refs and p.goneWith = :step")
    void comeBack(UUID clientId, Collection<String> refs, UUID step);
}
