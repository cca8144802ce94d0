package jomble.server.document;

import java.util.List;
import jomble.core.document.QuestionReader;
import jomble.core.document.Wardrobe;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;

/** Pieces that a call names by their ids. */
public final class NamedPieces {
    private NamedPieces() {}

    /**
     * The pieces of a wardrobe that are named, each once.
     *
     * @param pointer where in the call they are named
     * @param ids null for none
     * @throws jomble.core.tree.InvalidInputException naming the place of whatever is no piece of the wardrobe
     */
    public static List<PieceId> read(String pointer, List<String> ids, Wardrobe wardrobe) {
        Node node = Node.at(pointer, ids == null ? List.of() : ids);
        List<PieceId> pieces = QuestionReader.pieceIds(node, wardrobe);
        node.finish();
        return pieces.stream().distinct().toList();
    }
}
