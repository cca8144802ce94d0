package jomble.server.piece;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import jomble.core.document.Parts;
import jomble.core.document.PieceReader;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.tree.Node;
import jomble.server.history.Change;
import jomble.server.history.History;
import jomble.server.kind.KindService;
import jomble.server.problem.ProblemException;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** What every change of pieces shares: which pieces are accepted, and how pieces leave. */
@Component
class PieceChanges {
    private final PieceRepository rows;
    private final History history;
    private final KindService kinds;
    private final PieceMapper mapper;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    PieceChanges(
            PieceRepository rows,
            History history,
            KindService kinds,
            PieceMapper mapper,
            ApplicationEventPublisher events,
            Clock clock) {
        this.rows = rows;
        this.history = history;
        this.kinds = kinds;
        this.mapper = mapper;
        this.events = events;
        this.clock = clock;
    }

    /** A valid piece: its set exists, and its dates are not in the future. */
    Piece accepted(Map<String, Object> tree, Set<String> setIds, Kinds known) {
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

    /**
     * Throws unless there is room for more pieces in the client's wardrobe: what is stored must fit a document.
     *
     * @param added how many more
     */
    void checkRoom(UUID clientId, int added) {
        if (rows.countByClientId(clientId) + added > Parts.MOST_PIECES) {
            throw ProblemException.conflict("too-many", "A client has " + Parts.MOST_PIECES + " pieces at most.");
        }
    }

    /** Deletes pieces as part of a step, with everything that belongs to them. */
    void delete(UUID clientId, List<PieceRow> gone, UUID step) {
        Kinds known = kinds.all();
        gone.forEach(row -> history.recordFrom(
                row.position(), clientId, step, Change.PIECES, row.ref(), mapper.text(mapper.piece(row, known)), null));
        rows.deleteAll(gone);
        events.publishEvent(
                new PiecesGone(clientId, step, gone.stream().map(PieceRow::ref).toList()));
    }

    /** The distinct entries of a list in document form and further ones. */
    static List<Object> both(Object list, List<?> more) {
        Set<Object> all = new LinkedHashSet<>(list instanceof List<?> entries ? entries : List.of());
        all.addAll(more);
        return List.copyOf(all);
    }
}
