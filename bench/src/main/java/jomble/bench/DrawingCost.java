package jomble.bench;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import jomble.core.piece.Piece;
import jomble.drawing.Flat;
import jomble.drawing.RailStrip;

/** What the drawings of a wardrobe of 250 pieces cost in bytes and in time, in a virtual machine that has just started. */
public final class DrawingCost {
    private static final int PIECES = 250;

    private DrawingCost() {}

    public static void main(String[] args) throws Exception {
        List<Piece> own = DemoWardrobe.question("{}").wardrobe().pieces();
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < PIECES; i++) {
            pieces.add(own.get(i % own.size()));
        }
        for (String run : List.of("cold", "second", "third")) {
            long start = System.nanoTime();
            long flats = 0;
            long strips = 0;
            for (Piece piece : pieces) {
                flats += Flat.of(piece).getBytes(StandardCharsets.UTF_8).length;
                strips += RailStrip.of(piece).getBytes(StandardCharsets.UTF_8).length;
            }
            System.out.printf(
                    "%s: %d flats %,d bytes, strips %,d bytes, %d ms%n",
                    run, PIECES, flats, strips, (System.nanoTime() - start) / 1_000_000);
        }
    }
}
