package jomble.core.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import jomble.core.colour.ColourNames;

/**
 * Fills every attribute that was not set: from the kind, from the cloth where it was changed, and from the others.
 *
 * <p>All tables here are our choice, after what a stylist would assume of a piece nobody described further.
 */
final class Derivation {
    /** A cloth that starts at this season is too thick to knot as a belt or around the head. */
    private static final int CASUAL = 2;

    private static final int MOSTLY = 50;
    /** Tailored trousers that belong to a suit; others are 4, as the kind says. */
    private static final int SUIT_FORMALITY = 5;

    private static final int METALLIC = 3;
    private static final int DRESSY_SANDALS = 4;
    private static final int COTTON_SARI = 4;
    /** Hems at or below this height in thousandths of stature make a long cardigan, which is never a top. */
    private static final int LONG_PERMILLE = 500;

    private static final int COLD_WEATHER = 3;

    private static final Construction NO_LAPEL = new Construction(null, Lapel.NONE, null, null);
    private static final double SATURATED = 45;

    private final Kind kind;
    private final Map<Attribute<?>, Object> set;
    private final Object[] values = new Object[Attribute.count()];

    Derivation(Kind kind, Map<Attribute<?>, Object> set) {
        this.kind = kind;
        this.set = new HashMap<>(kind.changes());
        this.set.putAll(set);
    }

    Object[] resolve() {
        for (Attribute<?> attribute : Attribute.all()) {
            Object byDefault = kind.byDefault(attribute).orElse(null);
            values[attribute.index()] = set.getOrDefault(attribute, byDefault);
        }
        clothOfTheFibre();
        derive(Attribute.PATTERN, Pattern.SOLID);
        derive(Attribute.PATTERN_SCALE, usualScale(get(Attribute.PATTERN)));
        cloth();
        derive(Attribute.FIT, Fit.REGULAR);
        derive(Attribute.OPENING, Opening.NONE);
        derive(Attribute.METAL, Metal.NONE);
        derive(Attribute.DETAILS, List.of());
        construction();
        sleeveVolume();
        forget(Attribute.FORMALITY);
        derive(Attribute.FORMALITY, formality());
        derive(Attribute.WARMTH_CLO, warmth());
        derive(Attribute.SHOW, show());
        derive(Attribute.ROLES, List.of());
        roles();
        derive(Attribute.FINISHES, List.of());
        keeping();
        derive(Attribute.LABEL, label());
        return values;
    }

    private <T> T get(Attribute<T> attribute) {
        @SuppressWarnings("unchecked")
        T value = (T) values[attribute.index()];
        return value;
    }

    private <T> void derive(Attribute<T> attribute, T value) {
        if (values[attribute.index()] == null) {
            values[attribute.index()] = value;
        }
    }

    /**
     * A kind that is usually satin is a plain weave in cotton or linen: nobody who records a cotton sari means cotton
     * satin.
     */
    private void clothOfTheFibre() {
        List<FibreShare> fibres = get(Attribute.FIBRES);
        boolean asked = !set.containsKey(Attribute.CLOTH) && set.containsKey(Attribute.FIBRES);
        boolean plain = fibres != null
                && fibres.stream()
                        .anyMatch(
                                f -> f.percent() >= MOSTLY && (f.fibre() == Fibre.COTTON || f.fibre() == Fibre.LINEN));
        if (asked && plain && get(Attribute.CLOTH) == Cloth.SATIN) {
            values[Attribute.CLOTH.index()] = Cloth.PLAIN_WEAVE;
        }
    }

    /** A cloth other than the kind's usual one brings its own weight, fibre and surface. */
    private void cloth() {
        Cloth cloth = get(Attribute.CLOTH);
        boolean changed = kind.byDefault(Attribute.CLOTH).filter(cloth::equals).isEmpty();
        if (changed) {
            forget(Attribute.CLOTH_WEIGHT, Attribute.SHEEN, Attribute.TEXTURE, Attribute.SHEERNESS);
            if (cloth.usualFibre() != null) {
                forget(Attribute.FIBRES);
                derive(Attribute.FIBRES, List.of(new FibreShare(cloth.usualFibre(), 100)));
            }
        }
        derive(Attribute.CLOTH_WEIGHT, cloth.usualWeight());
        derive(Attribute.SHEEN, cloth.sheen());
        derive(Attribute.TEXTURE, cloth.texture());
        derive(Attribute.SHEERNESS, cloth.sheerness());
        derive(Attribute.FIBRES, List.of());
    }

    private void forget(Attribute<?>... attributes) {
        for (Attribute<?> attribute : attributes) {
            if (!set.containsKey(attribute)) {
                values[attribute.index()] = null;
            }
        }
    }

    private void construction() {
        Construction usual = kind.byDefault(Attribute.CONSTRUCTION).orElse(NO_LAPEL);
        Construction given = get(Attribute.CONSTRUCTION);
        values[Attribute.CONSTRUCTION.index()] = given == null ? usual : given.or(usual);
    }

    private void sleeveVolume() {
        Sleeve sleeve = get(Attribute.SLEEVE);
        if (sleeve != null && !sleeve.isSleeveless()) {
            derive(Attribute.SLEEVE_VOLUME, get(Attribute.FIT) == Fit.CLOSE ? 1 : 2);
        }
    }

    private static PatternScale usualScale(Pattern pattern) {
        return switch (pattern) {
            case SOLID -> null;
            case PINSTRIPE, HERRINGBONE, FLECK -> PatternScale.MICRO;
            case STRIPE, CHALK_STRIPE, HOUNDSTOOTH, DOT -> PatternScale.SMALL;
            case CHECK, GLEN_CHECK, FLORAL, ANIMAL, PAISLEY, GEOMETRIC, BORDER -> PatternScale.MEDIUM;
            case WINDOWPANE, ABSTRACT, COLOUR_BLOCK -> PatternScale.LARGE;
        };
    }

    /**
     * The kind's formality, moved by the dressiness of the cloth against the kind's usual cloth; 1..7. Cloth alone does not turn
     * what is worn in the street into loungewear.
     */
    private int formality() {
        int usual = kind.byDefault(Attribute.FORMALITY).orElse(3);
        int step = kind.byDefault(Attribute.CLOTH)
                .map(cloth -> get(Attribute.CLOTH).dressiness() - cloth.dressiness())
                .orElse(0);
        int formality = Math.max(Math.min(usual, CASUAL), Math.min(7, usual + Integer.signum(step)));
        if (kind.has(Trait.SARI)) {
            return get(Attribute.CLOTH) == Cloth.PLAIN_WEAVE ? Math.min(formality, COTTON_SARI) : formality;
        }
        if (kind.has(Trait.SANDALS)) {
            return get(Attribute.SHEEN) == METALLIC ? Math.max(formality, DRESSY_SANDALS) : formality;
        }
        boolean isOfSuit = kind.has(Trait.TAILORED_TROUSERS) && get(Attribute.SET) != null;
        return isOfSuit ? Math.max(formality, SUIT_FORMALITY) : formality;
    }

    private double warmth() {
        Sleeve sleeve = get(Attribute.SLEEVE);
        Sleeve usualSleeve = kind.byDefault(Attribute.SLEEVE).orElse(sleeve);
        double loss = sleeve == null ? 0 : usualSleeve.coverFraction() - sleeve.coverFraction();
        Hem hem = get(Attribute.HEM);
        Hem usualHem = kind.byDefault(Attribute.HEM).orElse(hem);
        double gain = hem == null
                ? 0
                : (usualHem.landmark().meanPermille() - hem.landmark().meanPermille()) / 1000.0;
        return kind.warmth().clo(get(Attribute.CLOTH_WEIGHT), loss, gain);
    }

    private Show show() {
        boolean patterned = get(Attribute.PATTERN) != Pattern.SOLID;
        PatternScale scale = get(Attribute.PATTERN_SCALE);
        boolean large = patterned && scale == PatternScale.LARGE;
        int sheen = get(Attribute.SHEEN);
        boolean saturated = get(Attribute.COLOURS).stream()
                .anyMatch(c -> c.shareFraction() >= 0.3 && c.colour().lab().chroma() > SATURATED);
        boolean small = kind.family() == Family.ACCESSORY || kind.family() == Family.LEGWEAR;
        if ((large && saturated) || (sheen == 3 && !small)) {
            return Show.STATEMENT;
        }
        boolean noticeable =
                large || saturated || (sheen >= 2 && !small) || (patterned && scale == PatternScale.MEDIUM);
        return noticeable ? Show.NOTICEABLE : Show.QUIET;
    }

    /** Drops the kind's roles that this piece cannot play: a closed shirt over another, a sheer camisole, a scarf too thick to tie. */
    private void roles() {
        if (set.containsKey(Attribute.ROLES)) {
            return;
        }
        boolean closedShirt = kind.byDefault(Attribute.OPENING).isPresent() && get(Attribute.OPENING) == Opening.NONE;
        boolean sheer = get(Attribute.SHEERNESS) >= 2;
        List<Slot> roles = new ArrayList<>(get(Attribute.ROLES));
        if (kind.isDress() && isRecordedAsWornOpen()) {
            roles.add(Slot.MID);
            roles.add(Slot.COAT);
        }
        if (roles.size() > 1) {
            if (kind.family() == Family.MID_LAYER && isLong()) {
                roles.remove(Slot.TOP);
            }
            if (closedShirt && kind.family() != Family.MID_LAYER) {
                roles.remove(Slot.MID);
                roles.remove(Slot.COAT);
            }
            if (sheer && kind.family() == Family.BASE_LAYER) {
                roles.remove(Slot.TOP);
            }
            if (roles.contains(Slot.NECK) && get(Attribute.CLOTH).seasons().from() >= COLD_WEATHER) {
                roles.retainAll(List.of(Slot.NECK));
            }
        }
        values[Attribute.ROLES.index()] = List.copyOf(roles);
    }

    /** A dress is a layer only if it was recorded as worn open. */
    private boolean isRecordedAsWornOpen() {
        Object finishes = set.get(Attribute.FINISHES);
        return finishes instanceof List<?> list && list.contains(Finish.OPEN) && get(Attribute.OPENING) != Opening.NONE;
    }

    private boolean isLong() {
        Hem hem = get(Attribute.HEM);
        return hem != null && hem.landmark().meanPermille() <= LONG_PERMILLE;
    }

    private void keeping() {
        Care given = get(Attribute.CARE_NEEDS);
        values[Attribute.CARE_NEEDS.index()] = given == null ? usualCare() : given.or(usualCare());
        derive(Attribute.CONDITION, Condition.GOOD);
        derive(Attribute.DECISION, Decision.UNDECIDED);
        derive(Attribute.WHEREABOUTS, Whereabouts.WARDROBE);
        derive(Attribute.WEARS_BEFORE, 0);
        derive(Attribute.FAVOURITE, 0);
        derive(Attribute.QUANTITY, 1);
        derive(Attribute.FITS_NOW, FitsNow.GOOD);
        derive(Attribute.CREASES, get(Attribute.CLOTH) == Cloth.LINEN ? 3 : 1);
        derive(Attribute.PACKS, Math.max(0, 4 - get(Attribute.CLOTH_WEIGHT)));
    }

    private Care usualCare() {
        Construction built = get(Attribute.CONSTRUCTION);
        return UsualCare.of(
                kind, get(Attribute.CLOTH), get(Attribute.FIBRES), built != null && built.structure() != null);
    }

    private boolean isOfKind(Attribute<?> attribute, Object value) {
        return kind.byDefault(attribute).isPresent()
                || value.equals(kind.changes().get(attribute));
    }

    /** The cloth before the kind in a label; shortened where "cable knit knit" would repeat the word. */
    private String beforeKind(String cloth) {
        boolean twice = cloth.endsWith(" knit") && kind.words().endsWith("knit");
        return twice ? cloth.substring(0, cloth.length() - " knit".length()) : cloth;
    }

    /** "Navy flannel blazer", "ivory and navy stripe shirt": colour, pattern, cloth where unusual, kind. */
    private String label() {
        StringBuilder label = new StringBuilder();
        if (!Piece.isColourOpen(set)) {
            label.append(colours());
        }
        Pattern pattern = get(Attribute.PATTERN);
        if (pattern != Pattern.SOLID && !isOfKind(Attribute.PATTERN, pattern)) {
            label.append(' ').append(pattern.words());
        }
        Cloth cloth = get(Attribute.CLOTH);
        boolean clothIsGiven =
                set.containsKey(Attribute.CLOTH) && !cloth.equals(kind.changes().get(Attribute.CLOTH));
        if (clothIsGiven && !kind.id().contains(cloth.id())) {
            label.append(' ').append(beforeKind(cloth.words()));
        }
        label.append(' ').append(kind.words());
        label.replace(0, label.length(), label.toString().strip());
        String text = label.substring(0, 1).toUpperCase(Locale.ROOT) + label.substring(1);
        return text.length() <= 80 ? text : text.substring(0, 80);
    }

    private String colours() {
        List<String> names = get(Attribute.COLOURS).stream()
                .limit(2)
                .map(share -> ColourNames.nameOf(share.colour()))
                .distinct()
                .toList();
        return String.join(" and ", names);
    }
}
