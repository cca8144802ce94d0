package jomble.server.document;

import java.util.Map;
import java.util.UUID;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.document.WardrobeSchema;
import jomble.core.document.WardrobeWriter;
import jomble.server.kind.KindService;
import jomble.server.piece.PieceService;
import jomble.server.piece.Wardrobes;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Wardrobe documents out and in, without loss. */
@RestController
@RequestMapping("/api/v1")
class DocumentController {
    private final PieceService pieces;
    private final Wardrobes wardrobes;
    private final KindService kinds;

    DocumentController(PieceService pieces, Wardrobes wardrobes, KindService kinds) {
        this.pieces = pieces;
        this.wardrobes = wardrobes;
        this.kinds = kinds;
    }

    record Imported(int pieces) {}

    /** Everything of a client as a wardrobe document. */
    @GetMapping("/clients/{clientId}/document")
    Map<String, Object> export(@PathVariable UUID clientId) {
        return WardrobeWriter.write(wardrobes.of(clientId));
    }

    /** Puts the document in place of the client's wardrobe; nothing is kept of a document with a mistake in it. */
    @PutMapping("/clients/{clientId}/document")
    Imported replace(@PathVariable UUID clientId, @RequestBody Map<String, Object> document) {
        Wardrobe wardrobe = WardrobeReader.read(document, kinds.all());
        pieces.replaceAll(clientId, wardrobe);
        return new Imported(wardrobe.pieces().size());
    }

    /** The JSON Schema of the wardrobe document. */
    @GetMapping("/schema/wardrobe.json")
    Map<String, Object> schema() {
        return WardrobeSchema.write();
    }
}
