package jomble.core.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.Ruling;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;

/** Rulings in document form: {@code {"pieces": ["p1", "p7"], "decision": "approved", "reason": "", "by": ""}}. */
final class OverrideReader {
    private static final int MOST = 2_000;
    private static final int MOST_PIECES = 20;

    private OverrideReader() {}

    static Overrides read(Node node) {
        List<Ruling> rulings = new ArrayList<>();
        for (Node item : node.items(MOST)) {
            item.fields(List.of("pieces", "decision", "reason", "by"));
            Set<PieceId> pieces = new LinkedHashSet<>();
            for (Node piece : item.field("pieces").items(MOST_PIECES)) {
                String id = piece.text(1, 64);
                if (id != null && !pieces.add(new PieceId(id))) {
                    piece.reject("twice", "the piece " + id + " is named twice");
                }
            }
            Ruling.Decision decision = Values.word(item.field("decision"), Ruling.Decision.class);
            String reason = Values.given(item.field("reason"), n -> n.text(0, 400), "");
            String by = Values.given(item.field("by"), n -> n.text(0, 80), "");
            boolean tooFew = pieces.isEmpty() || pieces.size() == 1 && decision == Ruling.Decision.APPROVED;
            if (tooFew) {
                item.field("pieces")
                        .reject("too-few", "at least two pieces are approved together, or one is never worn");
            } else if (decision != null) {
                rulings.add(new Ruling(List.copyOf(pieces), decision, reason, by));
            }
        }
        return new Overrides(rulings);
    }

    static List<Map<String, Object>> write(Overrides overrides) {
        List<Map<String, Object>> tree = new ArrayList<>();
        for (Ruling ruling : overrides.rulings()) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("pieces", ruling.pieces().stream().map(PieceId::value).toList());
            one.put("decision", ruling.decision().id());
            one.put("reason", ruling.reason());
            one.put("by", ruling.by());
            tree.add(one);
        }
        return tree;
    }
}
