package jomble.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.brief.Brief;
import jomble.core.judgement.HouseRules;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/**
 * Changes to a wardrobe that are only thought of.
 *
 * @param brief the brief as it would be, or null where it stays as it is
 * @param without pieces taken out
 * @param changed pieces of the wardrobe as they would be: hemmed, dyed, taken in
 * @param added pieces the wardrobe does not have
 * @param house the house rules of the client as they would be, or null where they stay as they are
 */
public record WhatIf(Set<PieceId> without, List<Piece> changed, List<Piece> added, HouseRules house, Brief brief) {
    public static final WhatIf NOTHING = new WhatIf(Set.of(), List.of(), List.of(), null, null);

    public WhatIf {
        without = Set.copyOf(without);
        changed = List.copyOf(changed);
        added = List.copyOf(added);
    }

    /** The wardrobe as it would be. */
    public Wardrobe of(Wardrobe wardrobe) {
        Map<PieceId, Piece> other = changed.stream().collect(Collectors.toMap(Piece::id, piece -> piece));
        List<Piece> pieces = new ArrayList<>();
        Stream.concat(wardrobe.pieces().stream(), added.stream())
                .filter(piece -> !without.contains(piece.id()))
                .forEach(piece -> pieces.add(other.getOrDefault(piece.id(), piece)));
        return wardrobe.with(Parts.PIECES, pieces)
                .with(Parts.RULES, house == null ? wardrobe.rules() : house)
                .with(Parts.BRIEF, brief == null ? wardrobe.brief() : brief);
    }
}
