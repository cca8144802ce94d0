package jomble.core.document.part;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import jomble.core.tree.Node;

/**
 * A part that is a list of entries, each with an id of its own. Storage keeps one row for each entry, so the cost of a
 * change does not depend on how many there are.
 *
 * @param <E> the immutable entry
 */
public abstract class EntryPart<E> extends Part<List<E>> {
    private final String noun;
    private final int most;
    private final Function<E, String> id;

    /**
     * @param name field of the document
     * @param noun what an entry is called in error messages, such as "capsule"
     * @param most entries a document may have
     * @param id identifies an entry within the part: 1 to 64 characters
     */
    protected EntryPart(String name, String noun, int most, Function<E, String> id) {
        super(name, List.of());
        this.noun = noun;
        this.most = most;
        this.id = id;
    }

    /** The largest number of entries. */
    public final int most() {
        return most;
    }

    /** Identifies the entry within its part. */
    public final String id(E entry) {
        return id.apply(entry);
    }

    /** A short name for the entry in plain words, such as the name it was saved under; empty when it has none. */
    public String title(E entry) {
        return "";
    }

    /** The day the entry is about; null when it is about none. */
    public LocalDate day(E entry) {
        return null;
    }

    /** Whether documents may leave out the id; it is then derived from the rest of the entry. */
    protected boolean mayLackId() {
        return false;
    }

    /** Reads one entry; problems are reported at the node. Null when it is not valid. */
    protected abstract E readEntry(Node item);

    /** An entry in document form, with its id. */
    public abstract Map<String, Object> writeEntry(E entry);

    /** The JSON Schema of an entry. */
    protected abstract Map<String, Object> entrySchema();

    /** Reads one stored entry. */
    public final E readStored(Object tree) {
        Node node = Node.root(tree);
        E entry = readEntry(node);
        node.finish();
        return entry;
    }

    @Override
    public List<E> read(Node node, Before before) {
        List<E> entries = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        Map<String, Integer> alike = new LinkedHashMap<>();
        for (Node item : node.items(most)) {
            E entry = readEntry(mayLackId() ? withId(item, alike) : item);
            if (entry != null && !seen.add(id(entry))) {
                item.field("id").reject("twice", "the " + noun + " " + id(entry) + " is given twice");
            } else if (entry != null) {
                entries.add(entry);
            }
        }
        return List.copyOf(entries);
    }

    @Override
    public Object write(List<E> entries) {
        return entries.stream().map(this::writeEntry).toList();
    }

    @Override
    public Map<String, Object> schema() {
        return Map.of("type", "array", "items", entrySchema());
    }

    /**
     * The entry with an id derived from its content where it has none. The same document read twice gives the same ids,
     * so importing it again changes nothing; entries with equal content are told apart by their order.
     */
    private static Node withId(Node item, Map<String, Integer> alike) {
        if (!item.isObject() || !item.field("id").isNull()) {
            return item;
        }
        String content = String.valueOf(item.value());
        int occurrence = alike.merge(content, 1, Integer::sum);
        byte[] bytes = (content + "#" + occurrence).getBytes(StandardCharsets.UTF_8);
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("id", UUID.nameUUIDFromBytes(bytes).toString());
        item.members().forEach((field, member) -> tree.put(field, member.value()));
        return item.instead(tree);
    }
}
