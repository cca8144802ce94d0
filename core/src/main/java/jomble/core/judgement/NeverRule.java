package jomble.core.judgement;

import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * {@code override}: three or more pieces that are never worn together, as a rule for the counter. Rulings on one or two
 * pieces are stored with the findings of pieces and pairs.
 */
public final class NeverRule implements WholeRule {
    private static final RuleInfo INFO = RuleInfo.of(
            Overrides.ID,
            "Never together",
            "What a stylist or a client has ruled out stays out, whatever the rules say.");
    private static final int MOST_NAMED = 64;

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public Set<Slot> reads() {
        return EnumSet.allOf(Slot.class);
    }

    @Override
    public long key(Summary summary) {
        return summary.named();
    }

    @Override
    public Check prepare(JudgementContext context) {
        List<Ruling> rulings = context.overrides().neverOf(3, Integer.MAX_VALUE);
        if (rulings.isEmpty()) {
            return Check.SILENT;
        }
        List<PieceId> named = named(context);
        long[] masks = rulings.stream().mapToLong(ruling -> mask(ruling, named)).toArray();
        return summary -> {
            for (int i = 0; i < masks.length; i++) {
                if ((summary.named() & masks[i]) == masks[i]) {
                    return Result.stop(new Overrides.Never(rulings.get(i).reason()));
                }
            }
            return Optional.empty();
        };
    }

    /** The distinct pieces named in rulings on three or more. */
    static List<PieceId> named(JudgementContext context) {
        Set<PieceId> named = new LinkedHashSet<>();
        context.overrides().neverOf(3, Integer.MAX_VALUE).forEach(ruling -> named.addAll(ruling.pieces()));
        if (named.size() > MOST_NAMED) {
            throw new IllegalArgumentException(
                    "at most " + MOST_NAMED + " pieces in rulings on outfits, here are " + named.size());
        }
        return List.copyOf(named);
    }

    private static long mask(Ruling ruling, List<PieceId> named) {
        long mask = 0;
        for (PieceId piece : ruling.pieces()) {
            mask |= 1L << named.indexOf(piece);
        }
        return mask;
    }
}
