package jomble.core.piece;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A kind of piece: what it is unless said otherwise.
 *
 * @param id kebab-case, unique
 * @param alsoCalled other words for it, in lower case
 * @param warmth insulation as the kind is usually made
 */
public record Kind(
        String id, List<String> alsoCalled, Family family, Warmth warmth, Map<Attribute<?>, Object> defaults) {
    public Kind {
        alsoCalled = List.copyOf(alsoCalled);
        defaults = Map.copyOf(defaults);
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
}
