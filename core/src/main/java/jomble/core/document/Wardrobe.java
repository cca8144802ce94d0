package jomble.core.document;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jomble.core.brief.Brief;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.PieceSet;
import jomble.core.piece.SetKind;

/**
 * Everything about one client's clothes. Invariant: ids of pieces and of sets are unique; every set a piece names exists.
 *
 * @param carried overrides, capsules, outfits and wears as they were read, kept without being looked into
 */
public record Wardrobe(Brief brief, List<Piece> pieces, List<PieceSet> sets, Map<String, List<Object>> carried) {
    public static final Wardrobe EMPTY = new Wardrobe(Brief.EMPTY, List.of(), List.of(), Map.of());

    public Wardrobe {
        pieces = List.copyOf(pieces);
        sets = List.copyOf(sets);
        carried = Map.copyOf(carried);
    }

    public Optional<Piece> find(PieceId id) {
        return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst();
    }

    public Map<String, SetKind> setKinds() {
        Map<String, SetKind> kinds = new LinkedHashMap<>();
        sets.forEach(set -> kinds.put(set.id(), set.kind()));
        return kinds;
    }
}
