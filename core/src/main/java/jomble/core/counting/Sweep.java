package jomble.core.counting;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * Walks all bodies of a question, structure by structure. A small wardrobe is walked by one thread; a large one is shared out between
 * two, each with a diagram of its own, so that they never wait for each other.
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
     * @throws CountingStoppedException when the progress asks to stop
     */
    List<Census> run(Forced forced) {
        List<Census> found = new ArrayList<>();
        Structure[] structures = Structure.values();
        int parts = structures.length * forced.counted().size();
        int part = 0;
        for (Structure structure : structures) {
            Approvals approvals = field.approvals(structure);
            for (Option[] counted : forced.counted()) {
                Progress told = progress.partOf(part, parts);
                part++;
                List<Field.Search> searches = new ArrayList<>();
                for (Share share : shares(structure)) {
                    Field.Search search = field.search(structure, counted, forced.filled(), share);
                    if (search != null) {
                        searches.add(search);
                    }
                }
                found.addAll(walk(searches, counted, approvals.combinations(counted, forced.filled()), told));
            }
        }
        return found;
    }

    private List<Share> shares(Structure structure) {
        long bodies = 1;
        for (Slot slot : Tail.BODY) {
            bodies *= structure.allows(slot) ? 1 + field.options().in(slot).size() : 1;
        }
        return bodies < field.worthSharing()
                ? List.of(Share.WHOLE)
                : Share.of(structure, field.options(), field.wantsShoes(), SideBySide.THREADS);
    }

    private static List<Census> walk(
            List<Field.Search> searches, Option[] forced, List<Option[]> approved, Progress told) {
        SideBySide threads = new SideBySide();
        List<Supplier<Census>> walks = new ArrayList<>();
        for (Field.Search search : searches) {
            Progress heard = walks.isEmpty() ? told : done -> !threads.isStopped();
            walks.add(() -> {
                Census.Writer writer = new Census.Writer();
                search.walk().walk(writer, heard);
                return writer.of(search, forced, approved);
            });
        }
        return threads.all(walks);
    }
}
