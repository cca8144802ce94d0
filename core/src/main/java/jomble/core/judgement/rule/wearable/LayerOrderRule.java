package jomble.core.judgement.rule.wearable;

import java.util.Optional;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SlotPairs;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/** {@code layer.order}: an outer layer needs room for the one beneath. */
public final class LayerOrderRule implements PairRule {
    private static final Parameter COAT_ROOM = new Parameter("coat-room", 1, "steps of room a coat has beyond its fit");
    private static final Parameter IMPOSSIBLE = new Parameter("impossible-from", 2, "steps of bulk too many");
    private static final RuleInfo INFO = RuleInfo.of(
            "layer.order",
            "Thin under thick",
            "A bulky layer under a close one bunches at the arm and pulls at the buttons.",
            COAT_ROOM,
            IMPOSSIBLE);

    record NoRoom(int bulk, int room) {}

    record Snug(int bulk, int room) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return SlotPairs.isLayer(inner, outer);
    }

    @Override
    public Optional<Result> judge(Worn inner, Worn outer, JudgementContext context) {
        int bulk = inner.piece().bulk();
        int extra = outer.slot() == Slot.COAT ? (int) context.value(this, COAT_ROOM) : 0;
        int room = outer.piece().fit().room() + extra;
        if (room < bulk) {
            NoRoom evidence = new NoRoom(bulk, room);
            return bulk - room >= context.value(this, IMPOSSIBLE) ? Result.stop(evidence) : Result.major(evidence);
        }
        return room == bulk ? Result.minor(new Snug(bulk, room)) : Optional.empty();
    }
}
