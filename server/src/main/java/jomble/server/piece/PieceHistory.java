package jomble.server.piece;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import jomble.core.piece.Kinds;
import jomble.server.client.ClientService;
import jomble.server.history.Change;
import jomble.server.history.History;
import jomble.server.history.Keeper;
import jomble.server.kind.KindService;
import jomble.server.studio.Ids;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts pieces back as the history says, and lists the history of a piece. */
@Service
class PieceHistory implements Keeper {
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

    /** One change of a piece. */
    record Happened(Instant at, String action, Map<String, Object> before, Map<String, Object> after) {}

    /** The history of a piece, newest first. */
    @Transactional(readOnly = true)
    public List<Happened> story(UUID clientId, String ref) {
        clients.find(clientId);
        List<Change> changes = history.story(clientId, Change.PIECES, ref);
        // A document may give the id of a deleted piece to another one, whose story starts where it was added.
        long since = changes.stream()
                .filter(Change::isAddition)
                .limit(1)
                .mapToLong(Change::number)
                .sum();
        return changes.stream()
                .filter(change -> change.number() >= since)
                .map(c -> new Happened(c.at(), c.action(), mapper.tree(c.beforeDoc()), mapper.tree(c.afterDoc())))
                .toList();
    }

    @Override
    public boolean keeps(String part) {
        return part.equals(Change.PIECES);
    }

    @Override
    public void takeBack(UUID clientId, List<Change> changes, Step step) {
        Kinds known = kinds.all();
        Map<String, PieceRow> present = rows.findByClientIdOrderByPosition(clientId).stream()
                .collect(Collectors.toMap(PieceRow::ref, Function.identity()));
        int position = rows.lastPosition(clientId);
        List<PieceRow> written = new ArrayList<>();
        List<PieceRow> gone = new ArrayList<>();
        List<String> back = new ArrayList<>();
        for (Change change : changes) {
            PieceRow row = present.get(change.ref());
            boolean leaves = change.beforeDoc() == null && row != null;
            long number = step.record(change, leaves ? row.position() : null);
            if (change.beforeDoc() != null) {
                if (row == null) {
                    int place = change.place() == null ? ++position : change.place();
                    back.add(change.ref());
                    row = new PieceRow(Ids.next(), clientId, change.ref(), place, clock.instant());
                }
                mapper.write(row, mapper.read(change.beforeDoc(), known), number);
                written.add(row);
            } else if (leaves) {
                gone.add(row);
            }
        }
        rows.deleteAll(gone);
        rows.saveAll(written);
        if (!gone.isEmpty()) {
            events.publishEvent(new PiecesGone(
                    clientId, step.id(), gone.stream().map(PieceRow::ref).toList()));
        }
        if (!back.isEmpty()) {
            events.publishEvent(new PiecesBack(clientId, step.undone(), back));
        }
    }

    @Override
    public Subject subject(Change change) {
        String text = change.beforeDoc() == null ? change.afterDoc() : change.beforeDoc();
        return new Subject(mapper.read(text, kinds.all()).label(), null, List.of());
    }
}
