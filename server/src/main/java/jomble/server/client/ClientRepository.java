package jomble.server.client;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ClientRepository extends JpaRepository<Client, UUID> {
    List<Client> findAllByOrderByName();
}
