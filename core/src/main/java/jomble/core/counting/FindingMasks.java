package jomble.core.counting;

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

/**
 * The findings of piece and pair rules in one context, as bit masks: bit i is rule i of the catalogue.
 *
 * <p>For two ways a and b the masks stand at {@code a * size + b}, for one way at {@code a * size + a}. A stop sets every
 * bit of {@code major}, which no sum of points survives; so does a piece worn in two places.
 */
final class FindingMasks {
    static final long STOP = -1L;

    private final int size;
    private final long[] minor;
    private final long[] major;
    private final long[] credit;

    /** @param ofWeather which rules to compile: those that read the weather, or the others */
    FindingMasks(List<Worn> ways, RuleCatalogue catalogue, JudgementContext context, boolean ofWeather) {
        this.size = ways.size();
        this.minor = new long[size * size];
        this.major = new long[size * size];
        this.credit = new long[size * size];
        List<PieceRule> pieceRules = catalogue.pieceRules().stream()
                .filter(rule -> rule.readsWeather() == ofWeather)
                .toList();
        List<PairRule> pairRules = catalogue.pairRules().stream()
                .filter(rule -> rule.readsWeather() == ofWeather)
                .toList();
        for (int a = 0; a < size; a++) {
            Worn inner = ways.get(a);
            for (PieceRule rule : pieceRules) {
                if (rule.covers(inner.slot())) {
                    add(a * size + a, catalogue.bit(rule), context.held(rule, rule.judge(inner, context)));
                }
            }
            if (isNever(List.of(inner), context)) {
                major[a * size + a] = STOP;
            }
            for (int b = a + 1; b < size; b++) {
                pair(a, b, ways, pairRules, catalogue, context);
            }
        }
    }

    private void pair(
            int a, int b, List<Worn> ways, List<PairRule> rules, RuleCatalogue catalogue, JudgementContext context) {
        Worn inner = ways.get(a);
        Worn outer = ways.get(b);
        if (inner.slot() == outer.slot()) {
            return;
        }
        int at = a * size + b;
        int mirror = b * size + a;
        if (shareAPiece(inner, outer)) {
            major[at] = STOP;
            major[mirror] = STOP;
            return;
        }
        boolean approved = context.overrides().approves(inner, outer);
        for (PairRule rule : rules) {
            if (rule.covers(inner.slot(), outer.slot())) {
                Optional<Result> result = context.held(rule, rule.judge(inner, outer, context));
                add(at, catalogue.bit(rule), approved ? result.filter(r -> Judge.isLasting(rule, r)) : result);
            }
        }
        if (isNever(List.of(inner, outer), context)) {
            major[at] = STOP;
        }
        minor[mirror] = minor[at];
        major[mirror] = major[at];
        credit[mirror] = credit[at];
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
    private static boolean isNever(List<Worn> worn, JudgementContext context) {
        List<Ruling> rulings = context.overrides().neverOf(1, 2);
        if (rulings.isEmpty()) {
            return false;
        }
        List<PieceId> pieces =
                worn.stream().flatMap(w -> w.pieces().stream()).map(Piece::id).toList();
        return rulings.stream().anyMatch(ruling -> pieces.containsAll(ruling.pieces()));
    }

    private void add(int at, long bit, Optional<Result> result) {
        if (result.isEmpty()) {
            return;
        }
        FindingKind kind = result.get().kind();
        switch (kind) {
            case STOP -> major[at] = STOP;
            case MAJOR -> major[at] |= bit;
            case MINOR -> minor[at] |= bit;
            case CREDIT -> credit[at] |= bit;
        }
    }

    /** Whether there is no finding at all. */
    boolean isBlank() {
        for (int i = 0; i < minor.length; i++) {
            if ((minor[i] | major[i] | credit[i]) != 0) {
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
        return minor[a * size + b];
    }

    long major(int a, int b) {
        return major[a * size + b];
    }

    long credit(int a, int b) {
        return credit[a * size + b];
    }

    /** Points of masks that were OR-ed together: a rule counts once, by its worst. */
    static int points(long minor, long major) {
        return 2 * Long.bitCount(major) + Long.bitCount(minor & ~major);
    }
}
