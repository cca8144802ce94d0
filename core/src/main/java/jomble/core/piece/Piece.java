package jomble.core.piece;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.ColourFamily;
import jomble.core.colour.Lab;

/**
 * One piece of a wardrobe: a kind, what was set by hand, and everything else derived.
 *
 * <p>Immutable. An accessor answers null where the attribute does not apply (the heel of a shirt). Equality is that of
 * id, kind and set attributes.
 */
public final class Piece {
    /** Percent of a fibre from which a cloth is of that fibre. */
    private static final int MOSTLY = 50;

    private static final int LIGHT_RIB = 2;

    private final PieceId id;
    private final Kind kind;
    private final Map<Attribute<?>, Object> set;
    private final Object[] values;
    private final Lab dominant;
    private final ColourFamily family;
    private final SeasonRange seasons;
    private final int roleMask;
    private final int centiClo;
    private final boolean linen;

    private Piece(PieceId id, Kind kind, Map<Attribute<?>, Object> set) {
        this.id = id;
        this.kind = kind;
        this.set = Collections.unmodifiableMap(new LinkedHashMap<>(set));
        this.values = new Derivation(kind, this.set).resolve();
        this.dominant = dominantColour().colour().lab();
        this.family = ColourFamily.of(dominant);
        this.linen = percentOf(Fibre.LINEN) >= MOSTLY;
        this.seasons = deriveSeasons();
        this.roleMask = roles().stream().mapToInt(slot -> 1 << slot.ordinal()).reduce(0, (a, b) -> a | b);
        this.centiClo = (int) Math.round(get(Attribute.WARMTH_CLO) * 100);
    }

    /** @param set attribute to value, each value of the attribute's own type */
    public static Piece of(PieceId id, Kind kind, Map<Attribute<?>, Object> set) {
        return new Piece(id, kind, set);
    }

    public PieceId id() {
        return id;
    }

    public Kind kind() {
        return kind;
    }

    /** The attributes set by hand, in the order in which they were set. */
    public Map<Attribute<?>, Object> set() {
        return set;
    }

    public boolean isSet(Attribute<?> attribute) {
        return set.containsKey(attribute);
    }

    /** The value, set or derived; null where the attribute does not apply. */
    @SuppressWarnings("unchecked")
    public <T> T get(Attribute<T> attribute) {
        return (T) values[attribute.index()];
    }

    /** The document form of the value; null where the attribute does not apply. */
    public Object written(Attribute<?> attribute) {
        Object value = values[attribute.index()];
        return value == null ? null : attribute.write(value);
    }

    public String label() {
        return get(Attribute.LABEL);
    }

    public List<ColourShare> colours() {
        return get(Attribute.COLOURS);
    }

    /** The colour of the largest share, the first of equals. */
    public ColourShare dominantColour() {
        ColourShare best = colours().get(0);
        for (ColourShare colour : colours()) {
            if (colour.shareFraction() > best.shareFraction()) {
                best = colour;
            }
        }
        return best;
    }

    public Lab dominant() {
        return dominant;
    }

    public ColourFamily colourFamily() {
        return family;
    }

    /** CIEDE2000 between the dominant colours. */
    public double colourDifference(Piece other) {
        return Ciede2000.difference(dominant, other.dominant);
    }

    public Pattern pattern() {
        return get(Attribute.PATTERN);
    }

    public boolean isSolid() {
        return pattern() == Pattern.SOLID;
    }

    /** Whether it has a pattern the eye reads as one; a fleck is the texture of its cloth. */
    public boolean isPatterned() {
        return !isSolid() && pattern() != Pattern.FLECK;
    }

    /** Whether its kind has this trait. */
    public boolean is(Trait trait) {
        return kind.has(trait);
    }

    /** Whether it is knitted: a jumper, a cardigan, a knitted dress or jacket; jersey is not, it is cut and sewn. */
    public boolean isKnit() {
        return get(Attribute.CLOTH).isKnitwear();
    }

    /** An animal or abstract print, or a large floral: a print that is remembered. */
    public boolean isLoudPrint() {
        boolean largeFloral = pattern() == Pattern.FLORAL && patternScale() == PatternScale.LARGE;
        return largeFloral || pattern() == Pattern.ANIMAL || pattern() == Pattern.ABSTRACT;
    }

    public PatternScale patternScale() {
        return get(Attribute.PATTERN_SCALE);
    }

    /** The cloth as rules read it: whatever is at least half linen is linen, however it is woven. */
    public Cloth cloth() {
        return linen ? Cloth.LINEN : get(Attribute.CLOTH);
    }

    public int clothWeight() {
        return get(Attribute.CLOTH_WEIGHT);
    }

    public SeasonRange seasons() {
        return seasons;
    }

    /** Percentage of a fibre, 0..100. */
    public int percentOf(Fibre fibre) {
        return get(Attribute.FIBRES).stream()
                .filter(share -> share.fibre() == fibre)
                .mapToInt(FibreShare::percent)
                .sum();
    }

    public Fit fit() {
        return get(Attribute.FIT);
    }

    public Shape shape() {
        return get(Attribute.SHAPE);
    }

    public Hem hem() {
        return get(Attribute.HEM);
    }

    public Rise rise() {
        return get(Attribute.RISE);
    }

    public Neckline neckline() {
        return get(Attribute.NECKLINE);
    }

    public Sleeve sleeve() {
        return get(Attribute.SLEEVE);
    }

    public Opening opening() {
        return get(Attribute.OPENING);
    }

    public Construction construction() {
        return get(Attribute.CONSTRUCTION);
    }

    /** Id of the set the piece belongs to, or null. */
    public String setId() {
        return get(Attribute.SET);
    }

    public boolean sharesSetWith(Piece other) {
        return setId() != null && setId().equals(other.setId());
    }

    public Metal metal() {
        return get(Attribute.METAL);
    }

    public Toe toe() {
        return get(Attribute.TOE);
    }

    public int formality() {
        return get(Attribute.FORMALITY);
    }

    /** Garment insulation in hundredths of a clo, so that sums are exact. */
    public int centiClo() {
        return centiClo;
    }

    /**
     * What still needs attention: words of its entry line that were not understood, and "colour" or "kind" while these
     * are unset.
     */
    public List<String> unclear() {
        List<String> unclear = get(Attribute.UNCLEAR);
        return unclear == null
                ? List.of()
                : unclear.stream()
                        .filter(word -> !word.equals(Attribute.COLOURS_OPEN) || isColourOpen())
                        .filter(word -> !word.equals(Attribute.KIND_OPEN) || is(Trait.UNNAMED))
                        .toList();
    }

    /** Whether its entry line gave no colour and none was set since. */
    public boolean isColourOpen() {
        return isColourOpen(set);
    }

    static boolean isColourOpen(Map<Attribute<?>, Object> set) {
        return !set.containsKey(Attribute.COLOURS)
                && set.get(Attribute.UNCLEAR) instanceof List<?> unclear
                && unclear.contains(Attribute.COLOURS_OPEN);
    }

    public List<Slot> roles() {
        return get(Attribute.ROLES);
    }

    /** Whether this is its usual slot. */
    public boolean isFirstOf(Slot slot) {
        return !roles().isEmpty() && roles().get(0) == slot;
    }

    public boolean hasRole(Slot slot) {
        return (roleMask & 1 << slot.ordinal()) != 0;
    }

    public List<Finish> finishes() {
        return get(Attribute.FINISHES);
    }

    public boolean has(Detail detail) {
        return get(Attribute.DETAILS).contains(detail);
    }

    /** How much a layer fills out the one above: cloth weight, and a full sleeve on top of it. */
    public int bulk() {
        if (sleeve() == null || sleeve().isSleeveless()) {
            return clothWeight();
        }
        return clothWeight() + get(Attribute.SLEEVE_VOLUME) - 1;
    }

    /** Visual volume 1..4: of the leg or skirt where there is one, else of the fit. */
    public int volume() {
        return shape() != null ? shape().volume() : fit().volume();
    }

    /**
     * The cloth's range, shifted by the weight where that is not the usual one. What a kind is usually made of has the kind's usual
     * weight: a coat of heavy flannel is a coat, not a flannel two steps too heavy.
     */
    private SeasonRange deriveSeasons() {
        boolean lightRib = cloth() == Cloth.RIB
                && clothWeight() <= LIGHT_RIB
                && percentOf(Fibre.COTTON) + percentOf(Fibre.VISCOSE) >= MOSTLY;
        if (lightRib) {
            return SeasonRange.ALL_YEAR;
        }
        Cloth recorded = get(Attribute.CLOTH);
        Integer kindsWeight =
                kind.byDefault(Attribute.CLOTH).filter(recorded::equals).isPresent()
                        ? kind.byDefault(Attribute.CLOTH_WEIGHT).orElse(null)
                        : null;
        int usual = kindsWeight == null ? recorded.usualWeight() : kindsWeight;
        return cloth().seasons().heavierBy(clothWeight() - usual);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Piece piece && id.equals(piece.id) && kind.equals(piece.kind) && set.equals(piece.set);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return id + " (" + label() + ")";
    }
}
