package jomble.server.kind;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StudioKindRepository extends JpaRepository<StudioKind, UUID> {
    List<StudioKind> findAllByOrderByName();

    Optional<StudioKind> findByName(String name);
}
