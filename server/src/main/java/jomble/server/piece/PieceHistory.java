package jomble.server.piece;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import jomble.core.piece.Kinds;
import jomble.server.client.ClientService;
import jomble.server.history.Change;
import jomble.server.history.History;
import jomble.server.kind.KindService;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Undoes and redoes steps of a wardrobe, and lists the history of a piece. */
@Service
class PieceHistory {
    private final History history;
    private final PieceRepository rows;
    private final PieceMapper mapper;
    private final ClientService clients;
    private final KindService kinds;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    PieceHistory(
            History history,
            PieceRepository rows,
            PieceMapper mapper,
            ClientService clients,
            KindService kinds,
            ApplicationEventPublisher events,
            Clock clock) {
        this.history = history;
        this.rows = rows;
        this.mapper = mapper;
        this.clients = clients;
        this.kinds = kinds;
        this.events = events;
        this.clock = clock;
    }

    /**
     * The step that was undone.
     *
     * @param label of the last piece it touched; null when it only touched the frame
     */
    record Undone(String action, String label, int pieces) {}

    /** One change of a piece. */
    record Happened(Instant at, String action, Map<String, Object> before, Map<String, Object> after) {}

    /** The history of a piece, newest first. */
    @Transactional(readOnly = true)
    public List<Happened> story(UUID clientId, String ref) {
        clients.find(clientId);
        return history.story(clientId, ref).stream()
                .map(c -> new Happened(c.at(), c.action(), mapper.tree(c.beforeDoc()), mapper.tree(c.afterDoc())))
                .toList();
    }

    /** Undoes the newest step not yet undone; empty when there is none. */
    @Write
    public Optional<Undone> undo(UUID clientId) {
        clients.hold(clientId);
        return takeBack(clientId, history.lastStep(clientId));
    }

    /** Redoes the step undone last, unless something changed since. */
    @Write
    public Optional<Undone> redo(UUID clientId) {
        clients.hold(clientId);
        return takeBack(clientId, history.lastUndoing(clientId));
    }

    private Optional<Undone> takeBack(UUID clientId, List<Change> changes) {
        if (changes.isEmpty()) {
            return Optional.empty();
        }
        Kinds known = kinds.all();
        Map<String, PieceRow> present = rows.findByClientIdOrderByPosition(clientId).stream()
                .collect(Collectors.toMap(PieceRow::ref, Function.identity()));
        int position = rows.lastPosition(clientId);
        UUID step = Ids.next();
        List<PieceRow> written = new ArrayList<>();
        List<PieceRow> gone = new ArrayList<>();
        List<String> back = new ArrayList<>();
        for (Change change : changes) {
            PieceRow row = present.get(change.ref());
            Integer left = null;
            if (change.ref().equals(History.FRAME)) {
                clients.restoreFrame(clientId, change.beforeDoc());
            } else if (change.beforeDoc() != null) {
                if (row == null) {
                    int place = change.place() == null ? ++position : change.place();
                    back.add(change.ref());
                    row = new PieceRow(Ids.next(), clientId, change.ref(), place, clock.instant());
                }
                mapper.write(row, mapper.read(change.beforeDoc(), known));
                written.add(row);
            } else if (row != null) {
                gone.add(row);
                left = row.position();
            }
            history.recordTakenBack(clientId, change, step, left);
        }
        rows.deleteAll(gone);
        rows.saveAll(written);
        if (!gone.isEmpty()) {
            events.publishEvent(new PiecesGone(
                    clientId, step, gone.stream().map(PieceRow::ref).toList()));
        }
        if (!back.isEmpty()) {
            events.publishEvent(new PiecesBack(clientId, changes.get(0).step(), back));
        }
        return Optional.of(undone(changes, known));
    }

    private Undone undone(List<Change> changes, Kinds known) {
        List<Change> ofPieces =
                changes.stream().filter(c -> !c.ref().equals(History.FRAME)).toList();
        if (ofPieces.isEmpty()) {
            return new Undone(changes.get(0).action(), null, 0);
        }
        Change last = ofPieces.get(ofPieces.size() - 1);
        String text = last.beforeDoc() == null ? last.afterDoc() : last.beforeDoc();
        return new Undone(last.action(), mapper.read(text, known).label(), ofPieces.size());
    }
}
