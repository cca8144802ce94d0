package jomble.core.judgement.rule.wearable;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.TradeTerms;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.Kind;
import jomble.core.piece.Piece;
import jomble.core.piece.Shaft;
import jomble.core.piece.ShaftFit;
import jomble.core.piece.Shape;
import jomble.core.piece.Slot;
import jomble.core.proportion.Landmark;

/** {@code hem.shaft}: boots and the legs or skirt they meet. */
public final class HemShaftRule implements PairRule {
    private static final Parameter NEAR = new Parameter("near", 3, "cm between hem and shaft");
    private static final RuleInfo INFO = RuleInfo.of(
            "hem.shaft",
            "Boots and hems",
            "Close legs go into boots, wider ones over slim shafts; a hem that ends just at the shaft cuts the leg at its widest.",
            NEAR);
    private static final double STATURE_CM = 168;
    /** ΔE00 within which dress and boots run on in one line. */
    private static final double SAME_COLOUR = 10;

    private static final Set<Shape> CLOSE = EnumSet.of(Shape.SKINNY, Shape.SLIM);
    private static final Set<Shape> SKIRTS =
            EnumSet.of(Shape.PENCIL, Shape.A_LINE, Shape.PLEATED, Shape.WRAP, Shape.BIAS, Shape.TRUMPET, Shape.FULL);

    record RoomyShaftUnderWideLeg(String shape) {}

    record RoomyShaftOnCloseLeg(String shape) {}

    record HemAtShaft(double apartCm, double nearCm) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot inner, Slot outer) {
        return outer == Slot.SHOES && (inner == Slot.BOTTOM || inner == Slot.ONEPIECE);
    }

    @Override
    public Optional<Result> judge(Worn legs, Worn shoes, JudgementContext context) {
        int shaft = shoes.piece().get(Attribute.SHAFT) == Shaft.ANKLE ? 0 : TradeTerms.shaftPermille(shoes.piece());
        Piece piece = legs.piece();
        if (shaft == 0 || piece.hem() == null) {
            return Optional.empty();
        }
        if (!isSkirt(legs)) {
            return leg(piece, shoes.piece());
        }
        boolean oneLine = piece.colourDifference(shoes.piece()) < SAME_COLOUR;
        return piece.isSet(Attribute.HEM) && !oneLine ? skirt(piece, shaft, context) : Optional.empty();
    }

    private static boolean isSkirt(Worn worn) {
        Kind kind = worn.piece().kind();
        return kind.isSkirt() || kind.isDress() || SKIRTS.contains(worn.piece().shape());
    }

    private Optional<Result> skirt(Piece skirt, int shaft, JudgementContext context) {
        double apart = Math.abs(skirt.hem().landmark().meanPermille() - shaft) / 1000.0 * STATURE_CM;
        double near = context.value(this, NEAR);
        return apart <= near ? Result.minor(new HemAtShaft(apart, near)) : Optional.empty();
    }

    private static Optional<Result> leg(Piece legs, Piece shoes) {
        Shape shape = legs.shape() == null ? Shape.STRAIGHT : legs.shape();
        boolean longEnough = legs.hem().landmark().meanPermille() <= Landmark.MID_CALF.meanPermille();
        if (!longEnough || shoes.get(Attribute.SHAFT_FIT) != ShaftFit.ROOMY) {
            return Optional.empty();
        }
        boolean rubber = shoes.cloth() == Cloth.RUBBER;
        if (rubber) {
            return Optional.empty();
        }
        return CLOSE.contains(shape)
                ? Result.minor(new RoomyShaftOnCloseLeg(shape.words()))
                : Result.major(new RoomyShaftUnderWideLeg(shape.words()));
    }
}
