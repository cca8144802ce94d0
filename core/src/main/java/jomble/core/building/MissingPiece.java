package jomble.core.building;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import jomble.core.brief.Palette;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourFamily;
import jomble.core.colour.ColourNames;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.query.FormulaQueries;
import jomble.core.document.PieceReader;
import jomble.core.formula.Formula;
import jomble.core.formula.SlotFormula;
import jomble.core.piece.Fit;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Pattern;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.tree.Node;

/**
 * Finds pieces that would make a formula possible. Tries the kinds the formula asks for in one slot, each in a handful
 * of colours, and counts exactly the outfits each would make.
 */
public final class MissingPiece {
    private static final int MOST_KINDS = 4;
    private static final int MOST_FOUND = 3;
    private static final List<String> USUAL_COLOURS = List.of("black", "navy", "white", "camel", "grey");

    private final FormulaQueries queries;

    public MissingPiece(FormulaQueries queries) {
        this.queries = queries;
    }

    /**
     * A piece to buy.
     *
     * @param colour name of the colour
     * @param outfits number of outfits that would match the formula with it
     */
    public record Found(Slot slot, Piece piece, String colour, BigInteger outfits) {}

    /**
     * The pieces that make the most outfits of the formula, best first, one for each kind.
     *
     * @param slots the formula's slots in which something is missing
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    public List<Found> of(CountQuestion question, Formula formula, Set<Slot> slots, Progress progress) {
        List<Found> tried = new ArrayList<>();
        Palette palette = question.contexts().get(0).brief().palette();
        slots.forEach(slot -> candidates(slot, formula.slots().get(slot), palette)
                .forEach((colour, pieces) ->
                        pieces.forEach(piece -> tried.add(new Found(slot, piece, colour, BigInteger.ZERO)))));
        List<Found> found = new ArrayList<>();
        for (int i = 0; i < tried.size(); i++) {
            Found one = tried.get(i);
            List<Piece> pieces = new ArrayList<>(question.pieces());
            pieces.add(one.piece());
            CountQuestion with =
                    question.having(pieces).containing(List.of(one.piece().id()));
            BigInteger outfits = queries.count(with, formula, progress.partOf(i, tried.size()));
            if (outfits.signum() > 0) {
                found.add(new Found(one.slot(), one.piece(), one.colour(), outfits));
            }
        }
        found.sort(Comparator.comparing(Found::outfits).reversed());
        Set<Kind> kinds = new LinkedHashSet<>();
        return found.stream()
                .filter(one -> kinds.add(one.piece().kind()))
                .limit(MOST_FOUND)
                .toList();
    }

    /** By colour name. */
    private static Map<String, List<Piece>> candidates(Slot slot, SlotFormula asked, Palette palette) {
        List<String> kinds = Kinds.shipped().all().stream()
                .filter(kind -> asked.kinds().isEmpty() || asked.kinds().contains(kind.id()))
                .filter(kind -> asked.families().isEmpty() || asked.families().contains(kind.family()))
                .map(Kind::id)
                .toList();
        List<String> named = Stream.concat(
                        asked.shades().stream().sorted(),
                        asked.colours().stream().sorted().flatMap(family -> nameIn(family).stream()))
                .limit(USUAL_COLOURS.size())
                .toList();
        List<String> anyColour = asked.roles().isEmpty() ? USUAL_COLOURS : List.copyOf(ColourNames.all());
        List<String> colours = named.isEmpty() ? anyColour : named;
        Map<String, List<Piece>> candidates = new LinkedHashMap<>();
        for (String colour : colours) {
            List<Piece> pieces = kinds.stream()
                    .map(kind -> piece(kind, colour, asked))
                    .filter(piece -> piece.isFirstOf(slot) && asked.takes(piece, palette))
                    .limit(MOST_KINDS)
                    .toList();
            if (!pieces.isEmpty() && candidates.size() < USUAL_COLOURS.size()) {
                candidates.put(colour, pieces);
            }
        }
        return candidates;
    }

    private static List<String> nameIn(ColourFamily family) {
        return ColourNames.all().stream()
                .filter(name ->
                        ColourFamily.of(ColourNames.find(name).orElseThrow().lab()) == family)
                .limit(1)
                .toList();
    }

    private static Piece piece(String kind, String colour, SlotFormula asked) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("id", "missing-piece");
        tree.put("kind", kind);
        tree.put("colours", List.of(ColourNames.find(colour).map(Colour::hex).orElseThrow()));
        asked.fits().stream().sorted().findFirst().map(Fit::id).ifPresent(fit -> tree.put("fit", fit));
        asked.patterns().stream().sorted().findFirst().map(Pattern::id).ifPresent(one -> tree.put("pattern", one));
        Node node = Node.root(tree);
        Piece piece = PieceReader.read(node, Kinds.shipped()).orElseThrow();
        node.finish();
        return piece;
    }
}
