package jomble.server.piece;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import jomble.core.document.Parts;
import jomble.core.document.PieceReader;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceSet;
import jomble.core.piece.SetKind;
import jomble.core.piece.Word;
import jomble.core.tree.Node;
import jomble.server.client.WardrobeParts;
import jomble.server.history.Change;
import jomble.server.history.History;
import jomble.server.kind.KindService;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.stereotype.Service;

/** The sets that pieces of a client belong to. */
@Service
class PieceSets {
    private final PieceRepository rows;
    private final History history;
    private final WardrobeParts parts;
    private final KindService kinds;
    private final PieceMapper mapper;

    PieceSets(PieceRepository rows, History history, WardrobeParts parts, KindService kinds, PieceMapper mapper) {
        this.rows = rows;
        this.history = history;
        this.parts = parts;
        this.kinds = kinds;
        this.mapper = mapper;
    }

    /** Ids of the existing sets. */
    Set<String> ids(UUID clientId) {
        return parts.get(clientId, Parts.SETS).stream().map(PieceSet::id).collect(Collectors.toSet());
    }

    /**
     * Puts pieces into a set in one step; other pieces leave the set.
     *
     * @param seen version of the set as the caller saw it; null, or 0, for a new one
     * @param kind a kind of set, such as suit
     * @return its version
     * @throws ProblemException when it was changed since, or is there already
     */
    @Write
    public long joinSet(UUID clientId, String setId, Long seen, String kind, String label, Set<String> refs) {
        history.hold(clientId);
        Long version = parts.versions(clientId, Parts.SETS).get(setId);
        if (version != null && seen == null) {
            throw ProblemException.preconditionRequired();
        }
        if (seen != null && seen != (version == null ? 0 : version)) {
            throw ProblemException.stale();
        }
        UUID step = Ids.next();
        keepSet(clientId, new PieceSet(setId, kindOfSet(kind), label), step);
        boolean moves = false;
        Kinds known = kinds.all();
        for (PieceRow row : rows.findByClientIdOrderByPosition(clientId)) {
            Piece before = mapper.piece(row, known);
            boolean wanted = refs.contains(row.ref());
            if (wanted != setId.equals(before.setId())) {
                moves = true;
                Map<String, Object> tree = PieceReader.write(before);
                if (wanted) {
                    tree.put(Attribute.SET.name(), setId);
                } else {
                    tree.remove(Attribute.SET.name());
                }
                Piece after = PieceReader.readAlone(tree, known);
                long number = history.record(
                        clientId, step, Change.PIECES, row.ref(), mapper.text(before), mapper.text(after));
                mapper.write(row, after, number);
            }
        }
        if (moves) {
            parts.mark(clientId, step, Parts.SETS, setId);
        }
        return parts.versions(clientId, Parts.SETS).get(setId);
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
        String id = parts.get(clientId, Parts.SETS).stream()
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
        keepSet(clientId, new PieceSet(id, kind, label), step);
        return id;
    }

    /** Adds or renames a set. It remains when its last piece leaves, so that undo can restore it. */
    private void keepSet(UUID clientId, PieceSet set, UUID step) {
        parts.change(clientId, step, Parts.SETS, before -> {
            List<PieceSet> sets = new ArrayList<>(before);
            sets.replaceAll(other -> other.id().equals(set.id()) ? set : other);
            if (!sets.contains(set)) {
                sets.add(set);
            }
            return sets;
        });
    }

    private static SetKind kindOfSet(String word) {
        Node node = Node.root(Map.of("kind", word));
        SetKind kind = Word.find(SetKind.class, word).orElse(null);
        if (kind == null) {
            node.field("kind").rejectUnknown("value", word, Word.ids(SetKind.class));
        }
        node.finish();
        return kind;
    }
}
