package jomble.core.document;

import java.util.ArrayList;
import java.util.List;
import jomble.core.document.part.Part;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.tree.Node;

/** Reads a wardrobe document from a parsed JSON tree. */
public final class WardrobeReader {
    public static final String FORMAT = "jomble-wardrobe";
    public static final int VERSION = 1;

    private WardrobeReader() {}

    /**
     * Reads a whole document.
     *
     * @param known the kinds a piece may be of, besides those of the document itself
     * @throws jomble.core.tree.InvalidInputException naming everything that cannot be accepted
     */
    public static Wardrobe read(Object tree, Kinds known) {
        Node node = Node.root(tree);
        Wardrobe wardrobe = read(node, known);
        node.finish();
        return wardrobe;
    }

    /** Reads the document at a node where there must be one; problems are reported there. */
    public static Wardrobe required(Node node, Kinds known) {
        if (!node.isObject()) {
            node.reject("missing-wardrobe", "a wardrobe document is expected here");
        }
        return read(node, known);
    }

    /** Reads the document at the node; problems are reported there. Format and version may be left out. */
    static Wardrobe read(Node node, Kinds known) {
        List<String> fields = new ArrayList<>(List.of("format", "version"));
        fields.addAll(Parts.names());
        node.fields(fields);
        checkFormat(node);
        Wardrobe wardrobe = Wardrobe.EMPTY;
        for (Part<?> part : Parts.ALL) {
            wardrobe = read(part, node, wardrobe, known);
        }
        return wardrobe;
    }

    private static <T> Wardrobe read(Part<T> part, Node document, Wardrobe before, Kinds known) {
        return before.with(part, part.read(document.field(part.name()), new SoFar(before, known)));
    }

    private record SoFar(Wardrobe wardrobe, Kinds known) implements Part.Before {
        @Override
        public Kinds kinds() {
            return known.with(wardrobe.kinds());
        }

        @Override
        public List<Piece> pieces() {
            return wardrobe.pieces();
        }
    }

    private static void checkFormat(Node node) {
        Node format = node.field("format");
        if (!format.isNull() && !FORMAT.equals(format.value())) {
            format.reject("unknown-format", "the format \"" + FORMAT + "\" is expected here");
        }
        Node version = node.field("version");
        if (!version.isNull()) {
            Integer number = version.integer(1, Integer.MAX_VALUE);
            if (number != null && number > VERSION) {
                version.reject("unknown-version", "version " + number + " is newer than this program reads");
            }
        }
    }
}
