package jomble.core.judgement;

import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * Adds up the measures of an outfit piece by piece: a {@link Summary} that can be written on. Every measure is a sum, a union, a
 * least or a greatest of what the pieces and their pairs add, so pieces may come in any order. Not for use by several threads.
 */
public final class MeasureAccumulator implements Summary, Signs {
    private static final int MOST_STATEMENTS = 3;
    private static final int MOST_HEAT = 2;
    private static final int MOST_ACCENTS = 2;
    private static final int MOST_MAINS = 2;
    private static final int NOBODY = -1;
    /** A one-piece that ends below this leaves nothing to break against. */
    private static final int NEAR_FLOOR_PERMILLE = 100;

    private final boolean wantsShoes;
    private Structure structure;
    private int filled;
    private int colliding;
    private int full;
    private int peeled;
    private int formalities;
    private int coatFormality;
    private int hues;
    private int metals;
    private int patterned;
    private int suiting;
    private int topVolume;
    private int jacketVolume;
    private int jacketFormality;
    private int bottomVolume;
    private boolean waistDefined;
    private boolean closeTop;
    private boolean roomyOuter;

    private int layerEnd;
    private int layerDifference;
    private int topEnd;
    private int topDifference;
    private int dressEnd;
    private int dressId;
    private int bottomId;
    private int bottomSuit;
    private int midId;
    private int midSuit;
    private int jacketId;
    private int skinDifference;
    private int trouserDifference;
    private int legwearDifference;
    private boolean opaqueLegs;

    private long facts;
    private int statements;
    private int heat;
    private int covered;
    private int violated;
    private int accents;
    private int surfaces;
    private int saturated;
    private int families;
    private int darkest;
    private int lightest;
    private int mains;
    private long named;

    MeasureAccumulator(boolean wantsShoes) {
        this.wantsShoes = wantsShoes;
        clear(Structure.SEPARATES);
    }

    static MeasureAccumulator ofWarmth(int fullCentiClo, int peeledCentiClo) {
        MeasureAccumulator accumulator = new MeasureAccumulator(false);
        accumulator.full = fullCentiClo;
        accumulator.peeled = peeledCentiClo;
        return accumulator;
    }

    /** One that will be set like this one. */
    public MeasureAccumulator another() {
        return new MeasureAccumulator(wantsShoes);
    }

    /** Of nothing worn. */
    public void clear(Structure formed) {
        structure = formed;
        filled = 0;
        colliding = 0;
        full = 0;
        peeled = 0;
        formalities = 0;
        coatFormality = 0;
        hues = 0;
        metals = 0;
        patterned = 0;
        suiting = 0;
        topVolume = 0;
        jacketVolume = 0;
        jacketFormality = 0;
        bottomVolume = 0;
        waistDefined = false;
        closeTop = false;
        roomyOuter = false;
        layerEnd = PieceMeasures.NO_END;
        layerDifference = 0;
        topEnd = PieceMeasures.NO_END;
        topDifference = 0;
        dressEnd = PieceMeasures.NO_END;
        dressId = NOBODY;
        bottomId = NOBODY;
        bottomSuit = NOBODY;
        midId = NOBODY;
        midSuit = NOBODY;
        jacketId = NOBODY;
        skinDifference = 0;
        trouserDifference = 0;
        legwearDifference = 0;
        opaqueLegs = false;
        facts = 0;
        statements = 0;
        heat = 0;
        covered = 0;
        violated = 0;
        accents = 0;
        surfaces = 0;
        saturated = 0;
        families = 0;
        darkest = 100;
        lightest = 0;
        mains = 0;
        named = 0;
    }

    public void set(MeasureAccumulator other) {
        structure = other.structure;
        filled = other.filled;
        colliding = other.colliding;
        full = other.full;
        peeled = other.peeled;
        formalities = other.formalities;
        coatFormality = other.coatFormality;
        hues = other.hues;
        metals = other.metals;
        patterned = other.patterned;
        suiting = other.suiting;
        topVolume = other.topVolume;
        jacketVolume = other.jacketVolume;
        jacketFormality = other.jacketFormality;
        bottomVolume = other.bottomVolume;
        waistDefined = other.waistDefined;
        closeTop = other.closeTop;
        roomyOuter = other.roomyOuter;
        layerEnd = other.layerEnd;
        layerDifference = other.layerDifference;
        topEnd = other.topEnd;
        topDifference = other.topDifference;
        dressEnd = other.dressEnd;
        dressId = other.dressId;
        bottomId = other.bottomId;
        bottomSuit = other.bottomSuit;
        midId = other.midId;
        midSuit = other.midSuit;
        jacketId = other.jacketId;
        skinDifference = other.skinDifference;
        trouserDifference = other.trouserDifference;
        legwearDifference = other.legwearDifference;
        opaqueLegs = other.opaqueLegs;
        facts = other.facts;
        statements = other.statements;
        heat = other.heat;
        covered = other.covered;
        violated = other.violated;
        accents = other.accents;
        surfaces = other.surfaces;
        saturated = other.saturated;
        families = other.families;
        darkest = other.darkest;
        lightest = other.lightest;
        mains = other.mains;
        named = other.named;
    }

    /** Puts on one piece more. */
    public void add(PieceMeasures piece) {
        filled |= 1 << piece.slot().ordinal();
        full += piece.fullCentiClo();
        peeled += piece.peeledCentiClo();
        if (piece.formality() > 0) {
            // A one-piece is top and bottom in one, and counts as both.
            formalities += FormalityCounts.one(piece.formality()) * (piece.slot() == Slot.ONEPIECE ? 2 : 1);
        }
        coatFormality += piece.coatFormality();
        hues |= piece.hueFamilies();
        metals |= piece.metals();
        patterned += piece.patterned();
        suiting |= piece.tailoring();
        waistDefined |= piece.definesWaist();
        closeTop |= piece.closeTop();
        roomyOuter |= piece.roomyOuter();
        switch (piece.slot()) {
            case TOP -> topVolume = piece.volume();
            case JACKET -> {
                jacketVolume = piece.volume();
                jacketFormality = piece.formality();
                jacketId = piece.id();
            }
            case BOTTOM -> {
                bottomVolume = piece.volume();
                bottomId = piece.id();
                bottomSuit = piece.suitId();
            }
            case MID -> {
                layerEnd = piece.end();
                midId = piece.id();
                midSuit = piece.suitId();
            }
            case ONEPIECE -> {
                dressEnd = piece.end();
                dressId = piece.id();
                skinDifference = piece.skinDifference();
            }
            default -> {}
        }
        PieceSigns signs = piece.signs();
        facts |= signs.facts();
        statements += signs.statements();
        heat += signs.heat();
        covered |= signs.covered();
        violated |= signs.violated();
        accents += signs.accents();
        named |= signs.named();
        if (signs.l() != PieceSigns.NOT_MAIN) {
            surfaces |= signs.surfaces();
            saturated |= signs.saturated();
            families |= signs.family();
            mains++;
            darkest = Math.min(darkest, signs.l());
            lightest = Math.max(lightest, signs.l());
        }
    }

    /** Takes in what two of the pieces worn make together. */
    public void add(PairMeasures pair) {
        suiting |= pair.suiting();
        if (pair.seam() == null) {
            return;
        }
        switch (pair.seam()) {
            case TOP_AND_BOTTOM -> {
                topEnd = pair.permille();
                topDifference = pair.difference();
            }
            case LAYER_AND_BOTTOM -> layerDifference = dressId < 0 ? pair.difference() : layerDifference;
            case LAYER_AND_ONEPIECE -> layerDifference = pair.difference();
            case ONEPIECE_AND_BOTTOM -> trouserDifference = pair.difference();
            case ONEPIECE_AND_LEGWEAR -> {
                legwearDifference = pair.difference();
                opaqueLegs = true;
            }
        }
    }

    void setColliding(int slots) {
        colliding = slots;
    }

    /** The id of the bottom worn, −1 for none. */
    public int bottom() {
        return bottomId;
    }

    /** The id of the mid layer worn, −1 for none. */
    public int mid() {
        return midId;
    }

    /** The id of the jacket worn, −1 for none. */
    public int jacket() {
        return jacketId;
    }

    /** The id of the one-piece worn, −1 for none. */
    public int onepiece() {
        return dressId;
    }

    private boolean wears(Slot slot) {
        return (filled & 1 << slot.ordinal()) != 0;
    }

    /** Height in the upper, rounded ΔE00 in the lower 32 bits; −1 and 0 for none. */
    private long strongestBreak() {
        long best = stronger(-1L << 32, layerEnd, layerDifference);
        if (dressId < 0) {
            return topEnd < layerEnd ? stronger(best, topEnd, topDifference) : best;
        }
        int againstLeg = wears(Slot.BOTTOM) ? trouserDifference : opaqueLegs ? legwearDifference : skinDifference;
        return dressEnd < NEAR_FLOOR_PERMILLE ? best : stronger(best, dressEnd, againstLeg);
    }

    private static long stronger(long best, int permille, int difference) {
        return difference > (int) best ? (long) permille << 32 | difference : best;
    }

    @Override
    public Structure structure() {
        return structure;
    }

    @Override
    public int filledSlots() {
        return filled;
    }

    @Override
    public int missingSlots() {
        return structure.mandatoryMask(wantsShoes) & ~filled;
    }

    @Override
    public int collidingSlots() {
        return colliding;
    }

    @Override
    public int fullCentiClo() {
        return full;
    }

    @Override
    public int peeledCentiClo() {
        return peeled;
    }

    @Override
    public int formalities() {
        return formalities;
    }

    @Override
    public int coatFormality() {
        return coatFormality;
    }

    @Override
    public boolean suitBroken() {
        return Suiting.has(suiting, Suiting.BROKEN);
    }

    @Override
    public int suitFormality() {
        return Suiting.has(suiting, Suiting.JACKET_WITH_BOTTOM) && !suitBroken() ? jacketFormality : 0;
    }

    @Override
    public long suitsToCome() {
        return openSuiting() >> Suiting.BITS << 1 | (suitBroken() ? 1 : 0);
    }

    @Override
    public int patterned() {
        return patterned
                - (Suiting.has(suiting, Suiting.ONE_PATTERN_BELOW) ? 1 : 0)
                - (Suiting.has(suiting, Suiting.ONE_PATTERN_WITHIN) ? 1 : 0);
    }

    @Override
    public int hueFamilies() {
        return hues;
    }

    @Override
    public int metals() {
        return metals;
    }

    @Override
    public int upperVolume() {
        if (dressId >= 0 || wears(Slot.DRAPE)) {
            return 0;
        }
        return wears(Slot.JACKET) ? jacketVolume : topVolume;
    }

    @Override
    public int lowerVolume() {
        return dressId >= 0 ? 0 : bottomVolume;
    }

    @Override
    public boolean waistDefined() {
        return waistDefined;
    }

    @Override
    public boolean closeTop() {
        return closeTop;
    }

    @Override
    public boolean roomyOuter() {
        return roomyOuter;
    }

    @Override
    public int breakPermille() {
        return (int) (strongestBreak() >> 32);
    }

    @Override
    public int breakDifference() {
        return (int) strongestBreak();
    }

    @Override
    public int suits() {
        return Suiting.suits(suiting);
    }

    @Override
    public long openBreak() {
        return breakWith(topEnd, topDifference);
    }

    /** A top that ends above them is hidden by every layer that ends there; one that ends below them shows under all of those. */
    @Override
    public long openBreak(int fromPermille, int toPermille) {
        if (topEnd > toPermille) {
            return breakWith(PieceMeasures.NO_END, 0);
        }
        return breakWith(topEnd < fromPermille ? fromPermille - 1 : topEnd, topDifference);
    }

    private long breakWith(int end, int difference) {
        if (dressId >= 0) {
            long legs = wears(Slot.BOTTOM) ? trouserDifference : opaqueLegs ? 0x100 | legwearDifference : 0x200;
            return (dressId + 1L) << 32 | (long) (layerEnd & 0x3ff) << 20 | (long) layerDifference << 10 | legs;
        }
        long ends = (long) (end & 0x3ff) << 20 | (long) difference << 10 | layerDifference;
        return (bottomId + 1L) << 42 | (long) (layerEnd & 0x3ff) << 32 | ends;
    }

    @Override
    public long openSuiting() {
        return (bottomSuit + 1L) << 10 + Suiting.BITS | (midSuit + 1L) << Suiting.BITS | suiting;
    }

    @Override
    public Signs signs() {
        return this;
    }

    @Override
    public long facts() {
        return facts;
    }

    @Override
    public int statements() {
        return Math.min(MOST_STATEMENTS, statements);
    }

    @Override
    public int heat() {
        return Math.min(MOST_HEAT, heat);
    }

    @Override
    public int covered() {
        return covered;
    }

    @Override
    public int violated() {
        return violated;
    }

    @Override
    public int accents() {
        return Math.min(MOST_ACCENTS, accents);
    }

    @Override
    public int surfaces() {
        return surfaces;
    }

    @Override
    public int saturated() {
        return saturated;
    }

    @Override
    public int families() {
        return families;
    }

    @Override
    public int darkest() {
        return darkest;
    }

    @Override
    public int lightest() {
        return lightest;
    }

    @Override
    public int mains() {
        return Math.min(MOST_MAINS, mains);
    }

    @Override
    public long named() {
        return named;
    }
}
