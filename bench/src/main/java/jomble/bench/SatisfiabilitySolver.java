package jomble.bench;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.TableConstraint;
import java.util.List;
import jomble.core.outfit.Structure;

/**
 * A constraint solver that learns clauses, told to enumerate: a variable a slot, a table of the pairs that may meet for every two, each
 * solution judged.
 */
final class SatisfiabilitySolver {
    private SatisfiabilitySolver() {}

    static void count(PlainOutfits outfits) {
        Loader.loadNativeLibraries();
        for (Structure structure : Structure.values()) {
            List<PlainOutfits.Place> places = outfits.places(structure);
            if (places.stream().allMatch(PlainOutfits.Place::canBeDecided)) {
                enumerate(outfits, places);
            }
        }
    }

    private static void enumerate(PlainOutfits outfits, List<PlainOutfits.Place> places) {
        CpModel model = new CpModel();
        IntVar[] chosen = new IntVar[places.size()];
        for (int i = 0; i < chosen.length; i++) {
            PlainOutfits.Place place = places.get(i);
            chosen[i] = model.newIntVar(
                    place.least(), place.choices().size(), place.slot().id());
            for (int before = 0; before < i; before++) {
                TableConstraint table = model.addAllowedAssignments(new IntVar[] {chosen[before], chosen[i]});
                outfits.forEachPair(places.get(before), place, (one, other) -> table.addTuple(new long[] {one, other}));
            }
        }
        CpSolver solver = new CpSolver();
        solver.getParameters().setEnumerateAllSolutions(true);
        solver.getParameters().setNumWorkers(1);
        CpSolverStatus status = solver.solve(model, new CpSolverSolutionCallback() {
            @Override
            public void onSolutionCallback() {
                int[] solution = new int[chosen.length];
                for (int i = 0; i < chosen.length; i++) {
                    solution[i] = (int) value(chosen[i]);
                }
                outfits.judge(places, solution);
            }
        });
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.INFEASIBLE) {
            throw new IllegalStateException("ended with " + status);
        }
    }
}
