package jomble.bench;

import java.util.ArrayList;
import java.util.List;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;

/** Nested loops over the slots, every outfit judged. */
final class NestedLoops {
    private NestedLoops() {}

    static void count(PlainOutfits outfits) {
        for (Structure structure : Structure.values()) {
            loop(outfits, outfits.places(structure), 0, new ArrayList<>());
        }
    }

    private static void loop(PlainOutfits outfits, List<PlainOutfits.Place> places, int depth, List<Worn> worn) {
        if (depth == places.size()) {
            outfits.judge(worn);
            return;
        }
        if (places.get(depth).optional()) {
            loop(outfits, places, depth + 1, worn);
        }
        for (Worn choice : places.get(depth).choices()) {
            if (worn.stream().noneMatch(w -> w.piece() == choice.piece())) {
                worn.add(choice);
                loop(outfits, places, depth + 1, worn);
                worn.remove(worn.size() - 1);
            }
        }
    }
}
