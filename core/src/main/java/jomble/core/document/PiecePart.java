package jomble.core.document;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jomble.core.document.part.Part;
import jomble.core.document.part.Shape;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;

/** The pieces, see {@link PieceReader}. */
final class PiecePart extends Part<List<Piece>> {
    PiecePart() {
        super("pieces", List.of());
    }

    @Override
    public List<Piece> read(Node node, Before before) {
        List<Piece> pieces = new ArrayList<>();
        Map<PieceId, String> seen = new HashMap<>();
        for (Node item : node.items(Parts.MOST_PIECES)) {
            Optional<Piece> piece = PieceReader.read(item, before.kinds());
            piece.ifPresent(p -> {
                String earlier = seen.putIfAbsent(p.id(), item.pointer());
                if (earlier != null) {
                    item.field("id").reject("twice", "the id " + p.id() + " stands at " + earlier + " already");
                }
                pieces.add(p);
            });
        }
        return List.copyOf(pieces);
    }

    @Override
    public Object write(List<Piece> pieces) {
        return pieces.stream().map(PieceReader::write).toList();
    }

    @Override
    public Map<String, Object> schema() {
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("id", Shape.ID);
        properties.put("kind", Map.of("anyOf", List.of(shippedKind(), Shape.ID)));
        properties.putAll(attributes());
        return Shape.list(Shape.object(List.of("id", "kind"), properties));
    }

    static Map<String, Object> shippedKind() {
        return Map.of("enum", new ArrayList<>(Kinds.shipped().ids()));
    }

    static Map<String, Object> attributes() {
        Map<String, Object> properties = new LinkedHashMap<>();
        Attribute.all().forEach(attribute -> properties.put(attribute.name(), AttributeSchema.of(attribute)));
        return properties;
    }
}
