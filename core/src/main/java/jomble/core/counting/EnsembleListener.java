package jomble.core.counting;

import java.util.BitSet;
import java.util.List;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Hears of every combination of clothes that works, each with the shoes and coats it works with. An ensemble stands for all outfits
 * that differ only in these, so there are far fewer ensembles than outfits.
 */
public interface EnsembleListener {
    /** The slots of the clothes of an ensemble, from the skin outwards. */
    List<Slot> CLOTHES =
            List.of(Slot.TOP, Slot.BOTTOM, Slot.ONEPIECE, Slot.DRAPE, Slot.UNDERSKIRT, Slot.MID, Slot.JACKET);

    /**
     * Told first.
     *
     * @param shoes,coats in the order in which {@code ensemble} numbers them
     */
    void begin(List<PieceId> shoes, List<PieceId> coats);

    /**
     * Told once for each combination of clothes.
     *
     * @param clothes by place in {@link #CLOTHES} the place of the piece in the question, −1 where empty; written on again afterwards
     * @param finishes which shoes and coats go with them: bit {@code coat · (shoes + 1) + shoe}, each counted from 1, 0 for none; shared
     *     by ensembles and not to be changed
     */
    void ensemble(int[] clothes, BitSet finishes);
}
