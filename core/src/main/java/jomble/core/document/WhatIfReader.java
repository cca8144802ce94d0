package jomble.core.document;

import java.util.ArrayList;
import java.util.Currency;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.brief.Brief;
import jomble.core.entry.EntryLine;
import jomble.core.entry.EntryReading;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;

/**
 * Changes that are only thought of, in document form:
 *
 * <pre>{@code {"without": ["p1"], "changed": [{"id": "p2", "hem": "ankle"}], "added": [{"id": "new", "kind": "shirt"}],
 * "lines": ["blazer navy wool"], "house": {"schools": {"metals": "mixed"}}, "brief": {"lengthenLeg": true}}}</pre>
 */
public final class WhatIfReader {
    private static final int MOST_PIECES = 200;
    private static final int LONGEST_LINE = 400;
    private static final String OF_A_LINE = "line-";
    /** What a piece costs is nothing to a count. */
    private static final Currency NO_CURRENCY = Currency.getInstance("XXX");

    private final Wardrobe wardrobe;
    private final Kinds kinds;
    private final Set<PieceId> taken = new HashSet<>();

    private WhatIfReader(Wardrobe wardrobe, Kinds kinds) {
        this.wardrobe = wardrobe;
        this.kinds = kinds;
        wardrobe.pieces().forEach(piece -> taken.add(piece.id()));
    }

    /** What is wrong is reported at the node. */
    public static WhatIf read(Node node, Wardrobe wardrobe, Kinds kinds) {
        if (node.isNull()) {
            return WhatIf.NOTHING;
        }
        node.fields(List.of("without", "changed", "added", "lines", "house", "brief"));
        WhatIfReader reader = new WhatIfReader(wardrobe, kinds);
        Set<PieceId> without = Set.copyOf(QuestionReader.pieceIds(node.field("without"), wardrobe));
        List<Piece> changed = reader.changed(node.field("changed"));
        List<Piece> added = reader.added(node.field("added"));
        added.addAll(reader.ofLines(node.field("lines")));
        Node house = node.field("house");
        Node brief = node.field("brief");
        return new WhatIf(
                without,
                changed,
                added,
                house.isNull() ? null : HouseRulesReader.read(house),
                brief.isNull() ? null : brief(brief, wardrobe));
    }

    /** The brief with some of its parts as they would be. */
    private static Brief brief(Node node, Wardrobe wardrobe) {
        Map<String, Object> tree = new LinkedHashMap<>(BriefReader.write(wardrobe.brief()));
        node.members().forEach((part, value) -> tree.put(part, value.value()));
        return BriefReader.read(node.instead(tree));
    }

    private List<Piece> changed(Node nodes) {
        List<Piece> changed = new ArrayList<>();
        for (Node node : nodes.items(MOST_PIECES)) {
            String id = node.field("id").text(1, 64);
            Optional<Piece> before = id == null ? Optional.empty() : wardrobe.find(new PieceId(id));
            if (id != null && before.isEmpty()) {
                node.field("id").reject("unknown-piece", "the wardrobe has no piece " + id);
            }
            before.ifPresent(piece -> {
                Map<String, Object> tree = PieceReader.write(piece);
                node.members().forEach((name, value) -> tree.put(name, value.value()));
                PieceReader.read(node.instead(tree), kinds).ifPresent(changed::add);
            });
        }
        return changed;
    }

    private List<Piece> added(Node nodes) {
        List<Piece> added = new ArrayList<>();
        for (Node node : nodes.items(MOST_PIECES)) {
            Optional<Piece> piece = PieceReader.read(node, kinds);
            if (piece.isPresent() && !taken.add(piece.get().id())) {
                node.field("id")
                        .reject(
                                "duplicate",
                                "the wardrobe has a piece " + piece.get().id() + " already");
            }
            piece.ifPresent(added::add);
        }
        return added;
    }

    private List<Piece> ofLines(Node nodes) {
        List<Piece> added = new ArrayList<>();
        for (Node node : nodes.items(MOST_PIECES)) {
            String line = node.text(1, LONGEST_LINE);
            EntryReading reading = line == null ? null : EntryLine.read(line, NO_CURRENCY, kinds);
            if (reading != null && reading.kind() == null) {
                node.reject("missing-kind", "name what the piece is, such as shirt, jeans or loafers");
            } else if (reading != null) {
                Map<String, Object> tree = new LinkedHashMap<>(EntryLine.toDocument(reading, OF_A_LINE + added.size()));
                tree.remove(Attribute.SET.name());
                PieceReader.read(node.instead(tree), kinds).ifPresent(added::add);
            }
        }
        return added;
    }
}
