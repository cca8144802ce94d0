package jomble.bench;

import java.util.ArrayList;
import java.util.List;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
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
            if (places.stream()
                    .allMatch(place -> place.optional() || !place.choices().isEmpty())) {
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
                    place.slot().id(), place.optional() ? 0 : 1, place.choices().size());
            for (int before = 0; before < i; before++) {
                model.table(chosen[before], chosen[i], pairs(outfits, places.get(before), place))
                        .post();
            }
        }
        model.getSolver().setSearch(Search.inputOrderLBSearch(chosen));
        while (model.getSolver().solve()) {
            List<Worn> worn = new ArrayList<>();
            for (int i = 0; i < chosen.length; i++) {
                if (chosen[i].getValue() > 0) {
                    worn.add(places.get(i).choices().get(chosen[i].getValue() - 1));
                }
            }
            outfits.judge(worn);
        }
    }

    private static Tuples pairs(PlainOutfits outfits, PlainOutfits.Place one, PlainOutfits.Place other) {
        Tuples allowed = new Tuples(true);
        for (int a = 0; a <= one.choices().size(); a++) {
            for (int b = 0; b <= other.choices().size(); b++) {
                boolean apart = a == 0 || b == 0;
                if (apart
                        || outfits.mayMeet(
                                one.choices().get(a - 1), other.choices().get(b - 1))) {
                    allowed.add(a, b);
                }
            }
        }
        return allowed;
    }
}
