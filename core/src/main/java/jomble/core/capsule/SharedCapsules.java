package jomble.core.capsule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import jomble.core.counting.Progress;
import jomble.core.piece.PieceId;

/**
 * Capsules that share a core, such as one for each season or one for work and one for the weekend. The core is the best
 * capsule for all of them at once among the pieces worn in each; every capsule is then completed separately.
 */
public final class SharedCapsules {
    private final CapsulePlanner planner;

    public SharedCapsules(CapsulePlanner planner) {
        this.planner = planner;
    }

    /**
     * A capsule with the core in it.
     *
     * @param alone the capsule found without a core
     */
    public record Part(CapsulePlan plan, CapsulePlan.Better alone) {}

    /**
     * The pieces all capsules share.
     *
     * @param parts the capsules' problems, of the same wardrobe
     * @param size number of pieces at most; fewer when fewer can be worn in each
     */
    public List<PieceId> core(List<CapsuleProblem> parts, int size, long seed, int rounds, Progress progress) {
        CapsuleProblem first = parts.get(0);
        List<Need> needs =
                parts.stream().flatMap(part -> part.needs().stream()).distinct().toList();
        CapsuleWishes wishes = common(parts, size);
        CompiledCapsule all =
                planner.compiler().compile(first.needing(needs).wishing(wishes), seed, progress.part(0, 0.6));
        boolean[] inEach = wornInEach(all, parts);
        int[] pool = Arrays.stream(all.pool()).filter(place -> inEach[place]).toArray();
        CompiledCapsule common = new CompiledCapsule(
                all.problem(), all.table(), all.aim(), all.narrower(), all.candidates(), all.free(), all.must(), pool);
        CapsuleSearch.Found found =
                common.search(seed).mostOutfits(Math.min(size, common.largest()), null, rounds, progress.part(0.6, 1));
        return Arrays.stream(found.choice().sorted()).mapToObj(all::id).toList();
    }

    /** The first capsule's wishes with what every capsule bans, and what any must have unless another bans it. */
    private static CapsuleWishes common(List<CapsuleProblem> parts, int size) {
        Set<PieceId> never = new HashSet<>();
        parts.forEach(part -> never.addAll(part.wishes().never()));
        Set<PieceId> must = new LinkedHashSet<>();
        parts.forEach(part -> must.addAll(part.wishes().must()));
        must.removeAll(never);
        return parts.get(0)
                .wishes()
                .with(must, new CapsuleWishes.Range(0, Math.max(size, must.size())))
                .banning(never);
    }

    /** By piece index, whether it is in an outfit for some need of each part. */
    private static boolean[] wornInEach(CompiledCapsule all, List<CapsuleProblem> parts) {
        Choice everything = new Choice(all.problem().pieces().size(), all.free(), whole(all));
        everything.score(all.aim());
        long[] worksIn = new long[all.problem().pieces().size()];
        all.aim().outfits().worksIn(worksIn);
        boolean[] inEach = new boolean[worksIn.length];
        Arrays.fill(inEach, true);
        for (CapsuleProblem part : parts) {
            long contexts = contexts(all, part.needs());
            for (int i = 0; i < inEach.length; i++) {
                inEach[i] &= (worksIn[i] & contexts) != 0;
            }
        }
        return inEach;
    }

    private static int[] whole(CompiledCapsule all) {
        int[] whole = Arrays.copyOf(all.must(), all.largest());
        System.arraycopy(all.pool(), 0, whole, all.must().length, all.pool().length);
        return whole;
    }

    /** The contexts of these needs as bits; some months may have been left out. */
    private static long contexts(CompiledCapsule all, List<Need> needs) {
        Set<List<String>> names = new HashSet<>();
        needs.forEach(need -> names.add(name(need)));
        long contexts = 0;
        List<Need> compiled = all.aim().needs();
        for (int i = 0; i < compiled.size(); i++) {
            if (names.contains(name(compiled.get(i)))) {
                contexts |= all.aim().bitsOf(i);
            }
        }
        return contexts;
    }

    private static List<String> name(Need need) {
        return List.of(need.occasion().name(), need.season().name());
    }

    /** Completes a core to a capsule, and also searches for one without the core. */
    public Part part(CapsuleProblem problem, List<PieceId> core, long seed, int rounds, Progress progress) {
        Set<PieceId> must = new LinkedHashSet<>(problem.wishes().must());
        must.addAll(core);
        CapsuleWishes.Range asked = problem.wishes().size();
        CapsuleWishes.Range size =
                new CapsuleWishes.Range(Math.max(asked.min(), must.size()), Math.max(asked.max(), must.size()));
        CapsulePlan plan =
                planner.plan(problem.wishing(problem.wishes().with(must, size)), seed, rounds, progress.part(0, 0.7));
        List<CapsulePlan.Better> alone = new ArrayList<>();
        CompiledCapsule compiled = planner.compiler().compile(problem, seed, progress.part(0.7, 0.8));
        CapsuleSearch search = compiled.search(seed);
        search.onBetter(found -> alone.add(CapsulePlanner.better(compiled, found)));
        search.mostOutfits(Math.min(plan.pieces().size(), compiled.largest()), null, rounds, progress.part(0.8, 1));
        return new Part(plan, alone.get(alone.size() - 1));
    }
}
