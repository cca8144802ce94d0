package jomble.core.document;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.colour.ColourFamily;
import jomble.core.formula.ColourRole;
import jomble.core.formula.Formula;
import jomble.core.formula.SavedFormula;
import jomble.core.formula.SlotFormula;
import jomble.core.outfit.SavedOutfit;
import jomble.core.piece.Family;
import jomble.core.piece.Finish;
import jomble.core.piece.Fit;
import jomble.core.piece.Pattern;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Saved outfits and formulas with something in each of their fields. */
final class SavedOutfitSamples {
    private static final Instant THEN = Instant.parse("2027-01-08T09:30:00Z");
    private static final PieceId GONE = new PieceId("long-gone");

    static final List<SavedFormula> FORMULAS = List.of(new SavedFormula(
            "f1",
            "Wide and close",
            new Formula(Map.of(
                    Slot.TOP,
                    new SlotFormula(
                            Set.of("shirt", "kind-one"),
                            Set.of(),
                            Set.of(Fit.CLOSE),
                            Set.of(Pattern.SOLID, Pattern.STRIPE),
                            Set.of(ColourFamily.values()[0], ColourFamily.values()[3]),
                            Set.of("black", "camel"),
                            Set.of(ColourRole.BASE, ColourRole.NEUTRAL),
                            3,
                            null),
                    Slot.BOTTOM,
                    new SlotFormula(
                            Set.of(),
                            Set.of(Family.BOTTOM),
                            Set.of(),
                            Set.of(),
                            Set.of(),
                            Set.of(),
                            Set.of(),
                            null,
                            5)))));

    private SavedOutfitSamples() {}

    static List<SavedOutfit> outfits(List<Piece> pieces) {
        SavedOutfit.Version first = new SavedOutfit.Version(
                Map.of(
                        Slot.TOP,
                        List.of(GONE),
                        Slot.JEWELLERY,
                        List.of(pieces.get(4).id(), pieces.get(5).id())),
                Map.of(GONE, Set.of(Finish.TUCKED, Finish.BELTED)),
                THEN);
        SavedOutfit.Version next = new SavedOutfit.Version(
                Map.of(Slot.ONEPIECE, List.of(pieces.get(2).id())), Map.of(), THEN.plusSeconds(60));
        SavedOutfit.About about = new SavedOutfit.About(
                "Monday", "roll the sleeves", List.of("desk day"), List.of("winter"), List.of("safe", "blue"), true);
        return List.of(
                new SavedOutfit("o1", about, first, List.of()).changed(next),
                new SavedOutfit(
                        "o2",
                        new SavedOutfit.About("Friday", "", List.of(), List.of(), List.of(), false),
                        first,
                        List.of()));
    }
}
