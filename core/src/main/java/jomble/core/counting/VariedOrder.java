package jomble.core.counting;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Orders outfits best first and varied, as a stylist lays them out: in sheets of {@value #SHEET}, each starting with
 * the best outfit left. On a sheet no piece appears more than twice (shoes three times) and no two outfits differ in
 * one piece only, as long as outfits that satisfy this are left.
 *
 * <p>Outfits are ranked by verdict, then score, then the stable order. Deterministic; at most n²/{@value #SHEET}
 * comparisons for n outfits.
 */
public final class VariedOrder {
    /** Outfits on a sheet. */
    public static final int SHEET = 20;

    private static final int MOST_OF_A_PIECE = 2;
    private static final int MOST_OF_SHOES = 3;
    private static final int LEAST_APART = 2;
    private static final Comparator<Combination> BEST = Comparator.comparing(Combination::verdict)
            .thenComparing(one -> one.score().total(), Comparator.reverseOrder());

    private final List<Combination> left;
    private final List<Combination> laid = new ArrayList<>();

    private VariedOrder(Collection<Combination> outfits) {
        this.left = new ArrayList<>(outfits);
        this.left.sort(BEST);
    }

    /** @param outfits in the stable order */
    public static List<Combination> of(Collection<Combination> outfits) {
        VariedOrder order = new VariedOrder(outfits);
        while (!order.left.isEmpty()) {
            order.laySheet();
        }
        return List.copyOf(order.laid);
    }

    private void laySheet() {
        Sheet sheet = new Sheet();
        List<Combination> passedOver = new ArrayList<>();
        for (Combination one : left) {
            if (sheet.outfits.size() < SHEET && sheet.takes(one)) {
                sheet.lay(one);
            } else {
                passedOver.add(one);
            }
        }
        for (Combination one : List.copyOf(passedOver)) {
            if (sheet.outfits.size() == SHEET) {
                break;
            }
            sheet.lay(one);
            passedOver.remove(one);
        }
        laid.addAll(sheet.outfits);
        left.clear();
        left.addAll(passedOver);
    }

    /** The outfits of a sheet, and how often each piece appears among them. */
    private static final class Sheet {
        private final List<Combination> outfits = new ArrayList<>();
        private final Map<PieceId, Integer> shown = new HashMap<>();

        boolean takes(Combination one) {
            for (Map.Entry<Slot, List<PieceId>> worn : one.slots().entrySet()) {
                int most = worn.getKey() == Slot.SHOES ? MOST_OF_SHOES : MOST_OF_A_PIECE;
                for (PieceId id : worn.getValue()) {
                    if (shown.getOrDefault(id, 0) >= most) {
                        return false;
                    }
                }
            }
            return outfits.stream().allMatch(other -> apart(one, other) >= LEAST_APART);
        }

        void lay(Combination one) {
            outfits.add(one);
            one.slots().values().forEach(ids -> ids.forEach(id -> shown.merge(id, 1, Integer::sum)));
        }

        /** Number of counted slots in which they differ. */
        private static int apart(Combination one, Combination other) {
            Set<Slot> slots = new HashSet<>(one.slots().keySet());
            slots.addAll(other.slots().keySet());
            return (int) slots.stream()
                    .filter(slot -> !one.slots()
                            .getOrDefault(slot, List.of())
                            .equals(other.slots().getOrDefault(slot, List.of())))
                    .count();
        }
    }
}
