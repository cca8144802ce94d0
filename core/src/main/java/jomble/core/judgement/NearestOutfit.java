package jomble.core.judgement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/**
 * Finds the outfit in which given pieces come nearest to working, so that what still speaks against it concerns these
 * pieces and not whatever else was worn.
 *
 * <p>Empty mandatory slots are filled in every way, up to a limit; then layers that improve the outfit are added one by
 * one. Greedy in the layers: the result is a good explanation, not a proof.
 */
public final class NearestOutfit {
    private static final int MOST_TRIED = 200;
    private static final List<Slot> LAYERS = List.of(Slot.COAT, Slot.MID, Slot.BASE, Slot.LEGWEAR);

    /** Fewer stops, then fewer points, then more credits. */
    private static final Comparator<Judgement> NEARER = Comparator.comparing(
                    (Function<Judgement, Long>) judgement -> judgement.findings().stream()
                            .filter(finding -> finding.kind() == FindingKind.STOP)
                            .count())
            .thenComparing(Judgement::points)
            .thenComparing(Judgement::credits, Comparator.reverseOrder());

    private final List<Judge> judges;
    private final List<Piece> pieces;
    private final Map<Outfit, Judgement> known = new HashMap<>();

    /**
     * @param judges one for each context of a union, all for one occasion
     * @param pieces candidates for the empty slots
     */
    public NearestOutfit(List<Judge> judges, List<Piece> pieces) {
        this.judges = List.copyOf(judges);
        this.pieces = List.copyOf(pieces);
    }

    /**
     * The judgement of the nearest outfit that contains a partial one, or of the partial one when nothing can be added.
     */
    public Judgement around(Outfit part) {
        Outfit nearest = completions(part).stream()
                .min(Comparator.comparing(this::judgement, NEARER))
                .orElse(part);
        for (Slot slot : LAYERS) {
            if (judgement(nearest).verdict() == Verdict.WORKS) {
                break;
            }
            Outfit bare = nearest;
            nearest = with(bare, slot).stream()
                    .min(Comparator.comparing(this::judgement, NEARER))
                    .filter(layered -> NEARER.compare(judgement(layered), judgement(bare)) < 0)
                    .orElse(bare);
        }
        return judgement(nearest);
    }

    private Judgement judgement(Outfit outfit) {
        return known.computeIfAbsent(
                outfit,
                o -> judges.stream().map(judge -> judge.best(o)).min(NEARER).orElseThrow());
    }

    private List<Outfit> completions(Outfit part) {
        boolean shoes = judges.get(0).context().wantsShoes();
        Structure structure = part.in(Slot.ONEPIECE).isPresent() ? Structure.ONE_PIECE : Structure.SEPARATES;
        List<Outfit> outfits = List.of(part);
        for (Slot slot : structure.mandatory(shoes)) {
            if (part.in(slot).isEmpty()) {
                outfits = outfits.stream()
                        .flatMap(outfit -> with(outfit, slot).stream())
                        .limit(MOST_TRIED)
                        .toList();
            }
        }
        return outfits;
    }

    private List<Outfit> with(Outfit outfit, Slot slot) {
        List<Outfit> outfits = new ArrayList<>();
        List<Worn> worn = outfit.worn();
        if (outfit.in(slot).isPresent()) {
            return outfits;
        }
        for (Piece piece : pieces) {
            boolean free = worn.stream().noneMatch(other -> other.pieces().contains(piece));
            if (free && piece.hasRole(slot)) {
                List<Worn> more = new ArrayList<>(worn);
                more.add(Worn.of(slot, piece));
                outfits.add(Outfit.of(more));
            }
        }
        return outfits;
    }
}
