package jomble.core.document;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.document.part.Part;
import jomble.core.piece.Kind;

/** Writes a wardrobe document as a tree of maps, lists and values. Of the studio's own kinds, those that pieces are of. */
public final class WardrobeWriter {
    private WardrobeWriter() {}

    public static Map<String, Object> write(Wardrobe wardrobe) {
        List<Kind> used = wardrobe.kinds().stream()
                .filter(kind -> wardrobe.pieces().stream()
                        .anyMatch(piece -> piece.kind().equals(kind)))
                .toList();
        Wardrobe written = wardrobe.with(Parts.KINDS, used);
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("format", WardrobeReader.FORMAT);
        tree.put("version", WardrobeReader.VERSION);
        Parts.ALL.forEach(part -> put(tree, part, written));
        return tree;
    }

    private static <T> void put(Map<String, Object> tree, Part<T> part, Wardrobe wardrobe) {
        Object document = part.write(wardrobe.get(part));
        if (document != null) {
            tree.put(part.name(), document);
        }
    }
}
