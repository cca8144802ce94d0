package jomble.core.judgement.rule.finishing;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.outfit.Worn;
import jomble.core.piece.Detail;
import jomble.core.piece.Neckline;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code finish.neckline}: what is worn at the neck has room to be seen. */
public final class FinishNecklineRule implements PairRule {
    private static final RuleInfo INFO = RuleInfo.of(
            "finish.neckline",
            "Room at the neck",
            "A necklace lies badly over a roll, a bow or a halter unless it is long; a scarf over a neckline that is the point of a dress hides it.");
    private static final Set<Neckline> FULL = EnumSet.of(Neckline.ROLL, Neckline.HIGH, Neckline.BOW, Neckline.HALTER);
    private static final Set<Neckline> SPEAKS =
            EnumSet.of(Neckline.BOW, Neckline.COWL, Neckline.SWEETHEART, Neckline.HALTER, Neckline.OFF_SHOULDER);

    record NoRoomForANecklace(String neckline) {}

    record ScarfHidesTheNeckline(String neckline) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return (inner == Slot.TOP || inner == Slot.ONEPIECE) && (outer == Slot.JEWELLERY || outer == Slot.NECK);
    }

    @Override
    public Optional<Result> judge(Worn garment, Worn atTheNeck, JudgementContext context) {
        Neckline neckline = garment.piece().neckline();
        if (neckline == null) {
            return Optional.empty();
        }
        if (atTheNeck.slot() == Slot.NECK) {
            return SPEAKS.contains(neckline)
                    ? Result.minor(new ScarfHidesTheNeckline(neckline.words()))
                    : Optional.empty();
        }
        boolean necklace = atTheNeck.pieces().stream()
                .anyMatch(piece -> piece.is(Trait.NECKLACE) && !piece.has(Detail.LONG_NECKLACE));
        return necklace && FULL.contains(neckline)
                ? Result.minor(new NoRoomForANecklace(neckline.words()))
                : Optional.empty();
    }
}
