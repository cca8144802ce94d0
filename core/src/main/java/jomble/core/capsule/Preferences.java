package jomble.core.capsule;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jomble.core.piece.Attribute;
import jomble.core.piece.Money;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/** How well pieces are liked, what each wear has cost so far, and which suit the whole year. */
final class Preferences {
    private static final int MILLIONTHS = 6;
    private static final long UNKNOWN = -1;

    private final List<Piece> pieces;
    private final Map<PieceId, Integer> timesWorn;
    private final Currency currency;
    private final int[] favourite;
    private final long[] millionthsPerWear;
    private final boolean[] isWholeYear;

    /** @param timesWorn by piece, from the wear log; missing for pieces never worn */
    Preferences(List<Piece> pieces, Map<PieceId, Integer> timesWorn) {
        this.pieces = pieces;
        this.timesWorn = timesWorn;
        this.currency = mostUsed(pieces);
        this.favourite = pieces.stream()
                .mapToInt(piece -> piece.get(Attribute.FAVOURITE))
                .toArray();
        this.millionthsPerWear = pieces.stream()
                .mapToLong(piece -> hasCost(piece)
                        ? costPerWear(piece).movePointRight(MILLIONTHS).longValue()
                        : UNKNOWN)
                .toArray();
        this.isWholeYear = new boolean[pieces.size()];
        for (int i = 0; i < isWholeYear.length; i++) {
            isWholeYear[i] = pieces.get(i).seasons().isAllYear();
        }
    }

    /** The most common currency, alphabetically first in a tie; null when no piece has a cost. */
    private static Currency mostUsed(List<Piece> pieces) {
        return pieces.stream()
                .filter(piece -> piece.get(Attribute.COST) != null)
                .collect(
                        Collectors.groupingBy(piece -> piece.get(Attribute.COST).currency(), Collectors.counting()))
                .entrySet()
                .stream()
                .min(Map.Entry.<Currency, Long>comparingByValue()
                        .reversed()
                        .thenComparing(one -> one.getKey().getCurrencyCode()))
                .map(Map.Entry::getKey)
                .orElse(null);
    }

    private boolean hasCost(Piece piece) {
        return piece.get(Attribute.COST) != null
                && piece.get(Attribute.COST).currency().equals(currency);
    }

    /** At least 1: a piece never worn has cost its whole price so far. */
    private int wears(Piece piece) {
        Integer before = piece.get(Attribute.WEARS_BEFORE);
        return Math.max(1, (before == null ? 0 : before) + timesWorn.getOrDefault(piece.id(), 0));
    }

    private BigDecimal costPerWear(Piece piece) {
        return piece.get(Attribute.COST).amount().divide(BigDecimal.valueOf(wears(piece)), MathContext.DECIMAL128);
    }

    /** @param members indices of the chosen pieces */
    Preference of(int[] members) {
        int favourites = 0;
        int wholeYear = 0;
        long cost = 0;
        int known = 0;
        for (int member : members) {
            favourites += favourite[member];
            wholeYear += isWholeYear[member] ? 1 : 0;
            if (millionthsPerWear[member] != UNKNOWN) {
                cost += millionthsPerWear[member];
                known++;
            }
        }
        return new Preference(favourites, known == 0 ? Long.MAX_VALUE : cost / known, wholeYear);
    }

    /** The preference for display: the number of liked pieces instead of a sum, and exact money. */
    CapsulePlan.Preferred describe(int[] members) {
        int favourites = 0;
        int known = 0;
        BigDecimal cost = BigDecimal.ZERO;
        for (int member : members) {
            favourites += favourite[member] > 0 ? 1 : 0;
            if (millionthsPerWear[member] != UNKNOWN) {
                cost = cost.add(costPerWear(pieces.get(member)));
                known++;
            }
        }
        Money mean = known == 0
                ? null
                : new Money(
                        cost.divide(
                                BigDecimal.valueOf(known),
                                Math.max(0, currency.getDefaultFractionDigits()),
                                RoundingMode.HALF_EVEN),
                        currency);
        return new CapsulePlan.Preferred(favourites, mean, of(members).wholeYear());
    }
}
