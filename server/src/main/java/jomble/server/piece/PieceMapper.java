package jomble.server.piece;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.document.PieceReader;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Money;
import jomble.core.piece.Piece;
import jomble.server.piece.PieceService.Kept;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Maps between a piece, its database row, and its text in the history. */
@Component
class PieceMapper {
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final JsonMapper json;
    private final Clock clock;

    PieceMapper(JsonMapper json, Clock clock) {
        this.json = json;
        this.clock = clock;
    }

    Piece piece(PieceRow row, Kinds kinds) {
        return PieceReader.readAlone(document(row), kinds);
    }

    List<Kept> kept(List<PieceRow> rows, Kinds kinds) {
        return rows.stream()
                .map(row -> new Kept(piece(row, kinds), row.version()))
                .toList();
    }

    /** The document form of a stored piece. */
    Map<String, Object> document(PieceRow row) {
        Map<String, Object> document = tree(row.attributes());
        if (row.costAmount() != null) {
            document.put(
                    Attribute.COST.name(),
                    Map.of("amount", row.costAmount().stripTrailingZeros(), "currency", row.costCurrency()));
        }
        return document;
    }

    /** @param change number of the change that writes it */
    void write(PieceRow row, Piece piece, long change) {
        Map<String, Object> document = PieceReader.write(piece);
        document.remove(Attribute.COST.name());
        Money cost = piece.get(Attribute.COST);
        row.write(
                piece.kind().id(),
                cost == null ? null : cost.amount(),
                cost == null ? null : cost.currency().getCurrencyCode(),
                json.writeValueAsString(document),
                clock.instant(),
                change);
    }

    String text(Piece piece) {
        return json.writeValueAsString(PieceReader.write(piece));
    }

    Piece read(String text, Kinds kinds) {
        return PieceReader.readAlone(tree(text), kinds);
    }

    Map<String, Object> tree(String text) {
        return text == null ? new LinkedHashMap<>() : new LinkedHashMap<>(json.readValue(text, TREE));
    }
}
