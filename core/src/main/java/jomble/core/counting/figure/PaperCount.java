package jomble.core.counting.figure;

import java.math.BigInteger;
import java.util.List;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.Options;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/** The product of the slots' sizes, as claimed on paper, without any judgement. */
public final class PaperCount {
    private PaperCount() {}

    public static BigInteger of(Options options, CountedSlots counted, boolean wantsShoes) {
        BigInteger sum = BigInteger.ZERO;
        for (Structure structure : Structure.values()) {
            sum = sum.add(of(structure, options, counted, wantsShoes));
        }
        return sum;
    }

    private static BigInteger of(Structure structure, Options options, CountedSlots counted, boolean wantsShoes) {
        List<Slot> mandatory = structure.mandatory(wantsShoes);
        BigInteger product = BigInteger.ONE;
        for (Slot slot : Slot.values()) {
            if (counted.has(slot) && structure.allows(slot)) {
                long size = options.in(slot).stream()
                        .filter(option -> structure.takes(slot, option.pieces().get(0)))
                        .count();
                product = product.multiply(BigInteger.valueOf(mandatory.contains(slot) ? size : size + 1));
            } else if (mandatory.contains(slot) && !counted.fills(slot)) {
                return BigInteger.ZERO;
            }
        }
        return product;
    }
}
