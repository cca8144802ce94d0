package jomble.core.judgement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/**
 * Finds the best outfits that result from adding or replacing one piece. Exact: every piece of the wardrobe is tried in
 * every slot it fits, and each result judged with its best finishes.
 */
public final class SmallestChange {
    private final List<Judge> judges;
    private final List<Piece> pieces;

    /**
     * One change.
     *
     * @param slot where the piece goes
     * @param instead the piece it replaces, or null when it is added
     * @param judgement of the outfit after the change
     */
    public record Change(Slot slot, Piece piece, Piece instead, Judgement judgement) {
        /** Better verdict, fewer points, an addition before a swap, more credits. */
        static final Comparator<Change> BETTER = Comparator.comparing((Change c) -> c.judgement.verdict())
                .thenComparing(c -> c.judgement.points())
                .thenComparing(c -> c.instead == null ? 0 : 1)
                .thenComparing(c -> c.judgement.credits(), Comparator.reverseOrder())
                .thenComparing(c -> c.piece.id());
    }

    /** @param judges one for each context of a union */
    public SmallestChange(List<Judge> judges, List<Piece> pieces) {
        this.judges = List.copyOf(judges);
        this.pieces = List.copyOf(pieces);
    }

    /**
     * The best changes that improve the verdict, best first.
     *
     * @param kept pieces that must stay
     * @param most number of changes at most; also at most one for each slot
     */
    public List<Change> of(Outfit outfit, List<Piece> kept, int most) {
        Judgement now = best(outfit);
        List<Change> found = new ArrayList<>();
        for (Piece piece : pieces) {
            boolean isWorn =
                    outfit.worn().stream().anyMatch(worn -> worn.pieces().contains(piece));
            for (Slot slot : isWorn ? List.<Slot>of() : piece.roles()) {
                Worn there = outfit.in(slot).orElse(null);
                if (there == null || there.pieces().stream().noneMatch(kept::contains)) {
                    Judgement after = best(with(outfit, slot, piece));
                    if (after.verdict().compareTo(now.verdict()) < 0) {
                        found.add(new Change(slot, piece, there == null ? null : there.piece(), after));
                    }
                }
            }
        }
        found.sort(Change.BETTER);
        List<Change> best = new ArrayList<>();
        for (Change change : found) {
            if (best.size() < most && best.stream().noneMatch(other -> other.slot == change.slot)) {
                best.add(change);
            }
        }
        return best;
    }

    private static Outfit with(Outfit outfit, Slot slot, Piece piece) {
        List<Worn> worn = new ArrayList<>(outfit.worn());
        worn.removeIf(other -> other.slot() == slot);
        worn.add(Worn.of(slot, piece));
        return Outfit.of(worn);
    }

    private Judgement best(Outfit outfit) {
        return judges.stream()
                .map(judge -> judge.best(outfit))
                .min(Judgement.BETTER)
                .orElseThrow();
    }
}
