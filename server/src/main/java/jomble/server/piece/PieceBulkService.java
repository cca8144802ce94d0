package jomble.server.piece;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import jomble.core.document.PieceReader;
import jomble.core.document.Wardrobe;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.server.client.WardrobeParts;
import jomble.server.history.Change;
import jomble.server.history.History;
import jomble.server.kind.KindService;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.stereotype.Service;

/** Many pieces of a client at once: each call is one step of the history, done as a whole or not at all. */
@Service
public class PieceBulkService {
    private final PieceRepository rows;
    private final History history;
    private final WardrobeParts parts;
    private final KindService kinds;
    private final PieceMapper mapper;
    private final PieceSets sets;
    private final PieceChanges changes;
    private final PieceNumbers numbers;
    private final Clock clock;

    PieceBulkService(
            PieceRepository rows,
            History history,
            WardrobeParts parts,
            KindService kinds,
            PieceMapper mapper,
            PieceSets sets,
            PieceChanges changes,
            PieceNumbers numbers,
            Clock clock) {
        this.rows = rows;
        this.history = history;
        this.parts = parts;
        this.kinds = kinds;
        this.mapper = mapper;
        this.sets = sets;
        this.changes = changes;
        this.numbers = numbers;
        this.clock = clock;
    }

    /**
     * Changes many pieces in one step, all or none.
     *
     * @param seen version of each piece as the caller saw it, by ref
     * @param set attributes in document form; null resets one to derived
     * @param add entries to add to list attributes
     */
    @Write
    public List<PieceService.Kept> changeAll(
            UUID clientId, Map<String, Long> seen, Map<String, Object> set, Map<String, List<Object>> add) {
        history.hold(clientId);
        UUID step = Ids.next();
        Kinds known = kinds.all();
        Set<String> setIds = sets.ids(clientId);
        List<PieceService.Kept> changed = new ArrayList<>();
        for (PieceRow row : asSeen(clientId, seen)) {
            Piece before = mapper.piece(row, known);
            Map<String, Object> tree = changed(before, set);
            add.forEach((name, entries) -> tree.put(name, PieceChanges.both(tree.get(name), entries)));
            Piece after = changes.accepted(tree, setIds, known);
            long number =
                    history.record(clientId, step, Change.PIECES, row.ref(), mapper.text(before), mapper.text(after));
            mapper.write(row, after, number);
            changed.add(new PieceService.Kept(after, number));
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

    /**
     * Adds pieces with new ids in one step, all or none, including their sets.
     *
     * @param entered documents that name sets by label
     */
    @Write
    public void addAllEntered(UUID clientId, List<Map<String, Object>> entered) {
        history.hold(clientId);
        UUID step = Ids.next();
        Kinds known = kinds.all();
        List<Map<String, Object>> documents = entered.stream()
                .map(document -> sets.inLabelledSet(clientId, document, step))
                .toList();
        Set<String> setIds = sets.ids(clientId);
        List<Piece> added = new ArrayList<>();
        for (Map<String, Object> document : documents) {
            Map<String, Object> tree = new LinkedHashMap<>(document);
            tree.put("id", numbers.next(clientId));
            added.add(changes.accepted(tree, setIds, known));
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
        history.hold(clientId);
        changes.delete(clientId, asSeen(clientId, seen), Ids.next());
    }

    /**
     * Adds pieces, and changes those with an existing id, in one step.
     *
     * @param unnamed those among them whose ids are placeholders: they are added, with ids of their own
     */
    @Write
    public void merge(UUID clientId, List<Piece> pieces, Set<PieceId> unnamed) {
        history.hold(clientId);
        pieces.stream()
                .filter(piece -> !unnamed.contains(piece.id()))
                .forEach(piece -> numbers.reach(clientId, piece.id().value()));
        List<Piece> named = pieces.stream()
                .map(piece -> unnamed.contains(piece.id())
                        ? Piece.of(new PieceId(numbers.next(clientId)), piece.kind(), piece.set())
                        : piece)
                .toList();
        merge(clientId, named, Ids.next());
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
        changes.checkRoom(clientId, (int) pieces.stream()
                .filter(piece -> !present.containsKey(piece.id().value()))
                .count());
        int position = rows.lastPosition(clientId);
        List<PieceRow> written = new ArrayList<>();
        for (Piece piece : pieces) {
            String ref = piece.id().value();
            PieceRow row = present.get(ref);
            String before = row == null ? null : mapper.text(mapper.piece(row, known));
            if (row == null) {
                row = new PieceRow(Ids.next(), clientId, ref, ++position, clock.instant());
            }
            numbers.reach(clientId, ref);
            mapper.write(row, piece, history.record(clientId, step, Change.PIECES, ref, before, mapper.text(piece)));
            written.add(row);
        }
        rows.saveAll(written);
    }

    /** The version of everything a client has: the number of the latest change. */
    public long version(UUID clientId) {
        return history.latest(clientId).orElseThrow(() -> ProblemException.notFound("This client"));
    }

    /**
     * Replaces everything the client has by a wardrobe, in one step, all or nothing.
     *
     * @param seen the version of everything as the caller saw it
     * @throws ProblemException when anything was changed since
     */
    @Write
    public void replaceAll(UUID clientId, Wardrobe wardrobe, long seen) {
        history.hold(clientId);
        if (version(clientId) != seen) {
            throw ProblemException.stale();
        }
        UUID step = Ids.next();
        kinds.keepAll(wardrobe.kinds());
        parts.replaceAll(clientId, step, wardrobe);
        Set<String> kept = new HashSet<>();
        wardrobe.pieces().forEach(piece -> kept.add(piece.id().value()));
        changes.delete(
                clientId,
                rows.findByClientIdOrderByPosition(clientId).stream()
                        .filter(row -> !kept.contains(row.ref()))
                        .toList(),
                step);
        rows.flush();
        merge(clientId, wardrobe.pieces(), step);
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

    private Map<String, PieceRow> present(UUID clientId) {
        Map<String, PieceRow> present = new HashMap<>();
        rows.findByClientIdOrderByPosition(clientId).forEach(row -> present.put(row.ref(), row));
        return present;
    }
}
