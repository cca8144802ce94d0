package jomble.core.judgement;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** The recorded coat to put on over an outfit that is cold on the way without one. */
public final class CoatToTake {
    private CoatToTake() {}

    /**
     * An outfit judged under the coat.
     *
     * @param judgement with no worse verdict than without it, and warm enough on the way
     */
    public record Taken(Piece coat, Judgement judgement) {}

    /**
     * The best of the coats in which the verdict is no worse and the way is warm enough; empty when none is wanted or none
     * does it.
     *
     * @param pieces of the wardrobe, in any order
     */
    public static Optional<Taken> of(Judge judge, Judgement judged, Collection<Piece> pieces) {
        if (!DayComfort.isColdWithoutACoat(judged, judge.context())) {
            return Optional.empty();
        }
        List<Piece> worn = judged.outfit().worn().stream()
                .flatMap(one -> one.pieces().stream())
                .toList();
        return pieces.stream()
                .filter(piece -> piece.hasRole(Slot.COAT) && !worn.contains(piece))
                .map(coat -> new Taken(coat, judge.best(under(coat, judged.outfit()))))
                .filter(taken -> taken.judgement().verdict().compareTo(judged.verdict()) <= 0)
                .filter(taken -> !DayComfort.isColdOnTheWay(taken.judgement(), judge.context()))
                .min(Comparator.comparing(Taken::judgement, Judgement.BETTER)
                        .thenComparing(taken -> taken.coat().id().value()));
    }

    private static Outfit under(Piece coat, Outfit outfit) {
        List<Worn> all = new ArrayList<>(outfit.worn());
        all.add(Worn.of(Slot.COAT, coat));
        return Outfit.of(all);
    }
}
