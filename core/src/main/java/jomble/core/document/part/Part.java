package jomble.core.document.part;

import java.util.List;
import java.util.Map;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.tree.Node;

/**
 * One part of a wardrobe document: its name there, and how it is read, written and described in the schema. Whatever
 * stores, exports or restores a wardrobe goes through the list of parts, so a new part needs no change elsewhere.
 *
 * @param <T> the immutable value of the part
 */
public abstract class Part<T> {
    private final String name;
    private final T empty;

    /**
     * @param name field of the document
     * @param empty value of a part that is absent
     */
    protected Part(String name, T empty) {
        this.name = name;
        this.empty = empty;
    }

    public final String name() {
        return name;
    }

    public final T empty() {
        return empty;
    }

    /** The parts of a document read before this one that others depend on. */
    public interface Before {
        /** The kinds a piece may be of, the document's own included. */
        Kinds kinds();

        List<Piece> pieces();
    }

    /** Reads the part; problems are reported at the node. An absent part is empty. */
    public abstract T read(Node node, Before before);

    /** The part in document form; null to leave it out. */
    public abstract Object write(T value);

    /** Its JSON Schema. */
    public abstract Map<String, Object> schema();

    @Override
    public final String toString() {
        return name;
    }
}
