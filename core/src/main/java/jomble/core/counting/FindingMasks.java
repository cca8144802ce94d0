package jomble.core.counting;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Judge;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Ruling;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * The findings of piece and pair rules in one context, as bit masks: bit i is rule i of the catalogue.
 *
 * <p>Equal masks are kept once, under a number; the numbers take 8 bytes for two ways. A stop is {@link Charges#EVERY_RULE}, whichever
 * rules it is of; so is a piece worn in two places.
 */
final class FindingMasks {
    private final int size;
    /** Whether only rules about one piece speak here, so that nothing is kept of pairs. */
    private final boolean ofPiecesOnly;

    private final Charges charges = new Charges();
    /** A number of {@link #charges}, or of a stop the complement of a number of {@link #stopping}. */
    private final int[] charge;

    private final Charges stopping = new Charges();
    /** Numbers of credits, which have a mask each. */
    private final int[] credit;

    private final Charges credits = new Charges();

    /** @param ofWeather which rules to compile: those that read the weather, or the others */
    FindingMasks(List<Worn> ways, RuleCatalogue catalogue, JudgementContext context, boolean ofWeather) {
        this.size = ways.size();
        List<PieceRule> pieceRules = catalogue.pieceRules().stream()
                .filter(rule -> rule.readsWeather() == ofWeather)
                .toList();
        List<PairRule> pairRules = catalogue.pairRules().stream()
                .filter(rule -> rule.readsWeather() == ofWeather)
                .toList();
        this.ofPiecesOnly = ofWeather && pairRules.isEmpty();
        this.charge = new int[ofPiecesOnly ? size : size * size];
        this.credit = new int[charge.length];
        List<Ruling> never = context.overrides().neverOf(1, 2);
        Bench[][] benches = new Bench[Slot.values().length][Slot.values().length];
        for (int a = 0; a < size; a++) {
            Worn inner = ways.get(a);
            Finds alone = new Finds();
            for (PieceRule rule : pieceRules) {
                if (rule.covers(inner.slot())) {
                    alone.add(catalogue.bit(rule), context.held(rule, rule.judge(inner, context)));
                }
            }
            if (isAgainst(never, List.of(inner))) {
                alone.stopped = true;
            }
            keep(a, a, alone);
            for (int b = a + 1; b < size && !ofPiecesOnly; b++) {
                Worn outer = ways.get(b);
                if (inner.slot() != outer.slot()) {
                    Bench[] row = benches[inner.slot().ordinal()];
                    int column = outer.slot().ordinal();
                    if (row[column] == null) {
                        row[column] = Bench.of(inner.slot(), outer.slot(), pairRules, catalogue);
                    }
                    Finds pair = pair(inner, outer, row[column], never, context);
                    keep(a, b, pair);
                    keep(b, a, pair);
                }
            }
        }
    }

    /** The rules about one pair of slots, with their bits. */
    private record Bench(PairRule[] rules, long[] bits) {
        static Bench of(Slot inner, Slot outer, List<PairRule> rules, RuleCatalogue catalogue) {
            PairRule[] sitting =
                    rules.stream().filter(rule -> rule.covers(inner, outer)).toArray(PairRule[]::new);
            return new Bench(
                    sitting, Arrays.stream(sitting).mapToLong(catalogue::bit).toArray());
        }
    }

    /** What was found, OR-ed into masks. */
    private static final class Finds {
        private long minor;
        private long major;
        private long credit;
        private long stops;
        private boolean stopped;

        void add(long bit, Optional<Result> result) {
            if (result.isEmpty()) {
                return;
            }
            FindingKind kind = result.get().kind();
            switch (kind) {
                case STOP -> {
                    stopped = true;
                    stops |= bit;
                }
                case MAJOR -> major |= bit;
                case MINOR -> minor |= bit;
                case CREDIT -> credit |= bit;
            }
        }
    }

    private void keep(int a, int b, Finds found) {
        charge[at(a, b)] = found.stopped ? ~stopping.number(found.stops, 0) : charges.number(found.minor, found.major);
        credit[at(a, b)] = credits.number(found.credit, 0);
    }

    private int at(int a, int b) {
        return ofPiecesOnly ? a : a * size + b;
    }

    private static Finds pair(Worn inner, Worn outer, Bench bench, List<Ruling> never, JudgementContext context) {
        Finds finds = new Finds();
        if (shareAPiece(inner, outer) || isAgainst(never, List.of(inner, outer))) {
            finds.stopped = true;
            return finds;
        }
        boolean approved = context.overrides().approves(inner, outer);
        for (int i = 0; i < bench.rules.length; i++) {
            PairRule rule = bench.rules[i];
            Optional<Result> result = rule.judge(inner, outer, context);
            if (result.isPresent()) {
                Optional<Result> held = context.held(rule, result);
                finds.add(bench.bits[i], approved ? held.filter(r -> Judge.isLasting(rule, r)) : held);
            }
        }
        return finds;
    }

    /** A piece is worn in one place. */
    private static boolean shareAPiece(Worn one, Worn other) {
        for (Piece piece : one.pieces()) {
            if (other.pieces().contains(piece)) {
                return true;
            }
        }
        return false;
    }

    /** Whether a ruling on one piece or two is against what is worn. */
    private static boolean isAgainst(List<Ruling> never, List<Worn> worn) {
        if (never.isEmpty()) {
            return false;
        }
        List<PieceId> pieces =
                worn.stream().flatMap(w -> w.pieces().stream()).map(Piece::id).toList();
        return never.stream().anyMatch(ruling -> pieces.containsAll(ruling.pieces()));
    }

    /** Whether there is no finding at all. */
    boolean isBlank() {
        for (int i = 0; i < charge.length; i++) {
            if ((charge[i] | credit[i]) != Charges.NOTHING) {
                return false;
            }
        }
        return true;
    }

    /** Whether both find the same faults. */
    boolean isLike(FindingMasks other) {
        for (int i = 0; i < charge.length; i++) {
            boolean same = charge[i] < 0
                    ? other.charge[i] < 0
                    : other.charge[i] >= 0
                            && charges.minor(charge[i]) == other.charges.minor(other.charge[i])
                            && charges.major(charge[i]) == other.charges.major(other.charge[i]);
            if (!same) {
                return false;
            }
        }
        return true;
    }

    /** Whether no pair rule has anything to say of a way. */
    boolean isUnspokenBeside(int way) {
        for (int other = 0; other < size; other++) {
            if (other != way && (minor(way, other) | major(way, other) | credit(way, other)) != 0) {
                return false;
            }
        }
        return true;
    }

    /** What the rules about one piece say of a way, as a value. */
    List<Long> ofPiece(int way) {
        return List.of(minor(way, way), major(way, way), credit(way, way));
    }

    long minor(int a, int b) {
        int number = isSilent(a, b) ? Charges.NOTHING : charge[at(a, b)];
        return number < 0 ? 0 : charges.minor(number);
    }

    long major(int a, int b) {
        int number = isSilent(a, b) ? Charges.NOTHING : charge[at(a, b)];
        return number < 0 ? Charges.EVERY_RULE : charges.major(number);
    }

    /** The rules that stop two ways, or one where they are the same. */
    long stops(int a, int b) {
        int number = isSilent(a, b) ? Charges.NOTHING : charge[at(a, b)];
        return number < 0 ? stopping.minor(~number) : 0;
    }

    long credit(int a, int b) {
        return isSilent(a, b) ? 0 : credits.minor(credit[at(a, b)]);
    }

    private boolean isSilent(int a, int b) {
        return ofPiecesOnly && a != b;
    }
}
