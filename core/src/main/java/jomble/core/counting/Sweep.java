package jomble.core.counting;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.atomic.AtomicBoolean;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * Walks all bodies of a question, structure by structure, and tells them to the collectors.
 *
 * <p>A small wardrobe is walked by one thread. A large one is shared out between two, each with a diagram of its own; they meet in the
 * collectors only, which hear of one body at a time.
 */
final class Sweep {
    private static final int THREADS = Math.min(2, Runtime.getRuntime().availableProcessors());

    private static final int BATCH = 1024;

    private final Field field;
    private final List<? extends Collector> collectors;
    private final Progress progress;
    private final AtomicBoolean stopped = new AtomicBoolean();

    Sweep(Field field, List<? extends Collector> collectors, Progress progress) {
        this.field = field;
        this.collectors = collectors;
        this.progress = progress;
    }

    /**
     * Walks everything.
     *
     * @param counted choices of options that must be worn in counted slots, each a walk of its own
     * @param filled choices of options in the others, one of which must be worn
     * @throws CountingStoppedException when the progress asks to stop
     */
    void run(List<Option[]> counted, List<Option[]> filled) {
        Structure[] structures = Structure.values();
        int parts = structures.length * counted.size();
        int part = 0;
        for (Structure structure : structures) {
            Approvals approvals = field.approvals(structure);
            for (Option[] forced : counted) {
                Progress told = progress.partOf(part, parts);
                part++;
                List<Field.Search> searches = new ArrayList<>();
                for (Share share : shares(structure)) {
                    Field.Search search = field.search(structure, forced, filled, share);
                    if (search != null) {
                        searches.add(search);
                    }
                }
                walk(searches, approvals.combinations(forced, filled), told);
            }
        }
    }

    private List<Share> shares(Structure structure) {
        long bodies = 1;
        for (Slot slot : Tail.BODY) {
            bodies *= structure.allows(slot) ? 1 + field.options().in(slot).size() : 1;
        }
        return bodies < field.worthSharing()
                ? List.of(Share.WHOLE)
                : Share.of(structure, field.options(), field.wantsShoes(), THREADS);
    }

    /** Walks the first search here and the others in threads of their own. */
    private void walk(List<Field.Search> searches, List<Option[]> approved, Progress told) {
        List<FutureTask<Void>> others = new ArrayList<>();
        for (int i = 1; i < searches.size(); i++) {
            Field.Search search = searches.get(i);
            FutureTask<Void> task = new FutureTask<>(() -> walk(search, approved, done -> !stopped.get()), null);
            others.add(task);
            Thread thread = new Thread(task, "count");
            thread.setDaemon(true);
            thread.start();
        }
        try {
            if (!searches.isEmpty()) {
                walk(searches.get(0), approved, told);
            }
        } catch (RuntimeException e) {
            stopped.set(true);
            throw e;
        }
        others.forEach(this::await);
    }

    /** Waits for another thread; what went wrong there goes wrong here. */
    private void await(FutureTask<Void> task) {
        try {
            task.get();
        } catch (ExecutionException e) {
            stopped.set(true);
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException(e.getCause());
        } catch (InterruptedException e) {
            stopped.set(true);
            Thread.currentThread().interrupt();
            throw new CountingStoppedException();
        }
    }

    private void walk(Field.Search search, List<Option[]> approved, Progress told) {
        List<Collector.Bodies> bodies;
        synchronized (collectors) {
            bodies = collectors.stream().map(collector -> collector.of(search)).toList();
        }
        Batch batch = new Batch(bodies);
        search.walk().walk(batch, told);
        batch.tell();
        synchronized (collectors) {
            for (Option[] combination : approved) {
                if (search.covers(combination)) {
                    int verdict = search.verdictOf(combination);
                    bodies.forEach(all -> all.addApproved(combination, verdict));
                }
            }
            bodies.forEach(Collector.Bodies::finish);
        }
    }

    /** Bodies that wait to be told to the collectors together, so that threads seldom wait for each other. */
    private final class Batch implements BodyWalk.Visitor {
        private final List<Collector.Bodies> told;
        private final Option[][] bodies = new Option[BATCH][Slot.values().length];
        private final int[] nodes = new int[BATCH];
        private int size;

        Batch(List<Collector.Bodies> told) {
            this.told = told;
        }

        @Override
        public boolean visit(Option[] body, int node) {
            System.arraycopy(body, 0, bodies[size], 0, body.length);
            nodes[size++] = node;
            if (size == BATCH) {
                tell();
            }
            return true;
        }

        void tell() {
            synchronized (collectors) {
                for (int i = 0; i < size; i++) {
                    for (Collector.Bodies all : told) {
                        all.add(bodies[i], nodes[i]);
                    }
                }
            }
            size = 0;
        }
    }
}
