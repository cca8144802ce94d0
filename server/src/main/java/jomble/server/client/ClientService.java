package jomble.server.client;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.brief.Brief;
import jomble.core.document.BriefReader;
import jomble.core.document.Parts;
import jomble.core.tree.Node;
import jomble.server.history.History;
import jomble.server.idempotency.IdempotencyKeys;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Clients of a studio, and changes of their briefs. */
@Service
public class ClientService {
    private static final int MOST = 10_000;

    private final IdempotencyKeys keys;
    private final ClientRepository clients;
    private final WardrobeParts parts;
    private final History history;
    private final Clock clock;

    ClientService(ClientRepository clients, WardrobeParts parts, History history, Clock clock, IdempotencyKeys keys) {
        this.keys = keys;
        this.clients = clients;
        this.parts = parts;
        this.history = history;
        this.clock = clock;
    }

    @Write
    public Client create(String name) {
        keys.claim();
        if (clients.count() >= MOST) {
            throw ProblemException.conflict("too-many", "A studio has " + MOST + " clients at most.");
        }
        return clients.save(new Client(Ids.next(), name, clock.instant()));
    }

    /** @param today visits before it are past */
    @Transactional(readOnly = true)
    public List<ClientSummary> all(LocalDate today) {
        return clients.summaries(today);
    }

    @Transactional(readOnly = true)
    public Client find(UUID id) {
        return clients.findById(id).orElseThrow(() -> ProblemException.notFound("This client"));
    }

    /**
     * Changes fields of the brief in one step.
     *
     * @param set by name of the field, in document form; null resets one to its default
     * @param seen the same fields as the caller saw them; null to go by the version
     * @param version that of the brief as the caller saw it; null to go by the fields
     * @return the saved brief
     * @throws ProblemException when what the caller saw was changed since, or he saw neither
     */
    @Write
    public Brief changeBrief(UUID id, Map<String, Object> set, Map<String, Object> seen, Long version) {
        if (seen == null && version == null) {
            throw ProblemException.preconditionRequired();
        }
        history.hold(id);
        Map<String, Object> brief = BriefReader.write(parts.get(id, Parts.BRIEF));
        if (seen != null && !BriefReader.isSame(brief, with(brief, seen))) {
            throw ProblemException.stale();
        }
        Node node = Node.at("", Map.of(Parts.BRIEF.name(), with(brief, set)));
        Brief changed = BriefReader.read(node.field(Parts.BRIEF.name()));
        node.finish();
        parts.changeWhole(id, Parts.BRIEF, version, before -> changed);
        return changed;
    }

    private static Map<String, Object> with(Map<String, Object> brief, Map<String, Object> fields) {
        Map<String, Object> changed = new LinkedHashMap<>(brief);
        changed.putAll(fields);
        return changed;
    }
}
