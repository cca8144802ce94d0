package jomble.core.counting.enumeration;

import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.Consumer;
import java.util.function.Supplier;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.outfit.Structure;

/**
 * Enumerates all bodies of a question, structure by structure. A small wardrobe is enumerated by one thread. A large
 * one is partitioned between two; each thread keeps its own diagram from partition to partition until it grows too
 * large, so threads neither wait for each other nor repeat much work.
 */
public final class Enumeration {
    private final CompiledQuestion compiled;
    private final Progress progress;

    public Enumeration(CompiledQuestion compiled, Progress progress) {
        this.compiled = compiled;
        this.progress = progress;
    }

    /**
     * Runs the enumeration.
     *
     * @param constraints each assignment of counted options is enumerated separately
     * @param listener called once for each partition, in the stable order
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    void run(Constraints constraints, Consumer<PartitionSolutions> listener) {
        Structure[] structures = Structure.values();
        int parts = structures.length * constraints.counted().size();
        int part = 0;
        for (Structure structure : structures) {
            Approvals approvals = compiled.approvals(structure);
            for (Option[] counted : constraints.counted()) {
                List<Option[]> approved = approvals.combinations(counted, constraints.filled());
                run(structure, counted, constraints.filled(), approved, progress.partOf(part++, parts), listener);
            }
        }
    }

    private void run(
            Structure structure,
            Option[] counted,
            List<Option[]> filled,
            List<Option[]> approved,
            Progress progress,
            Consumer<PartitionSolutions> listener) {
        Workers threads = new Workers();
        Thread caller = Thread.currentThread();
        List<Partition> partitions = partitions(structure, counted);
        InOrder inOrder = new InOrder(partitions.size(), listener);
        Queue<CompiledQuestion.Search> over = new ConcurrentLinkedQueue<>();
        List<Supplier<Boolean>> enumerators = new ArrayList<>();
        for (Partition partition : partitions) {
            int place = enumerators.size();
            Progress here = progress.partOf(place, partitions.size());
            Progress reporting = done -> Thread.currentThread() == caller ? here.goOn(done) : !threads.isStopped();
            enumerators.add(() -> {
                CompiledQuestion.Search search = search(over.poll(), structure, counted, filled, partition);
                if (search != null) {
                    inOrder.put(place, enumerator(search, counted, approved, reporting));
                    over.add(search);
                } else {
                    inOrder.put(place, null);
                }
                return true;
            });
        }
        threads.all(enumerators);
    }

    /** Partitions the bodies by the option of their first slot. */
    private List<Partition> partitions(Structure structure, Option[] constraints) {
        return CountedSlots.BODY.stream()
                .filter(slot ->
                        structure.allows(slot) && compiled.question().counted().has(slot))
                .filter(slot -> constraints[slot.ordinal()] == null)
                .findFirst()
                .map(slot -> Partition.of(slot, compiled.options(), compiled.optionsPerPartition()))
                .orElse(List.of(Partition.WHOLE));
    }

    /** Synchronised because preparing a search uses shared buffers. */
    private synchronized CompiledQuestion.Search search(
            CompiledQuestion.Search before,
            Structure structure,
            Option[] counted,
            List<Option[]> filled,
            Partition partition) {
        return before == null
                ? compiled.firstSearch(structure, counted, filled, partition)
                : compiled.nextSearch(before, counted, partition);
    }

    private static PartitionSolutions enumerator(
            CompiledQuestion.Search search, Option[] constraints, List<Option[]> approved, Progress progress) {
        PartitionSolutions.Writer writer = new PartitionSolutions.Writer();
        search.enumerator().run(writer, progress);
        return writer.of(search, constraints, approved);
    }

    /** Passes results to the listener one at a time, in the order of the partitions, whichever finishes first. */
    private static final class InOrder {
        private final Consumer<PartitionSolutions> listener;
        private final PartitionSolutions[] waiting;
        private final boolean[] isThere;
        private int next;

        InOrder(int partitions, Consumer<PartitionSolutions> listener) {
            this.listener = listener;
            this.waiting = new PartitionSolutions[partitions];
            this.isThere = new boolean[partitions];
        }

        /** @param solutions null when there are none */
        synchronized void put(int place, PartitionSolutions solutions) {
            waiting[place] = solutions;
            isThere[place] = true;
            while (next < waiting.length && isThere[next]) {
                if (waiting[next] != null) {
                    listener.accept(waiting[next]);
                }
                waiting[next++] = null;
            }
        }
    }
}
