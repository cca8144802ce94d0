package jomble.server.piece;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jomble.core.document.PieceReader;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.piece.Attribute;
import jomble.core.piece.Money;
import jomble.core.piece.Piece;
import jomble.server.client.ClientService;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.StudioMember;
import org.springframework.data.domain.Limit;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The inventory of a client. Every change is written to the history in the same transaction. */
@Service
public class PieceService {
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final PieceRepository rows;
    private final PieceChangeRepository changes;
    private final ClientService clients;
    private final JsonMapper json;
    private final Clock clock;

    PieceService(
            PieceRepository rows, PieceChangeRepository changes, ClientService clients, JsonMapper json, Clock clock) {
        this.rows = rows;
        this.changes = changes;
        this.clients = clients;
        this.json = json;
        this.clock = clock;
    }

    /** A piece with the version it was read at. */
    public record Kept(Piece piece, long version) {}

    /** What undo did, in words: the action taken back and the label of the piece. */
    public record Undone(String action, String label) {}

    @Transactional(readOnly = true)
    public List<Kept> all(UUID clientId) {
        clients.find(clientId);
        return rows.findByClientIdOrderByPosition(clientId).stream()
                .map(row -> new Kept(piece(row), row.version()))
                .toList();
    }

    /** The client's whole wardrobe. */
    @Transactional(readOnly = true)
    public Wardrobe wardrobe(UUID clientId) {
        Map<String, Object> document = clients.frame(clientId);
        document.put(
                "pieces",
                rows.findByClientIdOrderByPosition(clientId).stream()
                        .map(this::document)
                        .toList());
        return WardrobeReader.read(document);
    }

    /** Adds a piece; it gets an id of its own when the document names none. */
    @Transactional
    public Kept add(UUID clientId, Map<String, Object> document) {
        clients.find(clientId);
        int position = rows.lastPosition(clientId) + 1;
        Map<String, Object> tree = new LinkedHashMap<>(document);
        tree.putIfAbsent("id", freeRef(clientId, position));
        Piece piece = PieceReader.readAlone(tree);
        if (rows.findByClientIdAndRef(clientId, piece.id().value()).isPresent()) {
            throw ProblemException.conflict("id-taken", "There is a piece with the id " + piece.id() + " already.");
        }
        Kept kept = insert(clientId, piece, position);
        record(clientId, piece.id().value(), null, text(piece), null);
        return kept;
    }

    private String freeRef(UUID clientId, int position) {
        int number = position;
        while (rows.findByClientIdAndRef(clientId, "p" + number).isPresent()) {
            number++;
        }
        return "p" + number;
    }

    private Kept insert(UUID clientId, Piece piece, int position) {
        PieceRow row = new PieceRow(Ids.next(), clientId, piece.id().value(), position, clock.instant());
        write(row, piece);
        PieceRow saved = rows.saveAndFlush(row);
        return new Kept(piece, saved.version());
    }

    /** Replaces what was set of a piece, if nobody else changed it since {@code seenVersion}. */
    @Transactional
    public Kept change(UUID clientId, String ref, long seenVersion, Map<String, Object> document) {
        PieceRow row = find(clientId, ref);
        if (row.version() != seenVersion) {
            throw ProblemException.stale();
        }
        Map<String, Object> tree = new LinkedHashMap<>(document);
        tree.put("id", ref);
        Piece piece = PieceReader.readAlone(tree);
        String before = text(piece(row));
        write(row, piece);
        PieceRow saved = rows.saveAndFlush(row);
        record(clientId, ref, before, text(piece), null);
        return new Kept(piece, saved.version());
    }

    @Transactional
    public void delete(UUID clientId, String ref) {
        PieceRow row = find(clientId, ref);
        record(clientId, ref, text(piece(row)), null, null);
        rows.delete(row);
    }

    /** Takes back the newest change that still stands; empty when there is none. */
    @Transactional
    public Optional<Undone> undo(UUID clientId) {
        clients.find(clientId);
        return changes.undoable(clientId, Limit.of(1)).stream().findFirst().map(change -> takeBack(clientId, change));
    }

    private Undone takeBack(UUID clientId, PieceChange change) {
        Optional<PieceRow> row = rows.findByClientIdAndRef(clientId, change.ref());
        String label = read(change.beforeDoc() == null ? change.afterDoc() : change.beforeDoc())
                .label();
        if (change.beforeDoc() == null) {
            row.ifPresent(rows::delete);
        } else {
            Piece before = read(change.beforeDoc());
            row.ifPresentOrElse(
                    r -> {
                        write(r, before);
                        rows.saveAndFlush(r);
                    },
                    () -> insert(clientId, before, rows.lastPosition(clientId) + 1));
        }
        record(clientId, change.ref(), change.afterDoc(), change.beforeDoc(), change.id());
        return new Undone(change.action(), label);
    }

    /** Puts the wardrobe in place of everything the client has; all or nothing. */
    @Transactional
    public void replaceAll(UUID clientId, Wardrobe wardrobe) {
        rows.findByClientIdOrderByPosition(clientId)
                .forEach(row -> record(clientId, row.ref(), text(piece(row)), null, null));
        rows.deleteByClientId(clientId);
        rows.flush();
        clients.keepFrame(clientId, wardrobe);
        int position = 0;
        for (Piece piece : wardrobe.pieces()) {
            insert(clientId, piece, ++position);
            record(clientId, piece.id().value(), null, text(piece), null);
        }
    }

    private PieceRow find(UUID clientId, String ref) {
        return rows.findByClientIdAndRef(clientId, ref)
                .orElseThrow(() -> ProblemException.notFound("The piece " + ref));
    }

    private void write(PieceRow row, Piece piece) {
        Map<String, Object> document = PieceReader.write(piece);
        document.remove(Attribute.COST.name());
        Money cost = piece.get(Attribute.COST);
        row.write(
                piece.kind().id(),
                cost == null ? null : cost.amount(),
                cost == null ? null : cost.currency().getCurrencyCode(),
                json.writeValueAsString(document),
                clock.instant());
    }

    private Map<String, Object> document(PieceRow row) {
        Map<String, Object> document = new LinkedHashMap<>(json.readValue(row.attributes(), TREE));
        if (row.costAmount() != null) {
            document.put(
                    Attribute.COST.name(),
                    Map.of("amount", row.costAmount().stripTrailingZeros(), "currency", row.costCurrency()));
        }
        return document;
    }

    private Piece piece(PieceRow row) {
        return PieceReader.readAlone(document(row));
    }

    private Piece read(String document) {
        return PieceReader.readAlone(json.readValue(document, TREE));
    }

    private String text(Piece piece) {
        return json.writeValueAsString(PieceReader.write(piece));
    }

    private void record(UUID clientId, String ref, String before, String after, Long undoes) {
        Object who = SecurityContextHolder.getContext().getAuthentication().getPrincipal();
        UUID account = who instanceof StudioMember member ? member.accountId() : null;
        changes.save(new PieceChange(clientId, ref, before, after, undoes, account, clock.instant()));
    }
}
