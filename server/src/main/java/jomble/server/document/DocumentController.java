package jomble.server.document;

import java.util.Map;
import java.util.UUID;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeReader;
import jomble.core.document.WardrobeSchema;
import jomble.core.document.WardrobeWriter;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.kind.KindService;
import jomble.server.piece.PieceBulkService;
import jomble.server.piece.Wardrobes;
import jomble.server.studio.IfMatch;
import jomble.server.studio.Versions;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Lossless export and import of wardrobe documents. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1")
class DocumentController {
    private final PieceBulkService pieces;
    private final Wardrobes wardrobes;
    private final KindService kinds;

    DocumentController(PieceBulkService pieces, Wardrobes wardrobes, KindService kinds) {
        this.pieces = pieces;
        this.wardrobes = wardrobes;
        this.kinds = kinds;
    }

    record Imported(int pieces) {}

    /** Exports everything of a client as a wardrobe document. */
    @GetMapping("/clients/{clientId}/document")
    ResponseEntity<Map<String, Object>> export(@PathVariable UUID clientId) {
        // Asked first: what is written in between makes the version too old, never too new.
        long version = pieces.version(clientId);
        return ResponseEntity.ok().eTag(Versions.tag(version)).body(WardrobeWriter.write(wardrobes.of(clientId)));
    }

    /**
     * Replaces the client's wardrobe by a document, if nothing changed since the version in If-Match; a document with a mistake is
     * refused and nothing is saved.
     */
    @Requires(Right.CHANGE_CLIENTS)
    @PutMapping("/clients/{clientId}/document")
    Imported replace(@PathVariable UUID clientId, @IfMatch long seen, @RequestBody Map<String, Object> document) {
        Wardrobe wardrobe = WardrobeReader.read(document, kinds.all());
        pieces.replaceAll(clientId, wardrobe, seen);
        return new Imported(wardrobe.pieces().size());
    }

    /** The JSON Schema of the wardrobe document. */
    @Requires(Right.PUBLIC)
    @GetMapping("/schema/wardrobe.json")
    Map<String, Object> schema() {
        return WardrobeSchema.write();
    }
}
