package jomble.server.client;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import jomble.core.brief.Brief;
import jomble.core.document.BriefReader;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.document.WardrobeWriter;
import jomble.core.piece.Kinds;
import jomble.core.tree.Node;
import jomble.server.history.History;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Clients and the frame of their wardrobes: brief, sets, and everything else in a document besides pieces. Every
 * transaction that changes a client's wardrobe, pieces included, starts with {@link #hold}, so that changes are
 * serialised and each reads the result of the one before.
 */
@Service
public class ClientService {
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final ClientRepository clients;
    private final History history;
    private final JsonMapper json;
    private final Clock clock;

    ClientService(ClientRepository clients, History history, JsonMapper json, Clock clock) {
        this.clients = clients;
        this.history = history;
        this.json = json;
        this.clock = clock;
    }

    @Write
    public Client create(String name) {
        String frame = json.writeValueAsString(frameOf(Wardrobe.EMPTY));
        return clients.save(new Client(Ids.next(), name, frame, clock.instant()));
    }

    @Transactional(readOnly = true)
    public List<ClientSummary> all() {
        return clients.summaries();
    }

    @Transactional(readOnly = true)
    public Client find(UUID id) {
        return clients.findById(id).orElseThrow(() -> ProblemException.notFound("This client"));
    }

    /** The wardrobe document without pieces. */
    @Transactional(readOnly = true)
    public Map<String, Object> frame(UUID id) {
        return new LinkedHashMap<>(json.readValue(find(id).frame(), TREE));
    }

    /** The wardrobe without pieces: its brief and its sets. */
    @Transactional(readOnly = true)
    public Wardrobe wardrobeWithoutPieces(UUID id) {
        return WardrobeReader.read(frame(id), Kinds.shipped());
    }

    /** Locks the client's wardrobe until the transaction ends. Must be called before anything is read in it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(UUID id) {
        toChange(id);
    }

    private Client toChange(UUID id) {
        return clients.findToChange(id).orElseThrow(() -> ProblemException.notFound("This client"));
    }

    /**
     * Changes the frame as part of a step.
     *
     * @param change receives the current wardrobe without its pieces; pieces in its result are ignored
     * @throws jomble.core.tree.InvalidInputException when the result is not a valid document
     */
    @Write
    public void changeFrame(UUID id, UUID step, UnaryOperator<Wardrobe> change) {
        Client client = toChange(id);
        keep(client, change.apply(read(client)), step);
    }

    private Wardrobe read(Client client) {
        return WardrobeReader.read(json.readValue(client.frame(), TREE), Kinds.shipped());
    }

    private void keep(Client client, Wardrobe wardrobe, UUID step) {
        UUID id = client.id();
        String before = client.frame();
        Map<String, Object> frame = frameOf(wardrobe);
        WardrobeReader.read(frame, Kinds.shipped());
        String after = json.writeValueAsString(frame);
        if (!before.equals(after)) {
            client.reframe(after);
            history.record(id, step, History.FRAME, before, after);
        }
    }

    /** Restores a frame from the history. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void restoreFrame(UUID id, String frame) {
        toChange(id).reframe(frame);
    }

    /**
     * Changes parts of the brief in one step.
     *
     * @param set by name of the part, in document form; null resets a part to its default
     * @param seen the same parts as the caller saw them; null to change them regardless
     * @return the saved brief
     * @throws ProblemException when one of the parts was changed since
     */
    @Write
    public Brief changeBrief(UUID id, Map<String, Object> set, Map<String, Object> seen) {
        Client client = toChange(id);
        Map<String, Object> frame = json.readValue(client.frame(), TREE);
        Map<String, Object> brief = new LinkedHashMap<>();
        if (frame.get("brief") instanceof Map<?, ?> before) {
            before.forEach((key, old) -> brief.put(key.toString(), old));
        }
        if (seen != null && !BriefReader.isSame(brief, with(brief, seen))) {
            throw ProblemException.stale();
        }
        Node node = Node.at("", Map.of("brief", with(brief, set)));
        Brief changed = BriefReader.read(node.field("brief"));
        node.finish();
        frame.put("brief", BriefReader.write(changed));
        keep(client, WardrobeReader.read(frame, Kinds.shipped()), Ids.next());
        return changed;
    }

    private static Map<String, Object> with(Map<String, Object> brief, Map<String, Object> parts) {
        Map<String, Object> changed = new LinkedHashMap<>(brief);
        changed.putAll(parts);
        return changed;
    }

    /**
     * Adds or renames a set as part of a step. A set remains when its last piece leaves, so that undo can restore it.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keepSet(UUID id, String setId, String kind, String label, UUID step) {
        Client client = toChange(id);
        Map<String, Object> frame = json.readValue(client.frame(), TREE);
        List<Object> sets = new ArrayList<>();
        if (frame.get("sets") instanceof List<?> before) {
            before.stream()
                    .filter(set -> set instanceof Map<?, ?> map && !setId.equals(map.get("id")))
                    .forEach(sets::add);
        }
        sets.add(Map.of("id", setId, "kind", kind, "label", label));
        frame.put("sets", sets);
        keep(client, WardrobeReader.read(frame, Kinds.shipped()), step);
    }

    private static Map<String, Object> frameOf(Wardrobe wardrobe) {
        Map<String, Object> frame = new LinkedHashMap<>(WardrobeWriter.write(wardrobe));
        frame.remove("pieces");
        frame.remove("kinds");
        return frame;
    }
}
