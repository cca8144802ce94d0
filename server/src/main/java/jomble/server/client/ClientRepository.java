package jomble.server.client;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ClientRepository extends JpaRepository<Client, UUID> {
    @Query("""
            select new jomble.server.client.ClientSummary(c.id, c.name,
                (select count(p) from PieceRow p where p.clientId = c.id))
            from Client c order by c.name""")
    List<ClientSummary> summaries();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from Client c where c.id = :id")
    Optional<Client> findToChange(UUID id);
}
