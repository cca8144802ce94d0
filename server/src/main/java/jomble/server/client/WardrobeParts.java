package jomble.server.client;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import jomble.core.document.Parts;
import jomble.core.document.Wardrobe;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.Part;
import jomble.server.history.Change;
import jomble.server.history.History;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The parts of clients' wardrobes besides pieces, one row for each entry. A change writes the rows that differ and
 * records them in the history, so its cost does not depend on how much there is.
 */
@Service
public class WardrobeParts {
    private final EntryRepository rows;
    private final ClientRepository clients;
    private final EntryMapper mapper;
    private final History history;

    WardrobeParts(EntryRepository rows, ClientRepository clients, EntryMapper mapper, History history) {
        this.rows = rows;
        this.clients = clients;
        this.mapper = mapper;
        this.history = history;
    }

    /**
     * A stored entry.
     *
     * @param version number of the change that wrote it; it only ever rises
     */
    public record Kept<E>(E entry, long version) {}

    /** The client's wardrobe without pieces and kinds. */
    @Transactional(readOnly = true)
    public Wardrobe around(UUID clientId) {
        mustExist(clientId);
        Map<String, List<EntryRow>> byPart =
                rows.findByClientIdOrderByPosition(clientId).stream().collect(Collectors.groupingBy(EntryRow::part));
        Wardrobe wardrobe = Wardrobe.EMPTY;
        for (Part<?> part : Parts.AROUND_PIECES) {
            wardrobe = with(wardrobe, part, byPart.getOrDefault(part.name(), List.of()));
        }
        return wardrobe;
    }

    private <T> Wardrobe with(Wardrobe wardrobe, Part<T> part, List<EntryRow> its) {
        return wardrobe.with(part, value(part, its));
    }

    private <T> T value(Part<T> part, List<EntryRow> its) {
        if (part instanceof EntryPart<?> entries) {
            @SuppressWarnings("unchecked") // the value of an EntryPart is the list of its entries
            T list = (T) mapper.entries(entries, its);
            return list;
        }
        return mapper.value(part, its.isEmpty() ? null : its.get(0).document());
    }

    /**
     * A wardrobe with entries added since, without reading the others again; empty when something else has changed.
     *
     * @param changes made since, oldest first
     */
    public Optional<Wardrobe> withAdded(Wardrobe wardrobe, List<Change> changes) {
        Wardrobe now = wardrobe;
        for (Change change : changes) {
            if (!change.isAddition()
                    || change.part().equals(Change.PIECES)
                    || change.ref().isEmpty()) {
                return Optional.empty();
            }
            now = withEntry(now, Parts.named(change.part()), change.afterDoc());
        }
        return Optional.of(now);
    }

    private Wardrobe withEntry(Wardrobe wardrobe, Part<?> part, String text) {
        return part instanceof EntryPart<?> entries ? with(wardrobe, entries, text) : wardrobe;
    }

    private <E> Wardrobe with(Wardrobe wardrobe, EntryPart<E> part, String text) {
        List<E> more = new ArrayList<>(wardrobe.get(part));
        more.add(mapper.entry(part, text));
        return wardrobe.with(part, more);
    }

    /** One part of the client's wardrobe. */
    @Transactional(readOnly = true)
    public <T> T get(UUID clientId, Part<T> part) {
        mustExist(clientId);
        return value(part, rows.findByClientIdAndPartOrderByPosition(clientId, part.name()));
    }

    /** The entries of a part with their versions, in order. */
    @Transactional(readOnly = true)
    public <E> List<Kept<E>> entries(UUID clientId, EntryPart<E> part) {
        mustExist(clientId);
        return rows.findByClientIdAndPartOrderByPosition(clientId, part.name()).stream()
                .map(row -> new Kept<>(mapper.entry(part, row.document()), row.version()))
                .toList();
    }

    private void mustExist(UUID clientId) {
        if (!clients.existsById(clientId)) {
            throw ProblemException.notFound("This client");
        }
    }

    /** The version of a part that is no list; 0 before it was first written. */
    @Transactional(readOnly = true)
    public long version(UUID clientId, Part<?> part) {
        mustExist(clientId);
        return rows.findByClientIdAndPartAndRef(clientId, part.name(), "")
                .map(EntryRow::version)
                .orElse(0L);
    }

    /** The versions of the entries of a part, by id. */
    @Transactional(readOnly = true)
    public Map<String, Long> versions(UUID clientId, EntryPart<?> part) {
        return rows.findByClientIdAndPartOrderByPosition(clientId, part.name()).stream()
                .collect(Collectors.toMap(EntryRow::ref, EntryRow::version));
    }

    /** Adds an entry at the end, in a step of its own, without reading the others. */
    @Write
    public <E> Kept<E> add(UUID clientId, EntryPart<E> part, E entry) {
        history.hold(clientId);
        if (rows.countByClientIdAndPart(clientId, part.name()) >= part.most()) {
            throw ProblemException.conflict("too-many", "A client has " + part.most() + " of these at most.");
        }
        int position = rows.lastPosition(clientId, part.name()) + 1;
        return new Kept<>(entry, insert(clientId, Ids.next(), part, entry, position));
    }

    private <E> long insert(UUID clientId, UUID step, EntryPart<E> part, E entry, int position) {
        String text = mapper.text(part, entry);
        long change = history.record(clientId, step, part.name(), part.id(entry), null, text);
        rows.save(new EntryRow(Ids.next(), clientId, part.name(), part.id(entry), position)
                .write(text, mapper.day(part, entry), change));
        return change;
    }

    /**
     * Changes one entry in a step of its own.
     *
     * @param seen its version as the caller saw it
     * @throws ProblemException when there is no such entry, or it was changed since
     */
    @Write
    public <E> Kept<E> changeEntry(UUID clientId, EntryPart<E> part, String ref, long seen, UnaryOperator<E> change) {
        EntryRow row = held(clientId, part, ref, seen);
        E entry = change.apply(mapper.entry(part, row.document()));
        write(clientId, Ids.next(), row, part, entry);
        return new Kept<>(entry, row.version());
    }

    /**
     * Deletes one entry in a step of its own.
     *
     * @param seen its version as the caller saw it
     * @throws ProblemException when there is no such entry, or it was changed since
     */
    @Write
    public void deleteEntry(UUID clientId, EntryPart<?> part, String ref, long seen) {
        deleteEntry(clientId, part, ref, seen, entry -> {});
    }

    /** @param check throws when the entry may not be deleted */
    @Write
    public <E> void deleteEntry(UUID clientId, EntryPart<E> part, String ref, long seen, Consumer<E> check) {
        EntryRow row = held(clientId, part, ref, seen);
        check.accept(mapper.entry(part, row.document()));
        delete(clientId, Ids.next(), row);
    }

    /**
     * Changes one entry, looking at the others too, in a step of its own.
     *
     * @param seen its version as the caller saw it
     * @param change receives all entries of the part and the one to change
     * @throws ProblemException when there is no such entry, or it was changed since
     */
    @Write
    public <E> Kept<E> changeAmong(
            UUID clientId, EntryPart<E> part, String ref, long seen, BiFunction<List<E>, E, E> change) {
        EntryRow row = held(clientId, part, ref, seen);
        List<E> all = value(part, rows.findByClientIdAndPartOrderByPosition(clientId, part.name()));
        E entry = change.apply(all, mapper.entry(part, row.document()));
        write(clientId, Ids.next(), row, part, entry);
        return new Kept<>(entry, row.version());
    }

    private EntryRow held(UUID clientId, EntryPart<?> part, String ref, long seen) {
        history.hold(clientId);
        EntryRow row = rows.findByClientIdAndPartAndRef(clientId, part.name(), ref)
                .orElseThrow(() -> ProblemException.notFound("This entry"));
        if (row.version() != seen) {
            throw ProblemException.stale();
        }
        return row;
    }

    private void delete(UUID clientId, UUID step, EntryRow row) {
        history.recordFrom(row.position(), clientId, step, row.part(), row.ref(), row.document(), null);
        rows.delete(row);
    }

    private <E> void write(UUID clientId, UUID step, EntryRow row, EntryPart<E> part, E entry) {
        String text = mapper.text(part, entry);
        if (!row.document().equals(text)) {
            long change = history.record(clientId, step, part.name(), row.ref(), row.document(), text);
            row.write(text, mapper.day(part, entry), change);
        }
    }

    /**
     * Changes one part as part of a step. Of a list, the entries that differ are written.
     *
     * @param change receives the part as it is now
     * @throws jomble.core.tree.InvalidInputException when the result would not be accepted in a document
     */
    @Write
    public <T> void change(UUID clientId, UUID step, Part<T> part, UnaryOperator<T> change) {
        history.hold(clientId);
        List<EntryRow> before = rows.findByClientIdAndPartOrderByPosition(clientId, part.name());
        put(clientId, step, part, before, change.apply(value(part, before)));
    }

    /**
     * Changes a part that is no list, in a step of its own.
     *
     * @param seen its version as the caller saw it; null where the change itself looks at what was seen
     * @throws ProblemException when it was changed since
     */
    @Write
    public <T> void changeWhole(UUID clientId, Part<T> part, Long seen, UnaryOperator<T> change) {
        history.hold(clientId);
        if (seen != null && version(clientId, part) != seen) {
            throw ProblemException.stale();
        }
        change(clientId, Ids.next(), part, change);
    }

    /** Raises the version of an entry whose own text stays as it is, because of what else the step changed. */
    @Write
    public void mark(UUID clientId, UUID step, EntryPart<?> part, String ref) {
        rows.findByClientIdAndPartAndRef(clientId, part.name(), ref).ifPresent(row -> mark(clientId, step, part, row));
    }

    private <E> void mark(UUID clientId, UUID step, EntryPart<E> part, EntryRow row) {
        String text = row.document();
        long change = history.record(clientId, step, part.name(), row.ref(), text, text);
        row.write(text, mapper.day(part, mapper.entry(part, text)), change);
    }

    /** Replaces all parts as part of a step; pieces and kinds are not touched. */
    @Write
    public void replaceAll(UUID clientId, UUID step, Wardrobe wardrobe) {
        history.hold(clientId);
        Map<String, List<EntryRow>> byPart =
                rows.findByClientIdOrderByPosition(clientId).stream().collect(Collectors.groupingBy(EntryRow::part));
        for (Part<?> part : Parts.AROUND_PIECES) {
            put(clientId, step, part, byPart.getOrDefault(part.name(), List.of()), wardrobe);
        }
    }

    private <T> void put(UUID clientId, UUID step, Part<T> part, List<EntryRow> before, Wardrobe wardrobe) {
        put(clientId, step, part, before, wardrobe.get(part));
    }

    private <T> void put(UUID clientId, UUID step, Part<T> part, List<EntryRow> before, T after) {
        if (part instanceof EntryPart<?> entries) {
            putEntries(clientId, step, entries, before, (List<?>) after);
        } else {
            putValue(clientId, step, part, before.isEmpty() ? null : before.get(0), after);
        }
    }

    private <T> void putValue(UUID clientId, UUID step, Part<T> part, EntryRow row, T after) {
        String before = row == null ? null : row.document();
        String text = mapper.valueText(part, after);
        if (Objects.equals(before, text)) {
            return;
        }
        long change = history.record(clientId, step, part.name(), "", before, text);
        if (text == null) {
            rows.delete(row);
        } else {
            rows.save((row == null ? new EntryRow(Ids.next(), clientId, part.name(), "", 0) : row)
                    .write(text, null, change));
        }
    }

    private <E> void putEntries(UUID clientId, UUID step, EntryPart<E> part, List<EntryRow> before, List<?> list) {
        @SuppressWarnings("unchecked") // the value of an EntryPart is the list of its entries
        List<E> after = (List<E>) list;
        if (after.size() > part.most()) {
            throw ProblemException.conflict("too-many", "A client has " + part.most() + " of these at most.");
        }
        Map<String, EntryRow> gone = new LinkedHashMap<>();
        before.forEach(row -> gone.put(row.ref(), row));
        Map<String, EntryRow> kept = new HashMap<>();
        after.forEach(entry -> kept.put(part.id(entry), gone.remove(part.id(entry))));
        gone.values().forEach(row -> delete(clientId, step, row));
        int place = 0;
        for (E entry : after) {
            EntryRow row = kept.get(part.id(entry));
            if (row == null) {
                place = Math.max(place, lastPlace(before)) + 1;
                insert(clientId, step, part, entry, place);
            } else if (row.position() > place) {
                place = row.position();
                write(clientId, step, row, part, entry);
            } else {
                place = Math.max(place, lastPlace(before)) + 1;
                move(clientId, step, row, place, part, entry);
            }
        }
    }

    /** The last place taken. */
    private static int lastPlace(List<EntryRow> before) {
        return before.isEmpty() ? 0 : before.get(before.size() - 1).position();
    }

    private <E> void move(UUID clientId, UUID step, EntryRow row, int place, EntryPart<E> part, E entry) {
        String text = mapper.text(part, entry);
        long change = history.recordFrom(row.position(), clientId, step, part.name(), row.ref(), row.document(), text);
        row.moveTo(place).write(text, mapper.day(part, entry), change);
    }
}
