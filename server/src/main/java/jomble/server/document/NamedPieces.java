package jomble.server.document;

import java.util.List;
import jomble.core.document.QuestionReader;
import jomble.core.document.Wardrobe;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;

/** Reads pieces a request names by id. */
public final class NamedPieces {
    private NamedPieces() {}

    /**
     * The distinct pieces named.
     *
     * @param pointer where the request names them
     * @param ids null for none
     * @throws jomble.core.tree.InvalidInputException naming the place of every unknown id
     */
    public static List<PieceId> read(String pointer, List<String> ids, Wardrobe wardrobe) {
        Node node = Node.at(pointer, ids == null ? List.of() : ids);
        List<PieceId> pieces = QuestionReader.pieceIds(node, wardrobe);
        node.finish();
        return pieces.stream().distinct().toList();
    }
}
