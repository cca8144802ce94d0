package jomble.core.counting;

import java.util.BitSet;
import java.util.List;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Receives every combination of clothes that works, with the shoes and coats it works with. An ensemble represents all
 * outfits that differ only in shoes and coat, so there are far fewer ensembles than outfits.
 */
public interface EnsembleListener {
    /** The slots of the clothes of an ensemble, from the skin outwards. */
    List<Slot> CLOTHES = List.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.MID, Slot.JACKET);

    /**
     * Called once, before any ensemble.
     *
     * @param shoes,coats in the order in which {@code ensemble} numbers them
     */
    void begin(List<PieceId> shoes, List<PieceId> coats);

    /**
     * Called once for each combination of clothes.
     *
     * @param clothes by index in {@link #CLOTHES}, the index of the piece in the question or −1 for an empty slot;
     *     reused between calls
     * @param finishes the shoes and coats they work with: bit {@code coat · (shoes + 1) + shoe}, each counted from 1,
     *     with 0 for none; shared between ensembles and not to be modified
     */
    void ensemble(int[] clothes, BitSet finishes);
}
