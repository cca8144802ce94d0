package jomble.server.piece;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import jomble.core.document.PieceReader;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceSet;
import jomble.core.piece.SetKind;
import jomble.server.client.ClientService;
import jomble.server.history.History;
import jomble.server.kind.KindService;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.stereotype.Service;

/** The sets that pieces of a client belong to. */
@Service
class PieceSets {
    private final PieceRepository rows;
    private final History history;
    private final ClientService clients;
    private final KindService kinds;
    private final PieceMapper mapper;

    PieceSets(PieceRepository rows, History history, ClientService clients, KindService kinds, PieceMapper mapper) {
        this.rows = rows;
        this.history = history;
        this.clients = clients;
        this.kinds = kinds;
        this.mapper = mapper;
    }

    /** Ids of the existing sets. */
    Set<String> ids(UUID clientId) {
        return clients.wardrobeWithoutPieces(clientId).setKinds().keySet();
    }

    /**
     * Puts pieces into a set in one step; other pieces leave the set.
     *
     * @param kind a kind of set, such as suit
     */
    @Write
    public void joinSet(UUID clientId, String setId, String kind, String label, Set<String> refs) {
        clients.hold(clientId);
        UUID step = Ids.next();
        clients.keepSet(clientId, setId, kind, label, step);
        Kinds known = kinds.all();
        for (PieceRow row : rows.findByClientIdOrderByPosition(clientId)) {
            Piece before = mapper.piece(row, known);
            boolean wanted = refs.contains(row.ref());
            if (wanted != setId.equals(before.setId())) {
                Map<String, Object> tree = PieceReader.write(before);
                if (wanted) {
                    tree.put(Attribute.SET.name(), setId);
                } else {
                    tree.remove(Attribute.SET.name());
                }
                Piece after = PieceReader.readAlone(tree, known);
                mapper.write(row, after);
                history.record(clientId, step, row.ref(), mapper.text(before), mapper.text(after));
            }
        }
    }

    /**
     * Replaces a set's label in the document by its id, creating the set if needed; "grey suit" is a suit, anything
     * else a co-ord.
     */
    Map<String, Object> inLabelledSet(UUID clientId, Map<String, Object> document, UUID step) {
        if (document.get(Attribute.SET.name()) == null) {
            return document;
        }
        String label = document.get(Attribute.SET.name()).toString();
        String id = clients.wardrobeWithoutPieces(clientId).sets().stream()
                .filter(set -> set.label().equalsIgnoreCase(label))
                .map(PieceSet::id)
                .findFirst()
                .orElseGet(() -> newSet(clientId, label, step));
        Map<String, Object> joined = new LinkedHashMap<>(document);
        joined.put(Attribute.SET.name(), id);
        return joined;
    }

    private String newSet(UUID clientId, String label, UUID step) {
        String id = "s-" + Ids.next().toString().substring(24);
        SetKind kind =
                label.endsWith("suit") ? SetKind.SUIT : label.endsWith("twinset") ? SetKind.TWINSET : SetKind.CO_ORD;
        clients.keepSet(clientId, id, kind.id(), label, step);
        return id;
    }
}
