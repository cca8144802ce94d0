package jomble.server.judgement;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import jomble.core.judgement.Finding;
import jomble.core.judgement.FindingTexts;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.OutfitMeasures;
import jomble.core.judgement.OutfitNote;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/**
 * A verdict with its reasons, worst first.
 *
 * @param finishes by id of the piece, its best finishes
 * @param notes safety first, then how to finish it; never scored
 * @param coat the recorded coat to put on for the way, where it is cold without one and one does it; or null
 */
public record JudgementView(
        String verdict,
        int points,
        List<FindingView> findings,
        Map<String, List<String>> finishes,
        MeasuresView measures,
        List<NoteView> notes,
        String coat) {

    /** @param safety whether it concerns safety rather than finishing the outfit */
    public record NoteView(String text, boolean safety) {}

    /**
     * One reason.
     *
     * @param cure how to fix it, or null
     * @param exact the measured values in words, or null
     * @param values the measured values by name
     */
    public record FindingView(
            String rule,
            String kind,
            List<String> pieces,
            String text,
            String cure,
            String exact,
            Map<String, Object> values) {}

    /** A visible horizontal: its height as a fraction of stature, and its strength. */
    public record BreakView(double height, int deltaE) {}

    /**
     * Measures of the outfit.
     *
     * @param comfortLowC coldest air for a walk with everything on
     * @param comfortHighC warmest air for a stroll after the best peel
     * @param dressedHighC warmest air for a stroll with everything on
     */
    public record MeasuresView(
            double clo,
            double peeledClo,
            double comfortLowC,
            double comfortHighC,
            double dressedHighC,
            int formality,
            String scheme,
            List<BreakView> breaks) {}

    /**
     * @param coat to take on the way, or null
     * @param pieces of the wardrobe
     */
    public static JudgementView of(
            Judgement judgement, JudgementContext context, Piece coat, Collection<Piece> pieces) {
        Map<PieceId, String> labels = new LinkedHashMap<>();
        Map<String, List<String>> finishes = new LinkedHashMap<>();
        for (Worn worn : judgement.outfit().worn()) {
            for (Piece piece : worn.pieces()) {
                labels.put(piece.id(), piece.label());
            }
            if (!worn.finishes().isEmpty()) {
                finishes.put(
                        worn.piece().id().value(),
                        worn.finishes().stream().map(Finish::id).toList());
            }
        }
        return new JudgementView(
                judgement.verdict().id(),
                judgement.points(),
                judgement.findings().stream().map(f -> view(f, labels::get)).toList(),
                finishes,
                measures(judgement, context),
                OutfitNote.of(judgement, context).stream()
                        .map(note -> new NoteView(
                                note == OutfitNote.TAKE_A_COAT ? OutfitNote.ofCoat(coat, pieces) : note.text(),
                                note.isSafety()))
                        .toList(),
                coat == null ? null : coat.id().value());
    }

    private static FindingView view(Finding finding, Function<PieceId, String> labels) {
        return new FindingView(
                finding.rule(),
                finding.kind().id(),
                finding.pieces().stream().map(PieceId::value).toList(),
                FindingTexts.text(finding, labels),
                FindingTexts.cure(finding, labels).orElse(null),
                FindingTexts.exact(finding, labels).orElse(null),
                FindingTexts.values(finding.evidence()));
    }

    private static MeasuresView measures(Judgement judgement, JudgementContext context) {
        OutfitMeasures measures = OutfitMeasures.of(judgement, context);
        List<BreakView> breaks = judgement.summary().breakPermille() < 0
                ? List.of()
                : List.of(new BreakView(
                        judgement.summary().breakPermille() / 1000.0,
                        judgement.summary().breakDifference()));
        return new MeasuresView(
                measures.clo(),
                measures.peeledClo(),
                measures.comfortLowC(),
                measures.comfortHighC(),
                measures.dressedHighC(),
                judgement.summary().formality(),
                measures.scheme(),
                breaks);
    }
}
