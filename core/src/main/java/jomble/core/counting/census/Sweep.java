package jomble.core.counting.census;

import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.Consumer;
import java.util.function.Supplier;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.tail.Tail;
import jomble.core.outfit.Structure;

/**
 * Walks all bodies of a question, structure by structure. A small wardrobe is walked by one thread; a large one is shared out between
 * two, each of which goes on from share to share with a diagram of its own until that is too large, so that they do not wait for each
 * other and what was found out is not found out again.
 */
final class Sweep {
    private final Field field;
    private final Progress progress;

    Sweep(Field field, Progress progress) {
        this.field = field;
        this.progress = progress;
    }

    /**
     * Walks everything.
     *
     * @param forced each choice of counted options is a walk of its own
     * @param listener is told of one share after the other, in the stable order
     * @throws CountingStoppedException when the progress asks to stop
     */
    void run(Forced forced, Consumer<Census> listener) {
        Structure[] structures = Structure.values();
        int parts = structures.length * forced.counted().size();
        int part = 0;
        for (Structure structure : structures) {
            Approvals approvals = field.approvals(structure);
            for (Option[] counted : forced.counted()) {
                List<Option[]> approved = approvals.combinations(counted, forced.filled());
                run(structure, counted, forced.filled(), approved, progress.partOf(part++, parts), listener);
            }
        }
    }

    private void run(
            Structure structure,
            Option[] counted,
            List<Option[]> filled,
            List<Option[]> approved,
            Progress told,
            Consumer<Census> listener) {
        SideBySide threads = new SideBySide();
        Thread caller = Thread.currentThread();
        List<Share> shares = shares(structure, counted);
        InOrder inOrder = new InOrder(shares.size(), listener);
        Queue<Field.Search> over = new ConcurrentLinkedQueue<>();
        List<Supplier<Boolean>> walks = new ArrayList<>();
        for (Share share : shares) {
            int place = walks.size();
            Progress here = told.partOf(place, shares.size());
            Progress heard = done -> Thread.currentThread() == caller ? here.goOn(done) : !threads.isStopped();
            walks.add(() -> {
                Field.Search search = search(over.poll(), structure, counted, filled, share);
                if (search != null) {
                    inOrder.put(place, walk(search, counted, approved, heard));
                    over.add(search);
                } else {
                    inOrder.put(place, null);
                }
                return true;
            });
        }
        threads.all(walks);
    }

    /** By the slot of the body that is decided first. */
    private List<Share> shares(Structure structure, Option[] forced) {
        return Tail.BODY.stream()
                .filter(slot ->
                        structure.allows(slot) && field.question().counted().has(slot))
                .filter(slot -> forced[slot.ordinal()] == null)
                .findFirst()
                .map(slot -> Share.of(slot, field.options(), field.optionsOfAShare()))
                .orElse(List.of(Share.WHOLE));
    }

    /** One at a time: they measure what they are made of in one place. */
    private synchronized Field.Search search(
            Field.Search before, Structure structure, Option[] counted, List<Option[]> filled, Share share) {
        return before == null ? field.search(structure, counted, filled, share) : field.search(before, counted, share);
    }

    private static Census walk(Field.Search search, Option[] forced, List<Option[]> approved, Progress told) {
        Census.Writer writer = new Census.Writer();
        search.walk().walk(writer, told);
        return writer.of(search, forced, approved);
    }

    /** Hands on what is found in the order of the shares, whichever is found first, one at a time. */
    private static final class InOrder {
        private final Consumer<Census> listener;
        private final Census[] waiting;
        private final boolean[] isThere;
        private int next;

        InOrder(int shares, Consumer<Census> listener) {
            this.listener = listener;
            this.waiting = new Census[shares];
            this.isThere = new boolean[shares];
        }

        /** @param census null where there is nothing */
        synchronized void put(int place, Census census) {
            waiting[place] = census;
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
