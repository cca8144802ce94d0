package jomble.bench;

import java.util.List;
import java.util.Map;
import jomble.core.capsule.CapsulePlan;
import jomble.core.capsule.CapsulePlanner;
import jomble.core.capsule.CapsuleProblem;
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

/** Plans a capsule of a client of the demonstration and prints it: {@code CLIENT WISHES ROUNDS}. */
public final class CapsuleRuns {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private CapsuleRuns() {}

    public static void main(String[] args) {
        Wardrobe wardrobe = WardrobeReader.read(DemoWardrobe.document(args[0]), Kinds.shipped());
        Node node = Node.root(JSON.readValue(args[1], TREE));
        CapsuleProblem problem = CapsuleReader.read(node, wardrobe);
        node.finish();
        for (int run = 0; run < Integer.parseInt(args[3]); run++) {
            long start = System.nanoTime();
            CapsulePlan plan = new CapsulePlanner(new DiagramCounter(Catalogue.standard()))
                    .plan(problem, 1, Integer.parseInt(args[2]), Progress.NONE);
            System.out.printf("%.1f s%n", (System.nanoTime() - start) / 1e9);
            if (run == 0) {
                print(plan, wardrobe);
            }
        }
    }

    private static void print(CapsulePlan plan, Wardrobe wardrobe) {
        plan.reasons()
                .forEach((id, reason) -> System.out.printf(
                        "%-12s %-45s in %s completes %s lost %s %s%n",
                        wardrobe.find(id).orElseThrow().kind().family(),
                        wardrobe.find(id).orElseThrow().label(),
                        reason.in(),
                        reason.completes(),
                        reason.lost(),
                        reason.why()));
        System.out.println(plan.figures());
        List.of(plan.swaps(), plan.nearest(), plan.curve(), plan.missed())
                .forEach(list -> list.forEach(System.out::println));
    }
}
