package jomble.server.piece;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import jomble.core.document.PieceReader;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.piece.Attribute;
import jomble.core.piece.Money;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceSet;
import jomble.core.piece.SetKind;
import jomble.core.tree.Node;
import jomble.server.client.ClientService;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The inventory of a client. Every change is written to the history in the same transaction. */
@Service
public class PieceService {
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final PieceRepository rows;
    private final PieceHistory history;
    private final ClientService clients;
    private final JsonMapper json;
    private final Clock clock;

    PieceService(PieceRepository rows, PieceHistory history, ClientService clients, JsonMapper json, Clock clock) {
        this.rows = rows;
        this.history = history;
        this.clients = clients;
        this.json = json;
        this.clock = clock;
    }

    /** A piece with the version it was read at. */
    public record Kept(Piece piece, long version) {}

    /** What was taken back: the action, the label of the last piece it touched, and how many it touched. */
    public record Undone(String action, String label, int pieces) {}

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
        Piece piece = accepted(clientId, tree);
        if (rows.findByClientIdAndRef(clientId, piece.id().value()).isPresent()) {
            throw ProblemException.conflict("id-taken", "There is a piece with the id " + piece.id() + " already.");
        }
        Kept kept = insert(clientId, piece, position);
        history.record(clientId, Ids.next(), piece.id().value(), null, text(piece));
        return kept;
    }

    /** A piece as it may be kept: of a set that exists, and not from the future. */
    private Piece accepted(UUID clientId, Map<String, Object> tree) {
        Piece piece = PieceReader.readAlone(tree);
        Node node = Node.root(tree);
        if (piece.setId() != null
                && clients.wardrobeWithoutPieces(clientId).sets().stream()
                        .noneMatch(set -> set.id().equals(piece.setId()))) {
            node.field(Attribute.SET.name()).reject("unknown-set", "there is no set \"" + piece.setId() + "\"");
        }
        LocalDate acquired = piece.get(Attribute.ACQUIRED);
        if (acquired != null
                && acquired.isAfter(
                        LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).plusDays(1))) {
            node.field(Attribute.ACQUIRED.name()).reject("in-the-future", acquired + " is still to come");
        }
        node.finish();
        return piece;
    }

    /**
     * Joins pieces into a set in one step; pieces that were in it and are not named leave it.
     *
     * @param kind a kind of set, such as suit
     */
    @Transactional
    public void joinSet(UUID clientId, String setId, String kind, String label, Set<String> refs) {
        clients.keepSet(clientId, setId, kind, label);
        UUID step = Ids.next();
        for (PieceRow row : rows.findByClientIdOrderByPosition(clientId)) {
            Piece before = piece(row);
            boolean wanted = refs.contains(row.ref());
            if (wanted != setId.equals(before.setId())) {
                Map<String, Object> tree = PieceReader.write(before);
                if (wanted) {
                    tree.put(Attribute.SET.name(), setId);
                } else {
                    tree.remove(Attribute.SET.name());
                }
                Piece after = PieceReader.readAlone(tree);
                write(row, after);
                history.record(clientId, step, row.ref(), text(before), text(after));
            }
        }
    }

    /** The set with that label, or a new one; "grey suit" is a suit, anything else a co-ord. */
    @Transactional
    public String setLabelled(UUID clientId, String label) {
        return clients.wardrobeWithoutPieces(clientId).sets().stream()
                .filter(set -> set.label().equalsIgnoreCase(label))
                .map(PieceSet::id)
                .findFirst()
                .orElseGet(() -> {
                    String id = "s-" + Ids.next().toString().substring(24);
                    SetKind kind = label.endsWith("suit")
                            ? SetKind.SUIT
                            : label.endsWith("twinset") ? SetKind.TWINSET : SetKind.CO_ORD;
                    clients.keepSet(clientId, id, kind.id(), label);
                    return id;
                });
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
        Piece piece = accepted(clientId, tree);
        String before = text(piece(row));
        write(row, piece);
        PieceRow saved = rows.saveAndFlush(row);
        history.record(clientId, Ids.next(), ref, before, text(piece));
        return new Kept(piece, saved.version());
    }

    @Transactional
    public void delete(UUID clientId, String ref) {
        PieceRow row = find(clientId, ref);
        history.record(clientId, Ids.next(), ref, text(piece(row)), null);
        rows.delete(row);
    }

    /** Takes back the newest step that still stands; empty when there is none. */
    @Transactional
    public Optional<Undone> undo(UUID clientId) {
        clients.find(clientId);
        return takeBack(clientId, history.lastStep(clientId));
    }

    /** Does again what was undone last, unless something new was done since. */
    @Transactional
    public Optional<Undone> redo(UUID clientId) {
        clients.find(clientId);
        return takeBack(clientId, history.lastUndoing(clientId));
    }

    private Optional<Undone> takeBack(UUID clientId, List<PieceChange> changes) {
        if (changes.isEmpty()) {
            return Optional.empty();
        }
        Map<String, PieceRow> present = present(clientId);
        int position = rows.lastPosition(clientId);
        UUID step = Ids.next();
        List<PieceRow> written = new ArrayList<>();
        List<PieceRow> gone = new ArrayList<>();
        for (PieceChange change : changes) {
            PieceRow row = present.get(change.ref());
            if (change.beforeDoc() != null) {
                if (row == null) {
                    row = new PieceRow(Ids.next(), clientId, change.ref(), ++position, clock.instant());
                }
                write(row, read(change.beforeDoc()));
                written.add(row);
            } else if (row != null) {
                gone.add(row);
            }
            history.recordTakenBack(change, step);
        }
        rows.deleteAll(gone);
        rows.saveAll(written);
        PieceChange last = changes.get(changes.size() - 1);
        String label = read(last.beforeDoc() == null ? last.afterDoc() : last.beforeDoc())
                .label();
        return Optional.of(new Undone(last.action(), label, changes.size()));
    }

    private Map<String, PieceRow> present(UUID clientId) {
        Map<String, PieceRow> present = new HashMap<>();
        rows.findByClientIdOrderByPosition(clientId).forEach(row -> present.put(row.ref(), row));
        return present;
    }

    /** One thing that happened to a piece. */
    public record Happened(Instant at, String action, Map<String, Object> before, Map<String, Object> after) {}

    /** The story of a piece, newest first. */
    @Transactional(readOnly = true)
    public List<Happened> story(UUID clientId, String ref) {
        clients.find(clientId);
        return history.story(clientId, ref).stream()
                .map(c -> new Happened(c.at(), c.action(), tree(c.beforeDoc()), tree(c.afterDoc())))
                .toList();
    }

    private Map<String, Object> tree(String document) {
        return document == null ? Map.of() : json.readValue(document, TREE);
    }

    /**
     * Changes many pieces in one step, all or none.
     *
     * @param seen version of each piece as it was seen, by ref
     * @param set attributes in document form; null sets one back to derived
     */
    @Transactional
    public List<Kept> changeAll(UUID clientId, Map<String, Long> seen, Map<String, Object> set) {
        UUID step = Ids.next();
        List<Kept> changed = new ArrayList<>();
        for (PieceRow row : rows.findByClientIdAndRefIn(clientId, seen.keySet())) {
            if (row.version() != seen.get(row.ref())) {
                throw ProblemException.stale();
            }
            Piece before = piece(row);
            Map<String, Object> tree = PieceReader.write(before);
            set.forEach((name, value) -> {
                if (value == null) {
                    tree.remove(name);
                } else {
                    tree.put(name, value);
                }
            });
            tree.put("id", row.ref());
            Piece after = accepted(clientId, tree);
            write(row, after);
            history.record(clientId, step, row.ref(), text(before), text(after));
            changed.add(new Kept(after, rows.saveAndFlush(row).version()));
        }
        if (changed.size() != seen.size()) {
            throw ProblemException.notFound("One of the pieces");
        }
        return changed;
    }

    /** Adds pieces that get ids of their own, in one step; when one cannot be accepted, none is added. */
    @Transactional
    public void addAll(UUID clientId, List<Map<String, Object>> documents) {
        clients.find(clientId);
        Set<String> taken = present(clientId).keySet();
        int number = rows.lastPosition(clientId);
        List<Piece> added = new ArrayList<>();
        for (Map<String, Object> document : documents) {
            do {
                number++;
            } while (taken.contains("p" + number));
            Map<String, Object> tree = new LinkedHashMap<>(document);
            tree.put("id", "p" + number);
            added.add(accepted(clientId, tree));
        }
        merge(clientId, added, Ids.next());
    }

    /** Deletes many pieces in one step. */
    @Transactional
    public void deleteAll(UUID clientId, Collection<String> refs) {
        UUID step = Ids.next();
        clients.find(clientId);
        for (PieceRow row : rows.findByClientIdAndRefIn(clientId, refs)) {
            history.record(clientId, step, row.ref(), text(piece(row)), null);
            rows.delete(row);
        }
    }

    /** Adds pieces, and changes those whose id is there already, in one step. */
    @Transactional
    public void merge(UUID clientId, List<Piece> pieces) {
        clients.find(clientId);
        merge(clientId, pieces, Ids.next());
    }

    private void merge(UUID clientId, List<Piece> pieces, UUID step) {
        Set<String> sets = clients.wardrobeWithoutPieces(clientId).setKinds().keySet();
        pieces.stream()
                .filter(piece -> piece.setId() != null && !sets.contains(piece.setId()))
                .findFirst()
                .ifPresent(piece -> {
                    throw ProblemException.conflict(
                            "unknown-set",
                            piece.label() + " names the set \"" + piece.setId() + "\", which is not there.");
                });
        Map<String, PieceRow> present = present(clientId);
        int position = rows.lastPosition(clientId);
        List<PieceRow> written = new ArrayList<>();
        for (Piece piece : pieces) {
            String ref = piece.id().value();
            PieceRow row = present.get(ref);
            String before = row == null ? null : text(piece(row));
            if (row == null) {
                row = new PieceRow(Ids.next(), clientId, ref, ++position, clock.instant());
            }
            write(row, piece);
            written.add(row);
            history.record(clientId, step, ref, before, text(piece));
        }
        rows.saveAll(written);
    }

    /** Puts the wardrobe in place of everything the client has, in one step; all or nothing. */
    @Transactional
    public void replaceAll(UUID clientId, Wardrobe wardrobe) {
        clients.keepFrame(clientId, wardrobe);
        UUID step = Ids.next();
        Set<String> kept = new HashSet<>();
        wardrobe.pieces().forEach(piece -> kept.add(piece.id().value()));
        for (PieceRow row : rows.findByClientIdOrderByPosition(clientId)) {
            if (!kept.contains(row.ref())) {
                history.record(clientId, step, row.ref(), text(piece(row)), null);
                rows.delete(row);
            }
        }
        rows.flush();
        merge(clientId, wardrobe.pieces(), step);
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
}
