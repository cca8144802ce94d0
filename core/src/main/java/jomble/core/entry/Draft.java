package jomble.core.entry;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourNames;
import jomble.core.piece.Attribute;
import jomble.core.piece.Family;
import jomble.core.piece.Kind;
import jomble.core.piece.Slot;

/** The attributes understood so far on a line. */
final class Draft {
    private static final int MOST_COLOURS = 5;
    /** Slots whose pieces may have metal: a buckle, a clasp or a case. */
    private static final Set<Slot> WITH_METAL = EnumSet.of(Slot.BELT, Slot.BAG, Slot.WATCH);

    private final Line line;
    private final Lexicon lexicon;
    private final KindFinder.Found found;
    private final List<Chip> chips = new ArrayList<>();
    private final Map<Attribute<?>, Object> set = new LinkedHashMap<>();
    private final List<Colour> colours = new ArrayList<>();
    private final FibreShares fibres = new FibreShares();
    private final Map<String, Object> construction = new LinkedHashMap<>();
    private final List<Lexicon.Meaning> besides = new ArrayList<>();
    private int count = 1;

    Draft(Line line, Lexicon lexicon, KindFinder.Found found) {
        this.line = line;
        this.lexicon = lexicon;
        this.found = found;
        this.besides.addAll(found.besides());
    }

    Kind kind() {
        return found.kind();
    }

    FibreShares fibres() {
        return fibres;
    }

    void addColour(Colour colour) {
        colours.add(colour);
    }

    void setCount(int pieces) {
        count = pieces;
    }

    int count() {
        return count;
    }

    void put(Attribute<?> attribute, Object written) {
        set.put(attribute, written);
    }

    /** The value of an attribute, null for none. */
    Object get(Attribute<?> attribute) {
        return set.get(attribute);
    }

    /** The attributes in document form. */
    Map<Attribute<?>, Object> set() {
        List.copyOf(besides).forEach(this::acceptUnlessNamed);
        if (!colours.isEmpty()) {
            put(
                    Attribute.COLOURS,
                    colours.stream()
                            .map(Colour::hex)
                            .distinct()
                            .limit(MOST_COLOURS)
                            .toList());
        }
        if (!fibres.isEmpty()) {
            put(Attribute.FIBRES, fibres.toDocument());
        }
        if (!construction.isEmpty()) {
            put(Attribute.CONSTRUCTION, construction);
        }
        return set;
    }

    List<Chip> chips() {
        return chips;
    }

    /** Records the meaning of some words; returns how many words. */
    int take(int at, int length, String means, String value) {
        return take(at, length, means, value, List.of());
    }

    int take(int at, int length, Attribute<?> means, String value) {
        return take(at, length, means.name(), value);
    }

    int take(int at, int length, Lexicon.Meaning meaning, List<String> others) {
        accept(meaning);
        StringBuilder value = new StringBuilder(meaning.value().replace('-', ' '));
        meaning.besides().forEach(more -> value.append(", ").append(more.value().replace('-', ' ')));
        return take(at, length, meaning.attribute(), value.toString(), others);
    }

    private int take(int at, int length, String means, String value, List<String> others) {
        int to = line.at(at + length - 1).to();
        chips.add(new Chip(line.text(at, length), line.at(at).from(), to, means, value, List.of(), others));
        return length;
    }

    /** Records a word that was not understood. */
    int leaveOpen(int at, List<String> readings) {
        Line.Token token = line.at(at);
        chips.add(new Chip(token.text(), token.from(), token.to(), null, null, readings, List.of()));
        return 1;
    }

    /** Chooses among meanings: the kind's own, then a metal, then the first that applies to this kind. */
    Optional<Lexicon.Meaning> choose(List<Lexicon.Meaning> meanings) {
        Optional<Lexicon.Meaning> asKind = Lexicon.kindAmong(meanings)
                .filter(m -> kind() != null && !found.guessed() && kind().id().equals(m.value()));
        if (asKind.isPresent()) {
            return asKind;
        }
        List<Lexicon.Meaning> rest = meanings.stream()
                .filter(m -> !m.attribute().equals(Lexicon.KIND))
                .filter(this::fits)
                .toList();
        boolean metal = rest.stream().anyMatch(m -> m.attribute().equals(Attribute.METAL.name()));
        return rest.stream()
                .filter(m -> !metal || m.attribute().equals(Attribute.METAL.name()))
                .findFirst();
    }

    /** Whether no kind was named for certain, so that a word may still name one. */
    boolean isKindOpen() {
        return found.guessed() || kind() == null;
    }

    /** Whether the attribute applies to this kind on this line. */
    boolean fits(Lexicon.Meaning meaning) {
        String attribute = meaning.attribute();
        boolean ofThis = meaning.only().isEmpty()
                || kind() != null
                        && (meaning.only().contains(kind().origin().id())
                                || meaning.only().contains(kind().family().id()));
        return ofThis
                && (!attribute.equals(Attribute.METAL.name()) || showsMetal())
                && (!attribute.equals(Attribute.HEEL_TYPE.name()) || isShoe())
                && (!attribute.equals(Attribute.TOE.name()) || isShoe())
                && (!attribute.equals(Attribute.SHAPE.name()) || hasShape())
                && (!attribute.equals(Attribute.PATTERN_SCALE.name()) || hasPattern());
    }

    boolean isShoe() {
        return kind() != null && kind().family() == Family.SHOES;
    }

    private boolean showsMetal() {
        return kind() != null
                && (kind().defaults().containsKey(Attribute.METAL)
                        || kind().defaults().get(Attribute.ROLES) instanceof List<?> roles
                                && roles.stream().anyMatch(WITH_METAL::contains));
    }

    private boolean hasPattern() {
        return line.stream()
                .flatMap(token -> lexicon.meanings(token.word()).stream())
                .anyMatch(meaning -> meaning.attribute().equals(Attribute.PATTERN.name()));
    }

    private boolean hasShape() {
        return kind() == null || kind().defaults().containsKey(Attribute.SHAPE);
    }

    /** Implied attributes apply only if the line does not name them. */
    private void acceptUnlessNamed(Lexicon.Meaning meaning) {
        boolean named = switch (meaning.attribute()) {
            case Lexicon.COLOUR -> !colours.isEmpty();
            case Lexicon.FIBRE -> !fibres.isEmpty();
            default ->
                construction.containsKey(meaning.attribute())
                        || Attribute.find(meaning.attribute())
                                .filter(set::containsKey)
                                .isPresent();
        };
        if (!named) {
            accept(meaning);
        }
    }

    void accept(Lexicon.Meaning meaning) {
        besides.addAll(meaning.besides());
        switch (meaning.attribute()) {
            case Lexicon.KIND -> {}
            case Lexicon.COLOUR -> ColourNames.find(meaning.value()).ifPresent(colours::add);
            case Lexicon.FIBRE -> fibres.addFibre(meaning.value());
            case Lexicon.LAPEL, Lexicon.BREASTED, Lexicon.POCKETS, Lexicon.STRUCTURE ->
                construction.put(meaning.attribute(), meaning.value());
            default -> {
                Attribute<?> attribute = Attribute.find(meaning.attribute()).orElseThrow();
                put(attribute, documentForm(attribute, meaning.value()));
                if (attribute == Attribute.METAL && kind().isOfMetal()) {
                    ColourNames.find(meaning.value().replace('-', ' ')).ifPresent(colours::add);
                }
            }
        }
    }

    private static Object documentForm(Attribute<?> attribute, String value) {
        return switch (attribute.form().name()) {
            case "integer" -> Integer.valueOf(value);
            case "decimal" -> Double.valueOf(value);
            case "words" -> List.of(value);
            default -> value;
        };
    }
}
