package jomble.server.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.counting.Combination;
import jomble.core.document.Question;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.CoatToTake;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.OutfitMeasures;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.rule.colour.ColourEchoRule;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Reading;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.proportion.Heights;
import jomble.drawing.Figure;
import jomble.drawing.HeightRuler;
import jomble.drawing.TemperatureBar;
import org.springframework.stereotype.Component;

/** Draws outfits as they are judged, each piece with its best finish. */
@Component
public class OutfitDrawings {
    private final RuleCatalogue catalogue;

    OutfitDrawings(RuleCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * The drawings of one outfit.
     *
     * @param figure on the dress form without the coat; two slots that echo a colour are marked
     * @param withCoat the same with the coat; null if there is none
     * @param ruler the heights of its breaks, aligned with the figure
     * @param temperatures the air temperatures it is comfortable in
     */
    public record OutfitDrawing(String figure, String withCoat, String ruler, String temperatures) {}

    public OutfitDrawing draw(Judgement judgement, JudgementContext context) {
        Heights heights = context.brief().heights();
        OutfitMeasures measures = OutfitMeasures.of(judgement, context);
        boolean coat = judgement.outfit().in(Slot.COAT).isPresent();
        List<HeightRuler.Break> breaks = judgement.summary().breakPermille() < 0
                ? List.of()
                : List.of(new HeightRuler.Break(
                        judgement.summary().breakPermille(), judgement.summary().breakDifference()));
        List<Slot> echo = echo(judgement);
        return new OutfitDrawing(
                Figure.of(indoors(judgement.outfit()), heights, false, echo),
                coat ? Figure.of(judgement.outfit(), heights, true, echo) : null,
                HeightRuler.of(heights, breaks),
                TemperatureBar.of(measures.comfortLowC(), measures.dressedHighC(), measures.comfortHighC()));
    }

    /** The two slots that echo a colour, or none. */
    private static List<Slot> echo(Judgement judgement) {
        return judgement.findings().stream()
                .filter(finding -> finding.rule().equals(ColourEchoRule.ID))
                .findFirst()
                .map(finding -> judgement.outfit().worn().stream()
                        .filter(worn -> finding.pieces().contains(worn.piece().id()))
                        .map(Worn::slot)
                        .toList())
                .orElse(List.of());
    }

    /**
     * A combination that is cold on the way, completed with the recorded coat that does it at no more points; the same
     * where no coat is wanted, or none does it.
     */
    public Combination underItsCoat(Combination combination, Wardrobe wardrobe) {
        Judge judge = new Judge(catalogue, combination.context());
        Judgement judged = judge.best(outfit(combination, wardrobe));
        return CoatToTake.of(judge, judged, wardrobe.pieces())
                .filter(taken -> taken.judgement().points() <= combination.points())
                .map(taken ->
                        combination.filling(Slot.COAT, List.of(taken.coat().id())))
                .orElse(combination);
    }

    /** A combination on the dress form, without the coat. */
    public String figure(Combination combination, Wardrobe wardrobe) {
        return figure(outfit(combination, wardrobe), combination.context());
    }

    /**
     * An outfit on the dress form, worn in the best way in the context of a question where it is at its best.
     *
     * @param coatOn whether the coat is drawn
     * @param marked the slot to mark
     */
    public String figure(Map<Slot, List<PieceId>> outfit, Question question, boolean coatOn, Slot marked) {
        Outfit asked = outfit(outfit, question.wardrobe());
        Outfit best = Judge.of(catalogue, question.contexts()).stream()
                .map(judge -> judge.best(asked))
                .min(Judgement.BETTER)
                .orElseThrow()
                .outfit();
        return Figure.of(
                coatOn ? best : indoors(best), question.wardrobe().brief().heights(), true, List.of(marked));
    }

    private String figure(Outfit outfit, JudgementContext context) {
        Judgement best = new Judge(catalogue, context).best(outfit);
        return Figure.of(indoors(best.outfit()), context.brief().heights(), false);
    }

    private static Outfit indoors(Outfit outfit) {
        return Outfit.of(
                outfit.worn().stream().filter(one -> one.slot() != Slot.COAT).toList());
    }

    /** All pieces worn in a combination, including those that complete it. */
    public static Outfit outfit(Combination combination, Wardrobe wardrobe) {
        List<Worn> worn = new ArrayList<>();
        combination.slots().forEach((slot, ids) -> worn.add(Worn.of(slot, pieces(ids, wardrobe))));
        combination.filled().forEach((slot, ids) -> worn.add(Worn.of(slot, pieces(ids, wardrobe))));
        return Outfit.of(worn);
    }

    /** An outfit of pieces by id, without finishes. */
    public static Outfit outfit(Map<Slot, List<PieceId>> slots, Wardrobe wardrobe) {
        List<Worn> worn = new ArrayList<>();
        slots.forEach((slot, ids) -> worn.add(Worn.of(slot, pieces(ids, wardrobe))));
        return Reading.of(Outfit.of(worn));
    }

    private static List<Piece> pieces(List<PieceId> ids, Wardrobe wardrobe) {
        return ids.stream().map(id -> wardrobe.find(id).orElseThrow()).toList();
    }
}
