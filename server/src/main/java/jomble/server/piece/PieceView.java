package jomble.server.piece;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.colour.ColourNames;
import jomble.core.colour.ColourOrder;
import jomble.core.document.PieceReader;
import jomble.core.entry.EntryLine;
import jomble.core.piece.Attribute;
import jomble.core.piece.Piece;
import jomble.core.piece.Word;
import jomble.drawing.RailStrip;
import jomble.server.drawing.DrawingAddress;

/**
 * A piece as shown on screen.
 *
 * @param set attributes set by hand, in document form
 * @param resolved every attribute that applies, in document form
 * @param unclear words of its entry line that are not understood yet
 * @param flat the address of the garment drawing
 * @param strip the piece edge-on, an SVG document
 * @param order keys to sort a rail by
 */
public record PieceView(
        String id,
        long version,
        String kind,
        String kindName,
        String family,
        String label,
        List<String> roles,
        List<String> colourNames,
        Map<String, Object> set,
        Map<String, Object> resolved,
        List<Unclear> unclear,
        String flat,
        String strip,
        Order order) {

    /**
     * @param colour neutrals first, then round the hue circle
     * @param season 2, high summer, to 10, deep winter
     */
    public record Order(int colour, int season) {}

    /**
     * A word that was not understood, or "colour" or "kind" when the line did not give one.
     *
     * @param readings its most likely meanings, most likely first, at most two
     */
    public record Unclear(String word, List<String> readings) {}

    public static PieceView of(Piece piece, long version) {
        Map<String, Object> resolved = new LinkedHashMap<>();
        for (Attribute<?> attribute : Attribute.all()) {
            Object written = piece.written(attribute);
            if (written != null) {
                resolved.put(attribute.name(), written);
            }
        }
        Map<String, Object> set = PieceReader.write(piece);
        set.remove("id");
        return new PieceView(
                piece.id().value(),
                version,
                piece.kind().id(),
                piece.kind().words(),
                piece.kind().family().id(),
                piece.label(),
                piece.roles().stream().map(Word::id).toList(),
                piece.colours().stream()
                        .map(c -> ColourNames.nameOf(c.colour()))
                        .distinct()
                        .toList(),
                set,
                resolved,
                piece.unclear().stream()
                        .map(word -> new Unclear(word, EntryLine.readings(word, piece.kind())))
                        .toList(),
                DrawingAddress.flat(piece),
                RailStrip.of(piece),
                new Order(
                        ColourOrder.key(piece.dominant()),
                        piece.seasons().from() + piece.seasons().to()));
    }
}
