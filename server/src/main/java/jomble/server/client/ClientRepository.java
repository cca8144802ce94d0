package jomble.server.client;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ClientRepository extends JpaRepository<Client, UUID> {
    @Query("""
            select new jomble.server.client.ClientSummary(c.id, c.name,
                (select count(p) from PieceRow p where p.clientId = c.id),
                (select max(v.day) from EntryRow v where v.clientId = c.id and v.part = 'visits' and v.day < :today),
                (select min(v.day) from EntryRow v where v.clientId = c.id and v.part = 'visits' and v.day >= :today))
            from Client c order by c.name""")
    List<ClientSummary> summaries(LocalDate today);
}
