package jomble.server.client;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import jomble.core.document.Parts;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.Part;
import jomble.server.history.Change;
import jomble.server.history.Keeper;
import jomble.server.studio.Ids;
import org.springframework.stereotype.Component;

/** Puts entries of wardrobes, besides pieces, back as the history says, and names them. */
@Component
class EntryKeeper implements Keeper {
    private final EntryRepository rows;
    private final EntryMapper mapper;

    EntryKeeper(EntryRepository rows, EntryMapper mapper) {
        this.rows = rows;
        this.mapper = mapper;
    }

    @Override
    public boolean keeps(String part) {
        return !part.equals(Change.PIECES);
    }

    @Override
    public void takeBack(UUID clientId, List<Change> changes, Step step) {
        for (Change change : changes) {
            EntryRow row = rows.findByClientIdAndPartAndRef(clientId, change.part(), change.ref())
                    .orElse(null);
            boolean leaves = row != null && (change.beforeDoc() == null || change.place() != null);
            long number = step.record(change, leaves ? row.position() : null);
            if (change.beforeDoc() != null) {
                EntryRow back = row != null ? row : returning(clientId, change);
                if (change.place() != null) {
                    back.moveTo(change.place());
                }
                rows.save(restored(back, Parts.named(change.part()), change.beforeDoc(), number));
            } else if (row != null) {
                rows.delete(row);
            }
            // The next change may be of the same entry.
            rows.flush();
        }
    }

    private EntryRow returning(UUID clientId, Change change) {
        int place = change.place() != null ? change.place() : rows.lastPosition(clientId, change.part()) + 1;
        return new EntryRow(Ids.next(), clientId, change.part(), change.ref(), place);
    }

    private EntryRow restored(EntryRow row, Part<?> part, String text, long change) {
        return part instanceof EntryPart<?> entries
                ? restored(row, entries, text, change)
                : row.write(text, null, change);
    }

    private <E> EntryRow restored(EntryRow row, EntryPart<E> part, String text, long change) {
        return row.write(text, mapper.day(part, mapper.entry(part, text)), change);
    }

    @Override
    public Subject subject(Change change) {
        String text = change.beforeDoc() == null ? change.afterDoc() : change.beforeDoc();
        return Parts.named(change.part()) instanceof EntryPart<?> part
                ? subject(part, text)
                : new Subject("", null, differing(Parts.named(change.part()), change));
    }

    private <E> Subject subject(EntryPart<E> part, String text) {
        E entry = mapper.entry(part, text);
        return new Subject(part.title(entry), part.day(entry), List.of());
    }

    /** Names of the fields that a change of a whole part touched. */
    private <T> List<String> differing(Part<T> part, Change change) {
        Map<String, Object> before = mapper.fields(part, change.beforeDoc());
        Map<String, Object> after = mapper.fields(part, change.afterDoc());
        List<String> fields = new ArrayList<>(before.keySet());
        after.keySet().stream().filter(field -> !before.containsKey(field)).forEach(fields::add);
        return fields.stream()
                .filter(field -> !Objects.equals(before.get(field), after.get(field)))
                .sorted()
                .toList();
    }
}
