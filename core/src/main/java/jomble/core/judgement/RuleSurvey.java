package jomble.core.judgement;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.outfit.Ways;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * How often piece and pair rules find fault in a wardrobe, and how often a ruling overruled them. A pair counts if the
 * rule finds fault with every way to wear it in some combination of slots.
 */
public final class RuleSurvey {
    private RuleSurvey() {}

    /** @param overruled pairs among {@code faults} that were approved */
    public record Spoken(int faults, int overruled) {}

    /** By rule id; whole-outfit rules are not included. */
    public static Map<String, Spoken> of(RuleCatalogue catalogue, JudgementContext context, List<Piece> pieces) {
        List<List<Worn>> places = new ArrayList<>();
        for (Piece piece : pieces) {
            for (Slot slot : piece.roles()) {
                places.add(Ways.of(Worn.of(slot, piece)));
            }
        }
        Map<String, Spoken> spoken = new LinkedHashMap<>();
        for (PieceRule rule : catalogue.pieceRules()) {
            int faults = (int) places.stream()
                    .filter(ways -> rule.covers(ways.get(0).slot()))
                    .filter(ways -> ways.stream().allMatch(way -> isFault(rule.judge(way, context))))
                    .count();
            spoken.put(rule.id(), new Spoken(faults, 0));
        }
        for (PairRule rule : catalogue.pairRules()) {
            spoken.put(rule.id(), survey(rule, places, context));
        }
        return spoken;
    }

    private static Spoken survey(PairRule rule, List<List<Worn>> places, JudgementContext context) {
        Set<Set<PieceId>> faults = new HashSet<>();
        Set<Set<PieceId>> overruled = new HashSet<>();
        for (List<Worn> inner : places) {
            for (List<Worn> outer : places) {
                Worn a = inner.get(0);
                Worn b = outer.get(0);
                boolean pair =
                        a.slot().compareTo(b.slot()) < 0 && rule.covers(a.slot(), b.slot()) && a.piece() != b.piece();
                if (pair && isFault(rule, inner, outer, context)) {
                    Set<PieceId> both = Set.of(a.piece().id(), b.piece().id());
                    faults.add(both);
                    if (context.overrides().approves(a, b)) {
                        overruled.add(both);
                    }
                }
            }
        }
        return new Spoken(faults.size(), overruled.size());
    }

    private static boolean isFault(PairRule rule, List<Worn> inner, List<Worn> outer, JudgementContext context) {
        return inner.stream().allMatch(a -> outer.stream().allMatch(b -> isFault(rule.judge(a, b, context))));
    }

    private static boolean isFault(Optional<Result> result) {
        return result.isPresent() && result.get().kind().isFault();
    }
}
