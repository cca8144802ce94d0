package jomble.server.photo;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<Photo, UUID> {
    /** A photo without its pixels. */
    record Line(UUID id, String colours) {}

    @Query("""
            select new jomble.server.photo.PhotoRepository$Line(p.id, p.colours) from Photo p
            where p.clientId = :clientId and p.ref = :ref order by p.id""")
    List<Line> lines(UUID clientId, String ref);

    Optional<Photo> findByIdAndClientId(UUID id, UUID clientId);
}
