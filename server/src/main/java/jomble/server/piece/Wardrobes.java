package jomble.server.piece;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jomble.core.document.Parts;
import jomble.core.document.Wardrobe;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.server.client.WardrobeParts;
import jomble.server.history.Change;
import jomble.server.history.History;
import jomble.server.kind.KindService;
import jomble.server.problem.ProblemException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Clients' whole wardrobes, read once after each change. */
@Service
public class Wardrobes {
    /** Number of pieces cached in memory; each takes about 3 kB. */
    private static final int MOST_KNOWN_PIECES = 20_000;

    /** Changes that are looked through for whether all of them only added. */
    private static final int MOST_ADDED = 20;

    private final PieceRepository rows;
    private final History history;
    private final WardrobeParts parts;
    private final KindService kinds;
    private final PieceMapper mapper;
    private final Cache<UUID, Known> known = Caffeine.newBuilder()
            .maximumWeight(MOST_KNOWN_PIECES)
            .<UUID, Known>weigher((id, one) -> 1 + one.wardrobe().pieces().size())
            .build();

    Wardrobes(PieceRepository rows, History history, WardrobeParts parts, KindService kinds, PieceMapper mapper) {
        this.rows = rows;
        this.history = history;
        this.parts = parts;
        this.kinds = kinds;
        this.mapper = mapper;
    }

    /** A wardrobe after a change, read with the studio's own kinds. */
    private record Known(long change, List<Kind> own, Wardrobe wardrobe) {}

    /** The client's whole wardrobe, read once after each change; inside a changing transaction it is read directly. */
    @Transactional(readOnly = true)
    public Wardrobe of(UUID clientId) {
        if (!TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
            return read(clientId);
        }
        long change = history.latest(clientId).orElseThrow(() -> ProblemException.notFound("This client"));
        List<Kind> own = kinds.all().own();
        Known before = known.getIfPresent(clientId);
        boolean isOfTheseKinds = before != null && before.own().equals(own);
        if (isOfTheseKinds && before.change() == change) {
            return before.wardrobe();
        }
        Wardrobe wardrobe =
                isOfTheseKinds ? since(clientId, before, change).orElseGet(() -> read(clientId)) : read(clientId);
        known.put(clientId, new Known(change, own, wardrobe));
        return wardrobe;
    }

    /** An added wear or visit is put to what is known, so that a long log is not read again for each. */
    private Optional<Wardrobe> since(UUID clientId, Known before, long change) {
        long missed = change - before.change();
        List<Change> added =
                missed > 0 && missed <= MOST_ADDED ? history.since(clientId, before.change(), MOST_ADDED) : List.of();
        return added.size() == missed ? parts.withAdded(before.wardrobe(), added) : Optional.empty();
    }

    private Wardrobe read(UUID clientId) {
        Kinds known = kinds.all();
        return parts.around(clientId)
                .with(Parts.KINDS, known.own())
                .with(
                        Parts.PIECES,
                        rows.findByClientIdOrderByPosition(clientId).stream()
                                .map(row -> mapper.piece(row, known))
                                .toList());
    }
}
