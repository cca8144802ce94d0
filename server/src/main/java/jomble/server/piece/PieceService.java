package jomble.server.piece;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.server.client.ClientService;
import jomble.server.history.Change;
import jomble.server.history.History;
import jomble.server.kind.KindService;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pieces of a client, one by one. Every change is written to the history in the same transaction. */
@Service
public class PieceService {
    private final PieceRepository rows;
    private final History history;
    private final ClientService clients;
    private final KindService kinds;
    private final PieceMapper mapper;
    private final PieceSets sets;
    private final PieceChanges changes;
    private final PieceNumbers numbers;
    private final Clock clock;

    PieceService(
            PieceRepository rows,
            History history,
            ClientService clients,
            KindService kinds,
            PieceMapper mapper,
            PieceSets sets,
            PieceChanges changes,
            PieceNumbers numbers,
            Clock clock) {
        this.rows = rows;
        this.history = history;
        this.clients = clients;
        this.kinds = kinds;
        this.mapper = mapper;
        this.sets = sets;
        this.changes = changes;
        this.numbers = numbers;
        this.clock = clock;
    }

    /** A piece with its version. */
    public record Kept(Piece piece, long version) {}

    @Transactional(readOnly = true)
    public List<Kept> all(UUID clientId) {
        clients.find(clientId);
        return mapper.kept(rows.findByClientIdOrderByPosition(clientId), kinds.all());
    }

    /** The number in the id that the next piece without one would get. */
    @Transactional(readOnly = true)
    public long upcomingNumber(UUID clientId) {
        clients.find(clientId);
        return numbers.upcoming(clientId);
    }

    /** Adds a piece; it gets an id unless the document has one. */
    @Write
    public Kept add(UUID clientId, Map<String, Object> document) {
        history.hold(clientId);
        return add(clientId, document, Ids.next());
    }

    /**
     * Adds a piece whose document names its set by label; a set that does not exist is created in the same step.
     *
     * @param key the caller's key for the line, or null; if a piece was already added with it, that piece is returned
     */
    @Write
    public Kept addEntered(UUID clientId, UUID key, Map<String, Object> document) {
        history.hold(clientId);
        UUID step = Ids.next();
        Optional<PieceRow> before = key == null ? Optional.empty() : rows.findByIdAndClientId(key, clientId);
        return before.map(row -> mapper.kept(List.of(row), kinds.all()).get(0))
                .orElseGet(() -> add(clientId, sets.inLabelledSet(clientId, document, step), step, key));
    }

    private Kept add(UUID clientId, Map<String, Object> document, UUID step) {
        return add(clientId, document, step, null);
    }

    private Kept add(UUID clientId, Map<String, Object> document, UUID step, UUID key) {
        Map<String, Object> tree = new LinkedHashMap<>(document);
        if (tree.get("id") == null) {
            tree.put("id", numbers.next(clientId));
        }
        Kinds known = kinds.all();
        Piece piece = changes.accepted(tree, sets.ids(clientId), known);
        if (rows.findByClientIdAndRef(clientId, piece.id().value()).isPresent()) {
            throw ProblemException.conflict("id-taken", "There is a piece with the id " + piece.id() + " already.");
        }
        changes.checkRoom(clientId, 1);
        String ref = piece.id().value();
        numbers.reach(clientId, ref);
        long number = history.record(clientId, step, Change.PIECES, ref, null, mapper.text(piece));
        int position = rows.lastPosition(clientId) + 1;
        PieceRow row = new PieceRow(key == null ? Ids.next() : key, clientId, ref, position, clock.instant());
        mapper.write(row, piece, number);
        rows.save(row);
        return new Kept(piece, number);
    }

    /** Replaces the attributes set on a piece, if it is still at {@code seenVersion}. */
    @Write
    public Kept change(UUID clientId, String ref, long seenVersion, Map<String, Object> document) {
        history.hold(clientId);
        PieceRow row = find(clientId, ref);
        if (row.version() != seenVersion) {
            throw ProblemException.stale();
        }
        Map<String, Object> tree = new LinkedHashMap<>(document);
        tree.put("id", ref);
        Kinds known = kinds.all();
        Piece piece = changes.accepted(tree, sets.ids(clientId), known);
        return written(clientId, row, mapper.piece(row, known), piece);
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
        history.hold(clientId);
        PieceRow row = find(clientId, ref);
        Kinds known = kinds.all();
        Piece before = mapper.piece(row, known);
        Piece after = changes.accepted(UnclearWords.settled(before, word, says), sets.ids(clientId), known);
        return written(clientId, row, before, after);
    }

    private Kept written(UUID clientId, PieceRow row, Piece before, Piece after) {
        long number =
                history.record(clientId, Ids.next(), Change.PIECES, row.ref(), mapper.text(before), mapper.text(after));
        mapper.write(row, after, number);
        return new Kept(after, number);
    }

    /**
     * Deletes a piece.
     *
     * @param seenVersion its version as the caller saw it
     */
    @Write
    public void delete(UUID clientId, String ref, long seenVersion) {
        history.hold(clientId);
        PieceRow row = find(clientId, ref);
        if (row.version() != seenVersion) {
            throw ProblemException.stale();
        }
        changes.delete(clientId, List.of(row), Ids.next());
    }

    /** Throws when the piece does not exist. */
    @Transactional(readOnly = true)
    public void mustExist(UUID clientId, String ref) {
        find(clientId, ref);
    }

    private PieceRow find(UUID clientId, String ref) {
        return rows.findByClientIdAndRef(clientId, ref)
                .orElseThrow(() -> ProblemException.notFound("The piece " + ref));
    }
}
