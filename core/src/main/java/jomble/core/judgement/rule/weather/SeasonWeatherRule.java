package jomble.core.judgement.rule.weather;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.TradeTerms;
import jomble.core.outfit.Worn;
import jomble.core.piece.Fibre;
import jomble.core.piece.Finish;
import jomble.core.piece.Piece;
import jomble.core.piece.SeasonRange;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/** {@code season.weather}: the cloth of each piece against the day. */
public final class SeasonWeatherRule implements PieceRule {
    private static final Parameter HIGH_SUMMER = new Parameter("high-summer-from", 26, "°C");
    private static final Parameter SUMMER = new Parameter("summer-from", 20, "°C");
    private static final Parameter MILD = new Parameter("mild-from", 13, "°C");
    private static final Parameter COOL = new Parameter("cool-from", 6, "°C");
    private static final Parameter WARM_MEAN = new Parameter("winter-cloth-most-mean", 17, "°C of the day's mean");
    private static final RuleInfo INFO = RuleInfo.of(
                    "season.weather",
                    "Cloth for the day",
                    "Linen in frost is as wrong as tweed at 27 °C: each cloth has its part of the year, and the day says which part it is.",
                    HIGH_SUMMER,
                    SUMMER,
                    MILD,
                    COOL,
                    WARM_MEAN)
            .that(RuleTrait.READS_WEATHER, RuleTrait.READS_FINISHES);
    /** Layers taken off indoors are judged at the coldest of the day; a winter coat in summer at the mean. */
    private static final Set<Slot> TAKEN_OFF = EnumSet.of(Slot.COAT, Slot.HAT, Slot.NECK, Slot.HANDS);
    /** Layers that stay at hand are judged at the day's mean. */
    private static final Set<Slot> LAYERS = EnumSet.of(Slot.MID, Slot.JACKET);
    /** Thin cloth in these slots leaves the client cold; elsewhere a layer can be added. */
    private static final Set<Slot> MUST_BE_WARM = EnumSet.of(Slot.BOTTOM, Slot.ONEPIECE, Slot.JACKET);

    private static final Set<Slot> COVERED = EnumSet.of(
            Slot.BASE,
            Slot.TOP,
            Slot.BOTTOM,
            Slot.ONEPIECE,
            Slot.DRAPE,
            Slot.MID,
            Slot.JACKET,
            Slot.COAT,
            Slot.LEGWEAR,
            Slot.SHOES,
            Slot.HAT,
            Slot.NECK,
            Slot.HANDS);
    private static final SeasonRange TALL_BOOTS = new SeasonRange(3, 5);
    private static final SeasonRange SUMMER_SHOES = new SeasonRange(1, 2);
    private static final SeasonRange OPEN_SHIRT = new SeasonRange(1, 2);
    /** A degree beyond the limit of a season nobody notices. */
    private static final double UNNOTICED_C = 1;

    private static final int THIN = 2;
    private static final SeasonRange WINTER = new SeasonRange(4, 5);
    /** From this season on, a cloth one season too warm is noticeable; a lighter one is only slightly too much. */
    private static final int NOTICED_FROM = 3;

    private static final int WINTER_CLOTH_FROM = 4;

    record TooWarmForTheDay(String cloth, int seasons, double dayC) {}

    record TooThinForTheDay(String cloth, int seasons, double dayC) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public boolean covers(Slot slot) {
        return COVERED.contains(slot);
    }

    @Override
    public Optional<Result> judge(Worn worn, JudgementContext context) {
        Optional<SeasonRange> range = seasons(worn);
        if (!context.isOutdoors() || range.isEmpty()) {
            return Optional.empty();
        }
        double high = context.weather().highC();
        double mean = (context.weather().lowC() + high) / 2;
        boolean layer = LAYERS.contains(worn.slot());
        boolean winterCloth = range.get().from() >= WINTER_CLOTH_FROM && mean >= context.value(this, WARM_MEAN);
        boolean atLow = TAKEN_OFF.contains(worn.slot()) && !(winterCloth && worn.slot() == Slot.COAT);
        double warmest = atLow ? context.weather().lowC() : layer || worn.slot() == Slot.COAT ? mean : high;
        String cloth = worn.piece().cloth().words();
        int tooWarm = range.get().tooWarmFor(season(warmest - UNNOTICED_C, context));
        FindingKind warm = warm(range.get(), tooWarm, winterCloth && !atLow && worn.slot() != Slot.SHOES);
        if (warm != null) {
            return Result.of(warm, new TooWarmForTheDay(cloth, tooWarm, warmest));
        }
        double coldest = layer ? mean : high;
        int tooThin = range.get().tooThinFor(season(coldest + UNNOTICED_C, context));
        return Result.of(thin(worn, tooThin), new TooThinForTheDay(cloth, tooThin, coldest));
    }

    private static FindingKind warm(SeasonRange range, int tooWarm, boolean winterCloth) {
        FindingKind kind = switch (tooWarm) {
            case 0 -> null;
            case 1 -> range.from() >= NOTICED_FROM ? FindingKind.MINOR : null;
            case 2 -> FindingKind.MAJOR;
            default -> FindingKind.STOP;
        };
        return winterCloth && kind != FindingKind.STOP && tooWarm > 0 ? FindingKind.MAJOR : kind;
    }

    private static FindingKind thin(Worn worn, int tooThin) {
        Slot slot = worn.slot();
        if (tooThin < 2 || slot == Slot.BASE || slot == Slot.COAT) {
            return null;
        }
        if (isOpenShirt(worn)) {
            return FindingKind.MAJOR;
        }
        if (MUST_BE_WARM.contains(slot)) {
            return tooThin == 2 ? FindingKind.MAJOR : FindingKind.STOP;
        }
        boolean top = slot == Slot.TOP;
        return tooThin > 2 ? FindingKind.MAJOR : top ? null : FindingKind.MINOR;
    }

    /** The season a temperature belongs to, 1 high summer to 5 deep winter. */
    private int season(double temperatureC, JudgementContext context) {
        if (temperatureC >= context.value(this, HIGH_SUMMER)) {
            return 1;
        }
        if (temperatureC >= context.value(this, SUMMER)) {
            return 2;
        }
        if (temperatureC >= context.value(this, MILD)) {
            return 3;
        }
        return temperatureC >= context.value(this, COOL) ? 4 : 5;
    }

    /** The seasons of a piece in its slot; empty where it has none, as ordinary leather shoes. */
    private static Optional<SeasonRange> seasons(Worn worn) {
        Piece piece = worn.piece();
        return switch (worn.slot()) {
            case SHOES -> shoes(piece);
            case LEGWEAR -> piece.is(Trait.FOR_WINTER) ? Optional.of(WINTER) : Optional.empty();
            case HANDS -> piece.is(Trait.FOR_WINTER) ? Optional.of(WINTER) : Optional.empty();
            case HAT -> Optional.of(piece.is(Trait.FOR_WINTER) ? WINTER : piece.seasons());
            case NECK -> Optional.of(isWoolScarf(piece) ? WINTER : piece.seasons());
            case MID -> Optional.of(isOpenShirt(worn) ? OPEN_SHIRT : piece.seasons());
            default -> Optional.of(piece.seasons());
        };
    }

    /** A thin shirt worn open is a layer for mild days; it gives no warmth. */
    private static boolean isOpenShirt(Worn worn) {
        return worn.slot() == Slot.MID
                && worn.is(Finish.OPEN)
                && TradeTerms.isShirtOrBlouse(worn.piece())
                && worn.piece().clothWeight() <= THIN;
    }

    private static Optional<SeasonRange> shoes(Piece piece) {
        if (piece.is(Trait.TALL_BOOT)) {
            return Optional.of(TALL_BOOTS);
        }
        if (piece.is(Trait.SUMMER_SHOE)) {
            return Optional.of(SUMMER_SHOES);
        }
        return piece.cloth().isLeather() ? Optional.empty() : Optional.of(piece.seasons());
    }

    private static boolean isWoolScarf(Piece piece) {
        int wool = piece.percentOf(Fibre.WOOL) + piece.percentOf(Fibre.MERINO) + piece.percentOf(Fibre.CASHMERE);
        return piece.is(Trait.SCARF) && wool >= 50;
    }
}
