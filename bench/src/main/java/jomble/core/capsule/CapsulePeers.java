package jomble.core.capsule;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import jomble.bench.DemoWardrobe;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.document.CapsuleReader;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Kinds;
import jomble.core.tree.Node;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Ways to choose a capsule, one beside the other on the same table: the planner's search, greedy growing, greedy dropping, a general
 * solver, and where it can be, every choice: {@code CLIENT WISHES [CANDIDATES]}. It is in the package of what it measures to see its parts.
 */
public final class CapsulePeers {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};
    private static final int ROUNDS = 12;
    private static final int SOLVER_SECONDS = 60;

    private final CompiledCapsule compiled;
    private final int size;

    private CapsulePeers(CompiledCapsule compiled, int size) {
        this.compiled = compiled;
        this.size = size;
    }

    public static void main(String[] args) {
        Wardrobe wardrobe = WardrobeReader.read(DemoWardrobe.document(args[0]), Kinds.shipped());
        Node node = Node.root(JSON.readValue(args[1], TREE));
        CapsuleProblem problem = CapsuleReader.read(node, wardrobe);
        node.finish();
        CapsuleCompiler compiler = new CapsuleCompiler(new DiagramCounter(Catalogue.standard()));
        CompiledCapsule all = timed("compiled", () -> compiler.compile(problem, 1, Progress.NONE));
        int most = args.length > 2 ? Integer.parseInt(args[2]) : all.pool().length;
        CompiledCapsule compiled = new CompiledCapsule(
                all.problem(),
                all.table(),
                all.aim(),
                all.narrower(),
                all.candidates(),
                all.free(),
                all.must(),
                evenly(all.pool(), most));
        CapsulePeers peers =
                new CapsulePeers(compiled, Math.min(problem.wishes().size().max(), compiled.largest()));
        System.out.printf(
                "%d of %d, %d contexts%n", peers.size, most, all.table().contexts());
        peers.tell(
                "search, cold",
                () -> compiled.search(1)
                        .mostOutfits(peers.size, null, ROUNDS, Progress.NONE)
                        .choice());
        peers.tell(
                "search",
                () -> compiled.search(1)
                        .mostOutfits(peers.size, null, ROUNDS, Progress.NONE)
                        .choice());
        peers.tell(
                "first answer",
                () -> compiled.search(1)
                        .mostOutfits(peers.size, null, 0, Progress.NONE)
                        .choice());
        peers.tell("greedy, growing", peers::grown);
        peers.tell("greedy, dropping", peers::dropped);
        if (most <= 24) {
            peers.tell("every choice", peers::exhausted);
        }
        peers.tell("general solver", peers::solved);
        timed("bound", () -> {
            System.out.print("at most "
                    + OutfitBound.of(compiled, peers.size, true, 2_400, Progress.NONE)
                            .orElse(-1L) + ", ");
            return 0;
        });
    }

    /** So many of them, spread evenly over the order of the wardrobe. */
    private static int[] evenly(int[] pool, int most) {
        int[] some = new int[Math.min(most, pool.length)];
        for (int i = 0; i < some.length; i++) {
            some[i] = pool[(int) ((long) i * pool.length / some.length)];
        }
        return some;
    }

    private static <T> T timed(String what, Supplier<T> work) {
        long start = System.nanoTime();
        T done = work.get();
        System.out.printf("%-18s %.2f s%n", what, (System.nanoTime() - start) / 1e9);
        return done;
    }

    private void tell(String what, Supplier<Choice> work) {
        Choice choice = timed(what, work);
        System.out.printf("%18s %s%n", "", choice == null ? "nothing found" : choice.score(compiled.aim()));
    }

    private Choice grown() {
        Choice choice = new Choice(compiled.problem().pieces().size(), compiled.free(), compiled.must());
        while (choice.size() < size) {
            choice = Swaps.grown(compiled, choice);
        }
        return choice;
    }

    private Choice dropped() {
        int[] all = Arrays.copyOf(compiled.must(), compiled.largest());
        System.arraycopy(compiled.pool(), 0, all, compiled.must().length, compiled.pool().length);
        Choice choice = new Choice(compiled.problem().pieces().size(), compiled.free(), all);
        while (choice.size() > size) {
            choice = Swaps.shrunk(compiled, choice);
        }
        return choice;
    }

    private Choice exhausted() {
        int[] places = new int[size];
        Choice[] best = new Choice[1];
        exhaust(places, 0, 0, best, new Score[1]);
        return best[0];
    }

    private void exhaust(int[] places, int count, int from, Choice[] best, Score[] score) {
        if (count == size) {
            Choice choice = new Choice(compiled.problem().pieces().size(), compiled.free(), places);
            Score next = choice.score(compiled.aim());
            if (score[0] == null || Score.BY_OUTFITS.compare(next, score[0]) < 0) {
                score[0] = next;
                best[0] = choice.copy();
            }
            return;
        }
        for (int i = from; i <= compiled.pool().length - (size - count); i++) {
            places[count] = compiled.pool()[i];
            exhaust(places, count + 1, i + 1, best, score);
        }
    }

    /** The most outfits as a 0-1 program: an outfit is there when its pieces are. Wishes for amounts are constraints, needs are not asked. */
    private Choice solved() {
        Loader.loadNativeLibraries();
        EnsembleTable table = compiled.table();
        CpModel model = new CpModel();
        BoolVar[] in = new BoolVar[table.pieces()];
        LinearExprBuilder chosen = LinearExpr.newBuilder();
        for (int place : compiled.pool()) {
            in[place] = model.newBoolVar("p" + place);
            chosen.add(in[place]);
        }
        model.addEquality(chosen.build(), size);
        for (Requirement requirement : compiled.aim().requirements()) {
            if (requirement instanceof Requirement.Amount amount) {
                LinearExprBuilder there = LinearExpr.newBuilder();
                for (int place : compiled.pool()) {
                    if (amount.of()[place]) {
                        there.add(in[place]);
                    }
                }
                model.addGreaterOrEqual(there.build(), amount.least());
            }
        }
        LinearExprBuilder outfits = LinearExpr.newBuilder();
        for (int first = 0; first < table.pieces(); first++) {
            for (int second = 0; second <= table.pieces(); second++) {
                for (int e = table.begin(first, second); e < table.end(first, second); e++) {
                    addOutfits(model, in, outfits, e, first, second);
                }
            }
        }
        model.maximize(outfits.build());
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setMaxTimeInSeconds(SOLVER_SECONDS)
                .setNumWorkers(1)
                .setRandomSeed(1);
        solver.solve(model);
        int[] members = Arrays.stream(compiled.pool())
                .filter(place -> solver.booleanValue(in[place]))
                .toArray();
        System.out.printf("solver's own bound %.0f, ", solver.bestObjectiveBound());
        return members.length == size ? new Choice(table.pieces(), compiled.free(), members) : null;
    }

    /** An outfit for each pair of shoes of an ensemble, where it works bare or with any of the coats: one variable each. */
    private void addOutfits(
            CpModel model, BoolVar[] in, LinearExprBuilder outfits, int ensemble, int first, int second) {
        EnsembleTable table = compiled.table();
        List<Integer> clothes = new ArrayList<>(List.of(first));
        if (second < table.pieces()) {
            clothes.add(second);
        }
        for (int i = 0; i < table.room() && table.more(ensemble, i) >= 0; i++) {
            clothes.add(table.more(ensemble, i));
        }
        if (!areThere(clothes, in)) {
            return;
        }
        int type = table.typeOf(ensemble);
        for (int shoe = 1; shoe <= table.shoes().length; shoe++) {
            int shoePlace = table.shoes()[shoe - 1];
            List<Literal> coats = new ArrayList<>();
            for (int coat = 1; coat <= table.coats().length; coat++) {
                if (table.mask(type, coat, shoe) != 0 && in[table.coats()[coat - 1]] != null) {
                    coats.add(in[table.coats()[coat - 1]]);
                }
            }
            boolean bare = table.mask(type, 0, shoe) != 0;
            if (in[shoePlace] != null && (bare || !coats.isEmpty())) {
                BoolVar there = model.newBoolVar("o");
                clothes.stream()
                        .filter(place -> in[place] != null)
                        .forEach(place -> model.addImplication(there, in[place]));
                model.addImplication(there, in[shoePlace]);
                if (!bare) {
                    model.addBoolOr(coats).onlyEnforceIf(there);
                }
                outfits.add(there);
            }
        }
    }

    private boolean areThere(List<Integer> clothes, BoolVar[] in) {
        return clothes.stream()
                .allMatch(place -> in[place] != null
                        || !compiled.problem()
                                .counts(compiled.problem().pieces().get(place)));
    }
}
