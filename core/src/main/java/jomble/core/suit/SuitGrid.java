package jomble.core.suit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import jomble.core.judgement.Finding;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Tailoring;
import jomble.core.judgement.TradeTerms;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.tailoring.SuitSeparableRule;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/**
 * Every tailored jacket with every pair of tailored trousers and every skirt, with and without each waistcoat. Only
 * these pieces are judged: by the rules of tailoring, colour, pattern, cloth and formality, and by the stylist's
 * rulings.
 */
public final class SuitGrid {
    /** Prefixes of the rules that judge tailored pieces together, whatever else is worn. */
    private static final List<String> JUDGED_BY =
            List.of("suit.", "colour.", "pattern.", "formality.spread", "season.cloth", Overrides.ID);

    private final List<Judge> judges;

    /** @param contexts the best verdict over these counts, as in a union of months */
    public SuitGrid(RuleCatalogue catalogue, List<JudgementContext> contexts) {
        this.judges = Judge.of(catalogue, contexts);
    }

    /**
     * Two or three tailored pieces worn together.
     *
     * @param waistcoat null for none
     * @param whole whether all are of one suit
     * @param suits number of suits they come from; a single piece counts as one of its own
     * @param separability how well the parts can be worn apart, 0..10; null for a whole suit and for single pieces,
     *     where it does not apply
     * @param deltaE colour difference of jacket and bottom, ΔE00
     * @param reason the worst finding or else a credit; null when there is none
     */
    public record Cell(
            Piece jacket,
            Piece waistcoat,
            Piece bottom,
            boolean whole,
            int suits,
            Verdict verdict,
            Integer separability,
            double deltaE,
            Finding reason) {}

    /** Jackets as rows, bottoms as columns, and the waistcoats that may be added. */
    public record Grid(List<Piece> jackets, List<Piece> bottoms, List<Piece> waistcoats, List<Cell> cells) {}

    /** @param pieces those that are not tailored are ignored */
    public Grid of(List<Piece> pieces) {
        List<Piece> jackets = pieces.stream()
                .filter(this::isTailoredJacket)
                .sorted(suitsFirst())
                .toList();
        List<Piece> bottoms = pieces.stream()
                .filter(this::isTailoredBottom)
                .sorted(suitsFirst())
                .toList();
        List<Piece> waistcoats = pieces.stream()
                .filter(piece -> piece.is(Trait.WAISTCOAT))
                .sorted(suitsFirst())
                .toList();
        List<Cell> cells = new ArrayList<>();
        for (Piece jacket : jackets) {
            for (Piece bottom : bottoms) {
                cells.add(cell(jacket, null, bottom));
                waistcoats.forEach(waistcoat -> cells.add(cell(jacket, waistcoat, bottom)));
            }
        }
        return new Grid(jackets, bottoms, waistcoats, cells);
    }

    private boolean isTailoredJacket(Piece piece) {
        return piece.isFirstOf(Slot.JACKET) && TradeTerms.isTailoredJacket(piece);
    }

    private boolean isTailoredBottom(Piece piece) {
        return piece.isFirstOf(Slot.BOTTOM) && (isOfSuit(piece) || piece.is(Trait.WORN_WITH_SUIT_JACKET));
    }

    private boolean isOfSuit(Piece piece) {
        return judges.get(0).context().isOfSuit(piece);
    }

    private Comparator<Piece> suitsFirst() {
        return Comparator.comparing((Piece piece) -> !isOfSuit(piece))
                .thenComparing(piece -> Objects.toString(piece.setId(), ""))
                .thenComparing(Piece::id);
    }

    /** @param waistcoat null for none */
    Cell cell(Piece jacket, Piece waistcoat, Piece bottom) {
        List<Worn> worn = new ArrayList<>(List.of(Worn.of(Slot.BOTTOM, bottom), Worn.of(Slot.JACKET, jacket)));
        if (waistcoat != null) {
            worn.add(Worn.of(Slot.MID, waistcoat));
        }
        List<Finding> findings = judges.stream()
                .map(judge -> judge.best(Outfit.of(worn)))
                .map(SuitGrid::aboutThem)
                .min(Comparator.comparing(SuitGrid::verdict).thenComparing(SuitGrid::points))
                .orElseThrow();
        Set<String> suits = new HashSet<>();
        Stream.of(jacket, waistcoat, bottom)
                .filter(Objects::nonNull)
                .forEach(piece -> suits.add(
                        isOfSuit(piece) ? piece.setId() : "odd " + piece.id().value()));
        boolean whole = suits.size() == 1;
        boolean broken =
                Tailoring.isBroken(worn.get(1), worn.get(0), judges.get(0).context());
        return new Cell(
                jacket,
                waistcoat,
                bottom,
                whole,
                suits.size(),
                verdict(findings),
                broken ? SuitSeparableRule.separability(jacket, bottom) : null,
                jacket.colourDifference(bottom),
                findings.isEmpty() ? null : findings.get(0));
    }

    private static List<Finding> aboutThem(Judgement judgement) {
        return judgement.findings().stream()
                .filter(finding -> JUDGED_BY.stream().anyMatch(finding.rule()::startsWith))
                .toList();
    }

    private static Verdict verdict(List<Finding> findings) {
        boolean stopped = findings.stream().anyMatch(finding -> finding.kind() == FindingKind.STOP);
        return Verdict.of(stopped, points(findings));
    }

    private static int points(List<Finding> findings) {
        return Judgement.points(findings);
    }
}
