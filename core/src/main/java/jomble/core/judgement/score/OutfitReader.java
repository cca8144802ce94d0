package jomble.core.judgement.score;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import jomble.core.brief.Occasion;
import jomble.core.brief.Setting;
import jomble.core.colour.ColourFamily;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.TradeTerms;
import jomble.core.judgement.score.OutfitScore.Kind;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.Family;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** Computes the parts of an outfit's score. */
final class OutfitReader {
    private static final double SAME_COLOUR = 12;
    private static final double CLEAR_STEP = 40;
    private static final int ROUGH_TEXTURE = 2;
    private static final int ONE_ROOM = 1;
    private static final double BROWN_HUE_FROM = 35;
    private static final double BROWN_HUE_TO = 85;
    private static final double BROWN_CHROMA = 12;
    private static final double BROWN_MOST_L = 75;
    private static final double BLACK_L = 20;
    private static final double RAIN = 0.4;
    private static final double WARM_MEAN_C = 20;
    /** Slots whose pieces do not touch the shoes. */
    private static final Set<Slot> ABOVE =
            EnumSet.of(Slot.TOP, Slot.MID, Slot.JACKET, Slot.NECK, Slot.HAT, Slot.TIE, Slot.ONEPIECE);

    private final Collection<Worn> worn;
    private final int points;
    private final JudgementContext context;
    private final Map<Slot, Worn> bySlot = new EnumMap<>(Slot.class);
    private final List<Piece> mains;

    OutfitReader(Collection<Worn> worn, int points, JudgementContext context) {
        this.worn = worn;
        this.points = points;
        this.context = context;
        worn.forEach(one -> bySlot.put(one.slot(), one));
        this.mains = worn.stream()
                .filter(one -> one.slot().isMain())
                .map(Worn::piece)
                .toList();
    }

    Map<Kind, Double> measures() {
        Map<Kind, Double> found = new EnumMap<>(Kind.class);
        Arrays.stream(Kind.values()).forEach(kind -> found.put(kind, measure(kind)));
        return found;
    }

    private double measure(Kind kind) {
        return switch (kind) {
            case CAUTIONS -> points;
            case ECHO -> one(isEchoed());
            case CONTRAST -> one(lightnessRange() >= CLEAR_STEP);
            case DARKS -> darks();
            case SURFACE -> one(surfaces() == 2);
            case THIRD_PIECE -> one(has(Slot.JACKET) && !has(Slot.MID));
            case WHOLE_SUIT -> one(isWholeSuit());
            case KNIT_OVER_SHIRT -> one(is(Slot.TOP, TradeTerms::isShirtOrBlouse) && is(Slot.MID, Piece::isKnit));
            case LAYERS -> one(has(Slot.JACKET) && has(Slot.MID));
            case PLAIN -> one(!has(Slot.JACKET) && !has(Slot.MID));
            case KNIT_IN_THE_WARM -> one(is(Slot.MID, Piece::isKnit) && isWarm());
            case KNITTED_JACKET -> one(is(Slot.JACKET, piece -> piece.is(Trait.KNITTED_JACKET)));
            case ONE_GESTURE -> one((has(Slot.DRAPE) || has(Slot.ONEPIECE)) && !has(Slot.MID) && !has(Slot.JACKET));
            case ORPHANED_SUIT -> orphans();
            case ONE_ROOM -> one(spread() <= ONE_ROOM);
            case OFF_THE_OCCASION -> offTheOccasion();
            case PATTERNS ->
                Math.max(0, mains.stream().filter(Piece::isPatterned).count() - 1);
            case LAYER_AS_TOP -> one(is(Slot.TOP, piece -> piece.kind().family() == Family.MID_LAYER));
            case BARE_TOP -> one(is(Slot.TOP, piece -> piece.is(Trait.BARE_TOP)));
            case SHOES -> one(areShoesOut());
            case LOUD_PRINT -> one(mains.stream().anyMatch(Piece::isLoudPrint));
            case FAVOURITES ->
                worn.stream()
                        .flatMap(one -> one.pieces().stream())
                        .mapToInt(piece -> piece.get(Attribute.FAVOURITE))
                        .sum();
        };
    }

    private boolean isWarm() {
        return context.weather() != null
                && (context.weather().lowC() + context.weather().highC()) / 2 >= WARM_MEAN_C;
    }

    private static double one(boolean holds) {
        return holds ? 1 : 0;
    }

    private boolean has(Slot slot) {
        return bySlot.containsKey(slot);
    }

    private boolean is(Slot slot, Predicate<Piece> what) {
        return has(slot) && what.test(bySlot.get(slot).piece());
    }

    /** Neutrals echo as hues do: tan shoes and a camel coat, black shoes and a black roll-neck. */
    private boolean isEchoed() {
        Worn shoes = bySlot.get(Slot.SHOES);
        return shoes != null
                && worn.stream()
                        .filter(one -> ABOVE.contains(one.slot()))
                        .anyMatch(one -> one.piece().colourDifference(shoes.piece()) <= SAME_COLOUR);
    }

    private double lightnessRange() {
        double darkest =
                mains.stream().mapToDouble(piece -> piece.dominant().l()).min().orElse(0);
        double lightest =
                mains.stream().mapToDouble(piece -> piece.dominant().l()).max().orElse(0);
        return lightest - darkest;
    }

    private static boolean isWarmBrown(Piece piece) {
        double hue = piece.dominant().hueDegrees();
        return hue >= BROWN_HUE_FROM
                && hue <= BROWN_HUE_TO
                && piece.dominant().chroma() >= BROWN_CHROMA
                && piece.dominant().l() <= BROWN_MOST_L;
    }

    /** Black beside brown, and black shoes under a brown or beige leg. */
    private double darks() {
        boolean black = mains.stream().anyMatch(OutfitReader::isBlack);
        boolean brown = mains.stream().anyMatch(piece -> piece.colourFamily() == ColourFamily.BROWN);
        boolean blackShoes = is(Slot.SHOES, OutfitReader::isBlack);
        boolean brownLegs = is(Slot.BOTTOM, OutfitReader::isWarmBrown);
        return one(black && brown) + one(blackShoes && brownLegs && !black);
    }

    private static boolean isBlack(Piece piece) {
        return piece.dominant().l() <= BLACK_L && piece.colourFamily() == ColourFamily.ACHROMATIC;
    }

    private long surfaces() {
        return mains.stream()
                .map(piece -> List.of(piece.cloth().surface(), piece.get(Attribute.TEXTURE) >= ROUGH_TEXTURE))
                .distinct()
                .count();
    }

    private boolean isWholeSuit() {
        return has(Slot.JACKET)
                && has(Slot.BOTTOM)
                && context.isOfSuit(bySlot.get(Slot.JACKET).piece())
                && bySlot.get(Slot.JACKET)
                        .piece()
                        .sharesSetWith(bySlot.get(Slot.BOTTOM).piece());
    }

    /** Number of suit pieces worn without any other piece of their suit; a striped one counts twice. */
    private double orphans() {
        double orphans = 0;
        for (Piece piece : mains) {
            boolean alone = context.isOfSuit(piece)
                    && mains.stream().noneMatch(other -> other != piece && other.sharesSetWith(piece));
            orphans += alone ? piece.pattern().isTailoringStripe() ? 2 : 1 : 0;
        }
        return orphans;
    }

    private int spread() {
        int[] levels = formalities();
        return levels.length == 0 ? 0 : levels[levels.length - 1] - levels[0];
    }

    private int[] formalities() {
        return worn.stream()
                .filter(one -> one.slot().isFormality())
                .mapToInt(one -> one.piece().formality())
                .sorted()
                .toArray();
    }

    private double offTheOccasion() {
        Occasion occasion = context.occasion();
        int[] levels = formalities();
        if (occasion.equals(Occasion.ANY) || levels.length == 0) {
            return 0;
        }
        double middle = (occasion.formalityLow() + occasion.formalityHigh()) / 2.0;
        return Math.max(0, Math.abs(Arrays.stream(levels).average().orElse(middle) - middle) - 0.5);
    }

    private boolean areShoesOut() {
        if (!has(Slot.SHOES)) {
            return false;
        }
        Piece shoes = bySlot.get(Slot.SHOES).piece();
        boolean rubber = shoes.cloth() == Cloth.RUBBER;
        boolean rain = context.weather() != null && context.weather().rainChance() >= RAIN;
        boolean rough = context.occasion().setting() == Setting.ROUGH;
        boolean tailored = is(Slot.JACKET, TradeTerms::isTailoredJacket) || is(Slot.BOTTOM, TradeTerms::isSuitTrousers);
        boolean boots = shoes.is(Trait.BOOT);
        boolean skirt = is(Slot.BOTTOM, piece -> piece.kind().isSkirt()) || has(Slot.DRAPE);
        return rubber && (!rain || !rough || skirt) || tailored && shoes.is(Trait.TRAINERS) || boots && has(Slot.DRAPE);
    }
}
