package jomble.bench;

import java.util.Arrays;
import java.util.List;
import jomble.core.outfit.Structure;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.constraints.extension.Tuples;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.IntVar;

/** A constraint solver that enumerates: a variable a slot, a table of the pairs that may meet for every two, each solution judged. */
final class ConstraintSolver {
    private ConstraintSolver() {}

    static void count(PlainOutfits outfits) {
        for (Structure structure : Structure.values()) {
            List<PlainOutfits.Place> places = outfits.places(structure);
            if (places.stream().allMatch(PlainOutfits.Place::canBeDecided)) {
                enumerate(outfits, places);
            }
        }
    }

    private static void enumerate(PlainOutfits outfits, List<PlainOutfits.Place> places) {
        Model model = new Model();
        IntVar[] chosen = new IntVar[places.size()];
        for (int i = 0; i < chosen.length; i++) {
            PlainOutfits.Place place = places.get(i);
            chosen[i] = model.intVar(
                    place.slot().id(), place.least(), place.choices().size());
            for (int before = 0; before < i; before++) {
                model.table(chosen[before], chosen[i], pairs(outfits, places.get(before), place))
                        .post();
            }
        }
        model.getSolver().setSearch(Search.inputOrderLBSearch(chosen));
        while (model.getSolver().solve()) {
            outfits.judge(
                    places, Arrays.stream(chosen).mapToInt(IntVar::getValue).toArray());
        }
    }

    private static Tuples pairs(PlainOutfits outfits, PlainOutfits.Place one, PlainOutfits.Place other) {
        Tuples allowed = new Tuples(true);
        outfits.forEachPair(one, other, (a, b) -> allowed.add(a, b));
        return allowed;
    }
}
