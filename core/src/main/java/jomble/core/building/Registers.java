package jomble.core.building;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import jomble.core.judgement.Finding;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.score.OutfitScore;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Metal;
import jomble.core.piece.Piece;
import jomble.core.piece.Show;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;
import jomble.core.piece.Word;

/**
 * Takes a base to day, evening and weekend with three sets of finishing pieces; clothes and shoes stay the same.
 *
 * <p>In each slot, the piece (or none) is chosen that makes the whole best: by verdict, then by how well the piece
 * suits the register, then by credits; repeated until nothing changes. What suits a register is our choice: pieces near
 * its formality, one statement in the evening and none before, little at the weekend.
 */
public final class Registers {
    private static final List<Slot> FINISHING = List.of(
            Slot.LEGWEAR, Slot.BELT, Slot.BAG, Slot.NECK, Slot.TIE, Slot.JEWELLERY, Slot.WATCH, Slot.HAT, Slot.EXTRA);

    private static final Set<Slot> NOT_IN_THE_EVENING = EnumSet.of(Slot.HAT);
    private static final int MOST_ROUNDS = 3;
    private static final int LUSTROUS = 2;
    private static final int EVENING_FORMALITY = 5;
    private static final int MOST_FORMAL = 7;

    private final RuleCatalogue catalogue;

    public Registers(RuleCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The registers. */
    public enum Register implements Word {
        DAY,
        EVENING,
        WEEKEND;

        int formality(int base) {
            return switch (this) {
                case DAY -> base;
                case EVENING -> Math.min(MOST_FORMAL, Math.max(base + 1, EVENING_FORMALITY));
                case WEEKEND -> Math.max(1, base - 2);
            };
        }
    }

    /**
     * A base with its finishing pieces.
     *
     * @param finishing by slot; may be empty when nothing suits
     * @param judgement of the whole
     * @param reasons credits of its finishing pieces
     */
    public record Dressed(
            Register register, Map<Slot, List<Piece>> finishing, Judgement judgement, List<Finding> reasons) {
        /** The statement piece, if there is one. */
        public Optional<Piece> statement() {
            return pieces().filter(piece -> piece.get(Attribute.SHOW) == Show.STATEMENT)
                    .findFirst();
        }

        /** The visible metals. */
        public Set<Metal> metals() {
            Set<Metal> metals = EnumSet.noneOf(Metal.class);
            pieces().map(piece -> piece.get(Attribute.METAL))
                    .filter(metal -> metal != null && metal != Metal.NONE)
                    .forEach(metals::add);
            return metals;
        }

        private Stream<Piece> pieces() {
            return finishing.values().stream().flatMap(List::stream);
        }
    }

    /**
     * The base in each register.
     *
     * @param base its own finishing pieces are ignored
     * @param pieces to choose from
     */
    public List<Dressed> of(Outfit base, List<Piece> pieces, JudgementContext context) {
        Judge judge = new Judge(catalogue, context);
        Outfit bare = Outfit.of(base.worn().stream()
                .filter(worn -> !FINISHING.contains(worn.slot()))
                .toList());
        int formality = judge.best(bare).summary().formality();
        List<Dressed> dressed = new ArrayList<>();
        for (Register register : Register.values()) {
            dressed.add(dress(register, bare, pieces, judge, register.formality(formality)));
        }
        return dressed;
    }

    private static Dressed dress(Register register, Outfit bare, List<Piece> pieces, Judge judge, int formality) {
        Map<Slot, Piece> chosen = new LinkedHashMap<>();
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Map<Slot, Piece> before = new LinkedHashMap<>(chosen);
            for (Slot slot : FINISHING) {
                choose(slot, register, bare, pieces, judge, formality, chosen);
            }
            if (before.equals(chosen)) {
                break;
            }
        }
        Judgement judgement = judge.best(with(bare, chosen));
        Map<Slot, List<Piece>> finishing = new LinkedHashMap<>();
        chosen.forEach((slot, piece) -> finishing.put(slot, List.of(piece)));
        List<Finding> reasons = judgement.findings().stream()
                .filter(finding -> finding.kind() == FindingKind.CREDIT)
                .filter(finding -> chosen.values().stream()
                        .anyMatch(piece -> finding.pieces().contains(piece.id())))
                .toList();
        return new Dressed(register, finishing, judgement, reasons);
    }

    /** Puts the best piece into a slot, or leaves it empty. */
    private static void choose(
            Slot slot,
            Register register,
            Outfit bare,
            List<Piece> pieces,
            Judge judge,
            int formality,
            Map<Slot, Piece> chosen) {
        chosen.remove(slot);
        Option best = new Option(null, judge.best(with(bare, chosen)), 0, judge.context());
        if (!(register == Register.EVENING && NOT_IN_THE_EVENING.contains(slot))) {
            for (Piece piece : pieces) {
                if (piece.isFirstOf(slot) && shows(piece, bare) && !chosen.containsValue(piece)) {
                    Map<Slot, Piece> tried = new LinkedHashMap<>(chosen);
                    tried.put(slot, piece);
                    double suits = suits(piece, register, formality, chosen);
                    Option option = new Option(piece, judge.best(with(bare, tried)), suits, judge.context());
                    best = Option.BETTER.compare(option, best) < 0 ? option : best;
                }
            }
        }
        if (best.piece != null) {
            chosen.put(slot, best.piece);
        }
    }

    /** Under trousers, only socks are visible legwear. */
    private static boolean shows(Piece piece, Outfit bare) {
        boolean hasTrousers = bare.in(Slot.BOTTOM)
                .filter(bottom -> !bottom.piece().kind().isSkirt())
                .isPresent();
        return !piece.isFirstOf(Slot.LEGWEAR) || !hasTrousers || piece.is(Trait.SOCKS);
    }

    private record Option(Piece piece, Judgement judgement, double suits, JudgementContext context) {
        static final Comparator<Option> BETTER = Comparator.comparing((Option one) -> one.judgement.verdict())
                .thenComparing(one -> one.judgement.points())
                .thenComparing(one -> -one.suits - one.score())
                .thenComparing(one -> -one.judgement.credits());

        private double score() {
            return OutfitScore.of(judgement.outfit().worn(), judgement.points(), context)
                    .total();
        }
    }

    /** How well a piece suits the register; above 0 when it improves on an empty slot. */
    private static double suits(Piece piece, Register register, int formality, Map<Slot, Piece> chosen) {
        boolean isStatement = piece.get(Attribute.SHOW) == Show.STATEMENT;
        boolean hasStatement = chosen.values().stream().anyMatch(other -> other.get(Attribute.SHOW) == Show.STATEMENT);
        boolean isLustrous = piece.get(Attribute.SHEEN) != null && piece.get(Attribute.SHEEN) >= LUSTROUS;
        double suits = 1 - Math.abs(piece.formality() - formality) * 0.5;
        return suits
                + switch (register) {
                    case DAY -> isStatement ? -1 : 0;
                    case EVENING -> (isStatement ? (hasStatement ? -2 : 1) : 0) + (isLustrous ? 0.5 : 0);
                    case WEEKEND -> (isStatement ? -1 : 0) + (isLustrous ? -0.5 : 0);
                };
    }

    private static Outfit with(Outfit bare, Map<Slot, Piece> chosen) {
        List<Worn> worn = new ArrayList<>(bare.worn());
        chosen.forEach((slot, piece) -> worn.add(Worn.of(slot, piece)));
        return Outfit.of(worn);
    }
}
