package jomble.core.piece;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A kind of piece, with its default attributes.
 *
 * @param id kebab-case, unique
 * @param alsoCalled other words for it, in lower case
 * @param warmth insulation as the kind is usually made
 * @param traits what rules and readings ask of a kind; a studio's own kind has those of the kind it was copied from
 * @param like the built-in kind a studio's own kind was copied from; null for a built-in kind
 * @param changes where a studio's own kind differs from the one it was copied from; empty for a built-in kind
 */
public record Kind(
        String id,
        List<String> alsoCalled,
        Family family,
        Warmth warmth,
        Map<Attribute<?>, Object> defaults,
        Set<Trait> traits,
        Kind like,
        Map<Attribute<?>, Object> changes) {
    /** What belongs to one piece and never to a kind. */
    private static final Set<Attribute<?>> OF_ONE_PIECE = Set.of(
            Attribute.LABEL,
            Attribute.SET,
            Attribute.COST,
            Attribute.ACQUIRED,
            Attribute.SOURCE,
            Attribute.CONDITION,
            Attribute.DECISION,
            Attribute.ERRAND,
            Attribute.WHEREABOUTS,
            Attribute.DUE_BACK,
            Attribute.WEARS_BEFORE,
            Attribute.FAVOURITE,
            Attribute.SIZE,
            Attribute.FITS_NOW,
            Attribute.QUANTITY,
            Attribute.TAGS,
            Attribute.NOTES,
            Attribute.AS_TYPED,
            Attribute.UNCLEAR);

    public Kind {
        alsoCalled = List.copyOf(alsoCalled);
        defaults = Map.copyOf(defaults);
        traits = Set.copyOf(traits);
        changes = Map.copyOf(changes);
    }

    static Kind shipped(
            String id,
            List<String> alsoCalled,
            Family family,
            Warmth warmth,
            Map<Attribute<?>, Object> defaults,
            Set<Trait> traits) {
        return new Kind(id, alsoCalled, family, warmth, defaults, traits, null, Map.of());
    }

    /**
     * A studio's own kind: everything as this kind has it but for the changes, which count as set by hand when the rest is
     * derived. What belongs to one piece, such as its cost, is left out.
     */
    public Kind copy(String newId, List<String> words, Map<Attribute<?>, Object> changed) {
        Map<Attribute<?>, Object> all = new LinkedHashMap<>(changes);
        all.putAll(changed);
        all.keySet().removeAll(OF_ONE_PIECE);
        return new Kind(newId, words, family, warmth, defaults, traits, origin(), all);
    }

    /** The shipped kind behind it; itself when it is shipped. */
    public Kind origin() {
        return like == null ? this : like;
    }

    public boolean has(Trait trait) {
        return traits.contains(trait);
    }

    public boolean isSkirt() {
        return has(Trait.SKIRT);
    }

    /** A one-piece without legs of its own. */
    public boolean isDress() {
        return has(Trait.DRESS);
    }

    public boolean isShipped() {
        return like == null;
    }

    /** The name for people, such as "long-sleeved T-shirt". */
    public String words() {
        return id.replace('-', ' ')
                .replaceAll("\\bt shirt", "T-shirt")
                .replaceAll("\\b(long|lace|cross|over) (sleeved|up|body|knee)\\b", "$1-$2");
    }

    @SuppressWarnings("unchecked")
    <T> Optional<T> byDefault(Attribute<T> attribute) {
        return Optional.ofNullable((T) defaults.get(attribute));
    }

    @Override
    public String toString() {
        return id;
    }

    /** Whether one piece of it is spoken of in the plural: shoes, trousers, gloves, earrings. */
    public boolean isPair() {
        return family == Family.SHOES
                || family == Family.LEGWEAR
                || family == Family.BOTTOM && !isSkirt()
                || has(Trait.PLURAL);
    }

    /** Whether it is made of metal, as most jewellery is, and so the colour of its metal. */
    public boolean isOfMetal() {
        return defaults.get(Attribute.CLOTH) == Cloth.METAL;
    }
}
