package jomble.core.document;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.document.part.Part;
import jomble.core.document.part.Shape;
import jomble.core.piece.Kind;
import jomble.core.tree.Node;

/** The studio's own kinds the pieces are of, see {@link KindReader}. */
final class KindPart extends Part<List<Kind>> {
    KindPart() {
        super("kinds", List.of());
    }

    @Override
    public List<Kind> read(Node node, Before before) {
        return KindReader.readAll(node, before.kinds()).own();
    }

    @Override
    public Object write(List<Kind> kinds) {
        return kinds.isEmpty() ? null : kinds.stream().map(KindReader::write).toList();
    }

    /** A studio's own kind: like a shipped one but for what is set. */
    @Override
    public Map<String, Object> schema() {
        Map<String, Object> set = new LinkedHashMap<>();
        set.put("type", "object");
        set.put("properties", PiecePart.attributes());
        set.put("additionalProperties", false);
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("id", Shape.ID);
        properties.put("like", PiecePart.shippedKind());
        properties.put("alsoCalled", Shape.list(Map.of("type", "string")));
        properties.put("set", set);
        return Shape.list(Shape.object(List.of("id", "like"), properties));
    }
}
