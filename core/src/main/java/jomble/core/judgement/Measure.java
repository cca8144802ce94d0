package jomble.core.judgement;

import static jomble.core.judgement.Measure.Operation.GREATEST;
import static jomble.core.judgement.Measure.Operation.LAST;
import static jomble.core.judgement.Measure.Operation.LEAST;
import static jomble.core.judgement.Measure.Operation.SUM;
import static jomble.core.judgement.Measure.Operation.UNION;

/**
 * What is measured of an outfit: the table behind {@link Summary}. Each measure is one number, put together by one operation from what
 * the pieces and their pairs contribute, so that the measures of a part say all there is to know of the part.
 *
 * <p>Masks have bit {@code 1 << ordinal} of their enumeration.
 */
public enum Measure {
    /** Slots in which something is worn. */
    FILLED_SLOTS(UNION),
    /** Filled slots the structure does not take, or whose piece has no such role. */
    COLLIDING_SLOTS(UNION),
    /** Σ I_clu of everything on, in hundredths of a clo. */
    FULL_CENTI_CLO(SUM),
    /** The same after the best peel. */
    PEELED_CENTI_CLO(SUM),

    /** How many formality slots hold each level, packed by {@link FormalityCounts}. */
    FORMALITIES(SUM),
    COAT_FORMALITY(SUM),
    JACKET_FORMALITY(SUM),
    /** Bits of {@link Suiting}. */
    SUITING(UNION),
    /** Which pieces the bottom meets alike as part of a suit; below {@link Summary#MOST_SUITS}. */
    BOTTOM_SUIT(LAST, Summary.NOTHING_WORN),
    MID_SUIT(LAST, Summary.NOTHING_WORN),

    /** Families of the main pieces' dominant colours, neutrals left out. */
    HUE_FAMILIES(UNION),
    /** Colour families of the main pieces, neutrals and all. */
    FAMILIES(UNION),
    /** Families of the main pieces' saturated colours. */
    SATURATED_FAMILIES(UNION),
    /** Small saturated pieces. */
    ACCENTS(SUM),
    /** Lightness L* of the darkest main piece. */
    DARKEST(LEAST, 100),
    LIGHTEST(GREATEST),
    /** Metals in sight. */
    METALS(UNION),
    /** Patterned main pieces, each for itself. */
    PATTERNED(SUM),
    /** Surfaces of the main pieces: a bit for each lustre and each marked texture. */
    SURFACES(UNION),
    /** Main pieces. */
    MAINS(SUM),

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

    /** The number of the way worn in a slot whose hems or suits matter to what is put on later. */
    BOTTOM_ID(LAST, Summary.NOTHING_WORN),
    ONEPIECE_ID(LAST, Summary.NOTHING_WORN),
    MID_ID(LAST, Summary.NOTHING_WORN),
    JACKET_ID(LAST, Summary.NOTHING_WORN),

    /** {@link Sign}s that hold. */
    SIGNS(UNION),
    /** Pieces in sight that ask to be looked at. */
    STATEMENTS(SUM),
    /** Things that hold heat: cloth that does not breathe next to the skin, a high neck, tights, boots. */
    HEAT(SUM),
    /** Zones of the body that layers which stay on cover. */
    COVERED_ZONES(UNION),
    /** Requirements of the dress code that a piece goes against. */
    VIOLATED_CODES(UNION),
    /** Pieces that rulings on three pieces and more name, by their place among those named. */
    NAMED_PIECES(UNION);

    /** How a measure takes in what one more piece or pair contributes. */
    enum Operation {
        SUM,
        UNION,
        LEAST,
        GREATEST,
        /** What comes last stands; for what only one piece or pair of an outfit can contribute. */
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

    /** @param ofNothing the measure of an outfit of no pieces */
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

    /** Sets all measures, by their ordinals, to those of an outfit of no pieces. */
    static void clear(long[] measures) {
        System.arraycopy(OF_NOTHING, 0, measures, 0, COUNT);
    }

    /** Takes one value into the measures. */
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
