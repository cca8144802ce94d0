package jomble.bench;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;

/** Backtracking that keeps, for every slot to come, the pieces that may meet all that is worn as a row of bits. */
final class BitsetBacktracking {
    private final PlainOutfits outfits;
    private final List<PlainOutfits.Place> places;
    /** By place and choice, for each later place the choices it may meet. */
    private final List<List<BitSet[]>> rows = new ArrayList<>();

    private final List<Worn> worn = new ArrayList<>();

    private BitsetBacktracking(PlainOutfits outfits, Structure structure) {
        this.outfits = outfits;
        this.places = outfits.places(structure);
        for (int place = 0; place < places.size(); place++) {
            List<BitSet[]> ofPlace = new ArrayList<>();
            for (Worn choice : places.get(place).choices()) {
                BitSet[] meets = new BitSet[places.size()];
                for (int later = place + 1; later < places.size(); later++) {
                    List<Worn> others = places.get(later).choices();
                    meets[later] = new BitSet(others.size());
                    for (int i = 0; i < others.size(); i++) {
                        meets[later].set(i, outfits.mayMeet(choice, others.get(i)));
                    }
                }
                ofPlace.add(meets);
            }
            rows.add(ofPlace);
        }
    }

    static void count(PlainOutfits outfits) {
        for (Structure structure : Structure.values()) {
            BitsetBacktracking search = new BitsetBacktracking(outfits, structure);
            BitSet[] open = new BitSet[search.places.size()];
            for (int place = 0; place < open.length; place++) {
                open[place] = new BitSet();
                open[place].set(0, search.places.get(place).choices().size());
            }
            search.choose(0, open);
        }
    }

    private void choose(int place, BitSet[] open) {
        if (place == places.size()) {
            outfits.judge(worn);
            return;
        }
        if (places.get(place).optional()) {
            choose(place + 1, open);
        }
        for (int i = open[place].nextSetBit(0); i >= 0; i = open[place].nextSetBit(i + 1)) {
            BitSet[] left = new BitSet[open.length];
            boolean possible = true;
            for (int later = place + 1; later < open.length; later++) {
                left[later] = (BitSet) open[later].clone();
                left[later].and(rows.get(place).get(i)[later]);
                possible &= places.get(later).optional() || !left[later].isEmpty();
            }
            if (possible) {
                worn.add(places.get(place).choices().get(i));
                choose(place + 1, left);
                worn.remove(worn.size() - 1);
            }
        }
    }
}
