package jomble.core.formula;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.brief.Palette;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourFamily;
import jomble.core.colour.ColourNames;
import jomble.core.piece.Family;
import jomble.core.piece.Fit;
import jomble.core.piece.Kind;
import jomble.core.piece.Pattern;
import jomble.core.piece.Piece;
import jomble.core.piece.Word;

/**
 * What a formula requires of the piece in one slot; empty sets require nothing.
 *
 * @param kinds ids of kinds, including a studio's own
 * @param colours families of the dominant colour
 * @param shades names of colours that it may have instead, such as {@code black} and {@code camel}: {@link ColourNames}
 * @param roles of the dominant colour
 * @param formalityLow 1..7, or null
 * @param formalityHigh 1..7, or null
 */
public record SlotFormula(
        Set<String> kinds,
        Set<Family> families,
        Set<Fit> fits,
        Set<Pattern> patterns,
        Set<ColourFamily> colours,
        Set<String> shades,
        Set<ColourRole> roles,
        Integer formalityLow,
        Integer formalityHigh) {
    /** ΔE00 within which a colour goes by a name; our choice: black and charcoal are 12 apart. */
    private static final double SAME_SHADE = 7;

    public SlotFormula {
        kinds = Set.copyOf(kinds);
        families = Set.copyOf(families);
        fits = Set.copyOf(fits);
        patterns = Set.copyOf(patterns);
        colours = Set.copyOf(colours);
        shades = Set.copyOf(shades);
        roles = Set.copyOf(roles);
    }

    /** Any piece of these kinds. */
    public static SlotFormula ofKinds(Set<String> kinds) {
        return new SlotFormula(kinds, Set.of(), Set.of(), Set.of(), Set.of(), Set.of(), Set.of(), null, null);
    }

    public SlotFormula fitting(Set<Fit> others) {
        return new SlotFormula(kinds, families, others, patterns, colours, shades, roles, formalityLow, formalityHigh);
    }

    public SlotFormula patterned(Set<Pattern> others) {
        return new SlotFormula(kinds, families, fits, others, colours, shades, roles, formalityLow, formalityHigh);
    }

    public SlotFormula coloured(Set<ColourFamily> others) {
        return new SlotFormula(kinds, families, fits, patterns, others, shades, roles, formalityLow, formalityHigh);
    }

    public SlotFormula inRoles(Set<ColourRole> others) {
        return new SlotFormula(kinds, families, fits, patterns, colours, shades, others, formalityLow, formalityHigh);
    }

    /**
     * Whether a piece matches.
     *
     * @param palette of the client, for the roles of colours
     */
    public boolean takes(Piece piece, Palette palette) {
        return (kinds.isEmpty() || isOfKinds(piece.kind()))
                && (families.isEmpty() || families.contains(piece.kind().family()))
                && (fits.isEmpty() || fits.contains(piece.fit()))
                && (patterns.isEmpty() || patterns.contains(piece.pattern()))
                && isOfColours(piece)
                && (roles.isEmpty() || roles.stream().anyMatch(role -> role.isOf(piece, palette)))
                && (formalityLow == null || piece.formality() >= formalityLow)
                && (formalityHigh == null || piece.formality() <= formalityHigh);
    }

    private boolean isOfColours(Piece piece) {
        return colours.isEmpty() && shades.isEmpty()
                || colours.contains(piece.colourFamily())
                || shades.stream()
                        .flatMap(name -> ColourNames.find(name).stream())
                        .anyMatch(shade -> isShade(piece, shade));
    }

    /** Near and of the same family, so that ink is not black and cream is not white. */
    private static boolean isShade(Piece piece, Colour shade) {
        return ColourFamily.of(shade.lab()) == piece.colourFamily()
                && Ciede2000.difference(shade.lab(), piece.dominant()) <= SAME_SHADE;
    }

    private boolean isOfKinds(Kind kind) {
        return kinds.contains(kind.id()) || kinds.contains(kind.origin().id());
    }

    /** The requirement in plain words: "shirt or blouse, stripe, regular". */
    public String words() {
        List<String> parts = new ArrayList<>();
        add(parts, kinds);
        add(parts, ids(families));
        add(parts, ids(patterns));
        add(parts, ids(fits));
        add(
                parts,
                Stream.concat(colours.stream().map(ColourFamily::id), shades.stream())
                        .collect(Collectors.toSet()));
        add(parts, roles.stream().map(role -> role.words() + " colour").collect(Collectors.toSet()));
        if (formalityLow != null || formalityHigh != null) {
            parts.add("formality " + (formalityLow == null ? 1 : formalityLow) + " to "
                    + (formalityHigh == null ? 7 : formalityHigh));
        }
        return parts.isEmpty() ? "anything" : String.join(", ", parts);
    }

    private static Set<String> ids(Set<? extends Word> words) {
        return words.stream().map(Word::id).collect(Collectors.toSet());
    }

    private static void add(List<String> parts, Set<String> ids) {
        if (!ids.isEmpty()) {
            parts.add(String.join(
                    " or ",
                    new TreeSet<>(ids).stream().map(id -> id.replace('-', ' ')).toList()));
        }
    }
}
