package jomble.core.judgement;

import static jomble.core.judgement.Measure.Operation.GREATEST;
import static jomble.core.judgement.Measure.Operation.LAST;
import static jomble.core.judgement.Measure.Operation.LEAST;
import static jomble.core.judgement.Measure.Operation.SUM;
import static jomble.core.judgement.Measure.Operation.UNION;

/**
 * The measures of an outfit: the table behind {@link Summary}. Each measure is one number, combined by one operation
 * from the contributions of pieces and pairs; the measures of a partial outfit therefore determine everything later
 * pieces can change.
 *
 * <p>Masks have bit {@code 1 << ordinal} of their enumeration.
 */
public enum Measure {
    /** Slots in which something is worn. */
    FILLED_SLOTS(UNION),
    /** Filled slots that the structure does not take, or whose piece has no such role. */
    COLLIDING_SLOTS(UNION),
    /** Σ I_clu of everything on, in hundredths of a clo, and {@link Summary#COAT_WORN} for a coat. */
    WARMTH(SUM),
    /** Σ I_clu after the best peel, in hundredths of a clo. */
    PEELED_CENTI_CLO(SUM),

    /** Number of formality slots at each level, packed by {@link FormalityCounts}. */
    FORMALITIES(SUM),
    COAT_FORMALITY(SUM),
    JACKET_FORMALITY(SUM),
    /** Bits of {@link Suiting}. */
    SUITING(UNION),
    /** Number of the class of bottoms that pair alike with every suit part; below {@link Summary#MOST_SUITS}. */
    BOTTOM_SUIT(LAST, Summary.NOTHING_WORN),
    MID_SUIT(LAST, Summary.NOTHING_WORN),

    /** Families of the main pieces' dominant colours, neutrals left out. */
    HUE_FAMILIES(UNION),
    /** Colour families of the main pieces, including neutrals. */
    FAMILIES(UNION),
    /** Families of the main pieces' saturated colours. */
    SATURATED_FAMILIES(UNION),
    /** Small saturated pieces. */
    ACCENTS(SUM),
    /** Lightness L* of the darkest main piece. */
    DARKEST(LEAST, 100),
    LIGHTEST(GREATEST),
    /** Visible metals. */
    METALS(UNION),
    /** Number of patterned main pieces. */
    PATTERNED(SUM),
    /** Surfaces of the main pieces: a bit for each lustre and each marked texture. */
    SURFACES(UNION),
    /** Main pieces. */
    MAINS(SUM),

    /** Height of the hem of a bottom or one-piece that leaves the leg bare, in thousandths of stature. */
    LEG_HEM(GREATEST),
    /** Height to which the shoes cover the leg, in thousandths of stature. */
    SHAFT(SUM),

    TOP_VOLUME(SUM),
    JACKET_VOLUME(SUM),
    BOTTOM_VOLUME(SUM),

    /** Height of a hem, in thousandths of stature: of the top over a bottom, of a closed mid layer, of a one-piece. */
    TOP_END(LAST, Summary.NO_END),
    LAYER_END(LAST, Summary.NO_END),
    ONEPIECE_END(LAST, Summary.NO_END),
    /** ΔE00 across a hem, rounded; 0 where it does not show. */
    TOP_TO_BOTTOM(LAST),
    LAYER_TO_BOTTOM(LAST),
    LAYER_TO_ONEPIECE(LAST),
    ONEPIECE_TO_TROUSERS(LAST),
    ONEPIECE_TO_LEGWEAR(LAST),
    ONEPIECE_TO_SKIN(LAST),

    /** The number of the way worn in a slot, if its hem or suit matters to pieces added later. */
    BOTTOM_ID(LAST, Summary.NOTHING_WORN),
    ONEPIECE_ID(LAST, Summary.NOTHING_WORN),
    MID_ID(LAST, Summary.NOTHING_WORN),
    JACKET_ID(LAST, Summary.NOTHING_WORN),

    /** What the pieces could be as well, by {@link jomble.core.outfit.Reading#roles}. */
    OTHER_ROLES(UNION),
    /** {@link Sign}s that hold. */
    SIGNS(UNION),
    /** Number of visible statement pieces. */
    STATEMENTS(SUM),
    /** Things that hold heat: cloth that does not breathe next to the skin, a high neck, tights, boots. */
    HEAT(SUM),
    /** Zones of the body that layers which stay on cover. */
    COVERED_ZONES(UNION),
    /** Dress code requirements that a piece violates. */
    VIOLATED_CODES(UNION),
    /** Pieces named in rulings on three or more pieces, by their index among those. */
    NAMED_PIECES(UNION);

    /** How contributions are combined. */
    enum Operation {
        SUM,
        UNION,
        LEAST,
        GREATEST,
        /** The last value; for measures that only one piece or pair of an outfit can contribute to. */
        LAST
    }

    static final int COUNT = values().length;

    private static final Operation[] OPERATIONS = new Operation[COUNT];
    private static final long[] OF_NOTHING = new long[COUNT];

    static {
        for (Measure measure : values()) {
            OPERATIONS[measure.ordinal()] = measure.operation;
            OF_NOTHING[measure.ordinal()] = measure.ofNothing;
        }
    }

    private final Operation operation;
    private final long ofNothing;

    Measure(Operation operation) {
        this(operation, 0);
    }

    /** @param ofNothing the measure of an empty outfit */
    Measure(Operation operation, long ofNothing) {
        this.operation = operation;
        this.ofNothing = ofNothing;
    }

    Operation operation() {
        return operation;
    }

    /** Whether taking in a value changes no measure. */
    boolean isNeutral(long value) {
        return operation != LAST && value == ofNothing;
    }

    /** Sets all measures, by ordinal, to those of an empty outfit. */
    static void clear(long[] measures) {
        System.arraycopy(OF_NOTHING, 0, measures, 0, COUNT);
    }

    /** Adds one contribution to the measures. */
    static void include(long[] measures, int ordinal, long value) {
        switch (OPERATIONS[ordinal]) {
            case SUM -> measures[ordinal] += value;
            case UNION -> measures[ordinal] |= value;
            case LEAST -> measures[ordinal] = Math.min(measures[ordinal], value);
            case GREATEST -> measures[ordinal] = Math.max(measures[ordinal], value);
            case LAST -> measures[ordinal] = value;
        }
    }
}
