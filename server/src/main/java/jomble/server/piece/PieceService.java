package jomble.server.piece;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import jomble.core.document.PieceReader;
import jomble.core.document.Wardrobe;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.tree.Node;
import jomble.server.client.ClientService;
import jomble.server.history.History;
import jomble.server.kind.KindService;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The inventory of a client. Every change is written to the history in the same transaction. */
@Service
public class PieceService {
    private final PieceRepository rows;
    private final History history;
    private final ClientService clients;
    private final KindService kinds;
    private final PieceMapper mapper;
    private final PieceSets sets;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    PieceService(
            PieceRepository rows,
            History history,
            ClientService clients,
            KindService kinds,
            PieceMapper mapper,
            PieceSets sets,
            ApplicationEventPublisher events,
            Clock clock) {
        this.rows = rows;
        this.history = history;
        this.clients = clients;
        this.kinds = kinds;
        this.mapper = mapper;
        this.sets = sets;
        this.events = events;
        this.clock = clock;
    }

    /** A piece with its version. */
    public record Kept(Piece piece, long version) {}

    @Transactional(readOnly = true)
    public List<Kept> all(UUID clientId) {
        clients.find(clientId);
        return mapper.kept(rows.findByClientIdOrderByPosition(clientId), kinds.all());
    }

    /** The document form of a piece with some attributes changed. */
    private static Map<String, Object> changed(Piece piece, Map<String, Object> set) {
        Map<String, Object> tree = PieceReader.write(piece);
        set.forEach((name, value) -> {
            if (value == null) {
                tree.remove(name);
            } else {
                tree.put(name, value);
            }
        });
        tree.put("id", piece.id().value());
        return tree;
    }

    /** Adds a piece; it gets an id unless the document has one. */
    @Write
    public Kept add(UUID clientId, Map<String, Object> document) {
        clients.hold(clientId);
        return add(clientId, document, Ids.next());
    }

    /**
     * Adds a piece whose document names its set by label; a set that does not exist is created in the same step.
     *
     * @param key the caller's key for the line, or null; if a piece was already added with it, that piece is returned
     */
    @Write
    public Kept addEntered(UUID clientId, UUID key, Map<String, Object> document) {
        clients.hold(clientId);
        UUID step = Ids.next();
        Optional<PieceRow> before = key == null ? Optional.empty() : rows.findByIdAndClientId(key, clientId);
        return before.map(row -> mapper.kept(List.of(row), kinds.all()).get(0))
                .orElseGet(() -> add(clientId, sets.inLabelledSet(clientId, document, step), step, key));
    }

    private Kept add(UUID clientId, Map<String, Object> document, UUID step) {
        return add(clientId, document, step, null);
    }

    private Kept add(UUID clientId, Map<String, Object> document, UUID step, UUID key) {
        int position = rows.lastPosition(clientId) + 1;
        Map<String, Object> tree = new LinkedHashMap<>(document);
        tree.putIfAbsent("id", freeRef(clientId, position));
        Kinds known = kinds.all();
        Piece piece = accepted(tree, sets.ids(clientId), known);
        if (rows.findByClientIdAndRef(clientId, piece.id().value()).isPresent()) {
            throw ProblemException.conflict("id-taken", "There is a piece with the id " + piece.id() + " already.");
        }
        Kept kept = insert(clientId, piece, position, key);
        history.record(clientId, step, piece.id().value(), null, mapper.text(piece));
        return kept;
    }

    /** A valid piece: its set exists, and its dates are not in the future. */
    private Piece accepted(Map<String, Object> tree, Set<String> setIds, Kinds known) {
        Piece piece = PieceReader.readAlone(tree, known);
        Node node = Node.root(tree);
        if (piece.setId() != null && !setIds.contains(piece.setId())) {
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

    private String freeRef(UUID clientId, int position) {
        int number = position;
        while (rows.findByClientIdAndRef(clientId, "p" + number).isPresent()) {
            number++;
        }
        return "p" + number;
    }

    private Kept insert(UUID clientId, Piece piece, int position) {
        return insert(clientId, piece, position, null);
    }

    private Kept insert(UUID clientId, Piece piece, int position, UUID key) {
        PieceRow row = new PieceRow(
                key == null ? Ids.next() : key, clientId, piece.id().value(), position, clock.instant());
        mapper.write(row, piece);
        PieceRow saved = rows.saveAndFlush(row);
        return new Kept(piece, saved.version());
    }

    /** Replaces the attributes set on a piece, if it is still at {@code seenVersion}. */
    @Write
    public Kept change(UUID clientId, String ref, long seenVersion, Map<String, Object> document) {
        clients.hold(clientId);
        PieceRow row = find(clientId, ref);
        if (row.version() != seenVersion) {
            throw ProblemException.stale();
        }
        Map<String, Object> tree = new LinkedHashMap<>(document);
        tree.put("id", ref);
        Kinds known = kinds.all();
        Piece piece = accepted(tree, sets.ids(clientId), known);
        String before = mapper.text(mapper.piece(row, known));
        mapper.write(row, piece);
        PieceRow saved = rows.saveAndFlush(row);
        history.record(clientId, Ids.next(), ref, before, mapper.text(piece));
        return new Kept(piece, saved.version());
    }

    /** The stored piece. */
    @Transactional(readOnly = true)
    public Piece piece(UUID clientId, String ref) {
        return mapper.piece(find(clientId, ref), kinds.all());
    }

    /**
     * Settles an unclear word of a piece.
     *
     * @param says its meaning, in document form, besides the colours the piece has; empty keeps the word as a note
     */
    @Write
    public Kept explain(UUID clientId, String ref, String word, Map<String, Object> says) {
        clients.hold(clientId);
        PieceRow row = find(clientId, ref);
        Kinds known = kinds.all();
        Piece before = mapper.piece(row, known);
        Piece after = accepted(UnclearWords.settled(before, word, says), sets.ids(clientId), known);
        mapper.write(row, after);
        PieceRow saved = rows.saveAndFlush(row);
        history.record(clientId, Ids.next(), ref, mapper.text(before), mapper.text(after));
        return new Kept(after, saved.version());
    }

    /**
     * Deletes a piece.
     *
     * @param seenVersion deletes it only at this version; null deletes any version
     */
    @Write
    public void delete(UUID clientId, String ref, Long seenVersion) {
        clients.hold(clientId);
        PieceRow row = find(clientId, ref);
        if (seenVersion != null && row.version() != seenVersion) {
            throw ProblemException.stale();
        }
        delete(clientId, List.of(row), Ids.next());
    }

    private void delete(UUID clientId, List<PieceRow> gone, UUID step) {
        Kinds known = kinds.all();
        gone.forEach(row -> history.recordDeleted(
                clientId, step, row.ref(), mapper.text(mapper.piece(row, known)), row.position()));
        rows.deleteAll(gone);
        events.publishEvent(
                new PiecesGone(clientId, step, gone.stream().map(PieceRow::ref).toList()));
    }

    /** Throws when the piece does not exist. */
    @Transactional(readOnly = true)
    public void mustExist(UUID clientId, String ref) {
        find(clientId, ref);
    }

    private Map<String, PieceRow> present(UUID clientId) {
        Map<String, PieceRow> present = new HashMap<>();
        rows.findByClientIdOrderByPosition(clientId).forEach(row -> present.put(row.ref(), row));
        return present;
    }

    /**
     * Changes many pieces in one step, all or none.
     *
     * @param seen version of each piece as the caller saw it, by ref
     * @param set attributes in document form; null resets one to derived
     * @param add entries to add to list attributes
     */
    @Write
    public List<Kept> changeAll(
            UUID clientId, Map<String, Long> seen, Map<String, Object> set, Map<String, List<Object>> add) {
        clients.hold(clientId);
        UUID step = Ids.next();
        Kinds known = kinds.all();
        Set<String> setIds = sets.ids(clientId);
        List<Kept> changed = new ArrayList<>();
        for (PieceRow row : asSeen(clientId, seen)) {
            Piece before = mapper.piece(row, known);
            Map<String, Object> tree = changed(before, set);
            add.forEach((name, entries) -> tree.put(name, both(tree.get(name), entries)));
            Piece after = accepted(tree, setIds, known);
            mapper.write(row, after);
            history.record(clientId, step, row.ref(), mapper.text(before), mapper.text(after));
            changed.add(new Kept(after, rows.saveAndFlush(row).version()));
        }
        return changed;
    }

    /** The rows of the pieces; throws unless all exist at these versions. */
    private List<PieceRow> asSeen(UUID clientId, Map<String, Long> seen) {
        List<PieceRow> found = rows.findByClientIdAndRefIn(clientId, seen.keySet());
        Set<String> missing = new TreeSet<>(seen.keySet());
        found.forEach(row -> missing.remove(row.ref()));
        if (!missing.isEmpty()) {
            throw ProblemException.notFound("Of these pieces " + String.join(", ", missing));
        }
        List<String> changed = found.stream()
                .filter(row -> row.version() != seen.get(row.ref()))
                .map(PieceRow::ref)
                .sorted()
                .toList();
        if (!changed.isEmpty()) {
            throw ProblemException.stale(changed);
        }
        return found;
    }

    /** The distinct entries of a list in document form and further ones. */
    static List<Object> both(Object list, List<?> more) {
        Set<Object> all = new LinkedHashSet<>(list instanceof List<?> entries ? entries : List.of());
        all.addAll(more);
        return List.copyOf(all);
    }

    /**
     * Adds pieces with new ids in one step, all or none, including their sets.
     *
     * @param entered documents that name sets by label
     */
    @Write
    public void addAllEntered(UUID clientId, List<Map<String, Object>> entered) {
        clients.hold(clientId);
        UUID step = Ids.next();
        Kinds known = kinds.all();
        List<Map<String, Object>> documents = entered.stream()
                .map(document -> sets.inLabelledSet(clientId, document, step))
                .toList();
        Set<String> setIds = sets.ids(clientId);
        Set<String> taken = present(clientId).keySet();
        int number = rows.lastPosition(clientId);
        List<Piece> added = new ArrayList<>();
        for (Map<String, Object> document : documents) {
            do {
                number++;
            } while (taken.contains("p" + number));
            Map<String, Object> tree = new LinkedHashMap<>(document);
            tree.put("id", "p" + number);
            added.add(accepted(tree, setIds, known));
        }
        merge(clientId, added, step);
    }

    /**
     * Deletes many pieces in one step, all or none.
     *
     * @param seen version of each piece as the caller saw it, by ref
     */
    @Write
    public void deleteAll(UUID clientId, Map<String, Long> seen) {
        clients.hold(clientId);
        delete(clientId, asSeen(clientId, seen), Ids.next());
    }

    /** Adds pieces, and changes those with an existing id, in one step. */
    @Write
    public void merge(UUID clientId, List<Piece> pieces) {
        clients.hold(clientId);
        merge(clientId, pieces, Ids.next());
    }

    private void merge(UUID clientId, List<Piece> pieces, UUID step) {
        Kinds known = kinds.all();
        Set<String> setIds = sets.ids(clientId);
        pieces.stream()
                .filter(piece -> piece.setId() != null && !setIds.contains(piece.setId()))
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
            String before = row == null ? null : mapper.text(mapper.piece(row, known));
            if (row == null) {
                row = new PieceRow(Ids.next(), clientId, ref, ++position, clock.instant());
            }
            mapper.write(row, piece);
            written.add(row);
            history.record(clientId, step, ref, before, mapper.text(piece));
        }
        rows.saveAll(written);
    }

    /** Replaces everything the client has by a wardrobe, in one step, all or nothing. */
    @Write
    public void replaceAll(UUID clientId, Wardrobe wardrobe) {
        clients.hold(clientId);
        UUID step = Ids.next();
        kinds.keepAll(wardrobe.kinds());
        clients.changeFrame(clientId, step, before -> wardrobe);
        Set<String> kept = new HashSet<>();
        wardrobe.pieces().forEach(piece -> kept.add(piece.id().value()));
        delete(
                clientId,
                rows.findByClientIdOrderByPosition(clientId).stream()
                        .filter(row -> !kept.contains(row.ref()))
                        .toList(),
                step);
        rows.flush();
        merge(clientId, wardrobe.pieces(), step);
    }

    private PieceRow find(UUID clientId, String ref) {
        return rows.findByClientIdAndRef(clientId, ref)
                .orElseThrow(() -> ProblemException.notFound("The piece " + ref));
    }
}
