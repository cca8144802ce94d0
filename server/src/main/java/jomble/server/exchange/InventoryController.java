package jomble.server.exchange;

import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.tree.Problem;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.ClientService;
import jomble.server.kind.KindService;
import jomble.server.piece.PieceBulkService;
import jomble.server.piece.PieceService;
import jomble.server.piece.PieceService.Kept;
import jomble.server.problem.ProblemException;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The inventory as CSV: import with a preview, and export. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}")
class InventoryController {
    private static final String CSV = "text/csv";

    private final PieceService pieces;
    private final PieceBulkService bulk;
    private final ClientService clients;
    private final KindService kinds;

    InventoryController(PieceService pieces, PieceBulkService bulk, ClientService clients, KindService kinds) {
        this.pieces = pieces;
        this.bulk = bulk;
        this.clients = clients;
        this.kinds = kinds;
    }

    /**
     * The effect of importing a row.
     *
     * @param action add, change, same or refuse
     * @param problems the pointer is the column
     */
    record RowView(int row, String action, String id, String label, String kind, List<Problem> problems) {}

    record PreviewView(int add, int change, int same, int refuse, List<RowView> rows) {}

    record AppliedView(int added, int changed) {}

    /** The pieces of a client as CSV. */
    @GetMapping(path = "/inventory.csv", produces = CSV + ";charset=UTF-8")
    ResponseEntity<String> export(@PathVariable UUID clientId) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("inventory " + clients.find(clientId).name() + ".csv", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(CsvFile.write(
                        pieces.all(clientId).stream().map(Kept::piece).toList()));
    }

    /** Previews the import row by row, with problems; nothing is saved. */
    @PostMapping(path = "/inventory/preview", consumes = CSV)
    PreviewView preview(@PathVariable UUID clientId, @RequestBody(required = false) byte[] csv) {
        Map<String, Piece> present = present(clientId);
        Map<String, Integer> sums = new LinkedHashMap<>();
        List<RowView> rows = CsvFile.read(csv, pieces.upcomingNumber(clientId), kinds.all()).stream()
                .map(row -> view(row, present))
                .toList();
        rows.forEach(row -> sums.merge(row.action(), 1, Integer::sum));
        return new PreviewView(
                sums.getOrDefault("add", 0),
                sums.getOrDefault("change", 0),
                sums.getOrDefault("same", 0),
                sums.getOrDefault("refuse", 0),
                rows);
    }

    /**
     * Imports rows in one step: all of them, refused as a whole when one has a problem, or the chosen ones.
     *
     * @param rows numbers of the chosen rows; none for all
     */
    @Requires(Right.RECORD_PIECES)
    @PostMapping(path = "/inventory", consumes = CSV)
    AppliedView apply(
            @PathVariable UUID clientId,
            @RequestBody(required = false) byte[] csv,
            @RequestParam(required = false) List<Integer> rows,
            @RequestParam(defaultValue = "false") boolean goodOnly) {
        Map<String, Piece> present = present(clientId);
        List<CsvFile.Row> chosen = CsvFile.read(csv, pieces.upcomingNumber(clientId), kinds.all()).stream()
                .filter(row -> rows == null || rows.contains(row.number()))
                .filter(row -> !goodOnly || row.piece() != null)
                .toList();
        chosen.stream().filter(row -> row.piece() == null).findFirst().ifPresent(row -> {
            Problem problem = row.problems().get(0);
            throw ProblemException.conflict(
                    "row-refused",
                    "Row " + row.number() + ", " + problem.pointer() + ": " + problem.message()
                            + ". Nothing was saved; leave the row out or mend it.");
        });
        Set<PieceId> unnamed = new HashSet<>();
        chosen.stream()
                .filter(row -> !row.named())
                .forEach(row -> unnamed.add(row.piece().id()));
        List<Piece> changes = chosen.stream()
                .map(CsvFile.Row::piece)
                .filter(piece -> unnamed.contains(piece.id())
                        || !isSame(piece, present.get(piece.id().value())))
                .toList();
        bulk.merge(clientId, changes, unnamed);
        int changed = (int) changes.stream()
                .filter(piece -> !unnamed.contains(piece.id())
                        && present.containsKey(piece.id().value()))
                .count();
        return new AppliedView(changes.size() - changed, changed);
    }

    private Map<String, Piece> present(UUID clientId) {
        Map<String, Piece> present = new LinkedHashMap<>();
        pieces.all(clientId).forEach(kept -> present.put(kept.piece().id().value(), kept.piece()));
        return present;
    }

    /** Whether a row changes nothing; a label that equals the derived one is no change. */
    private static boolean isSame(Piece piece, Piece before) {
        return before != null && CsvFile.withLabel(piece).equals(CsvFile.withLabel(before));
    }

    private static RowView view(CsvFile.Row row, Map<String, Piece> present) {
        Piece piece = row.piece();
        if (piece == null) {
            return new RowView(row.number(), "refuse", null, row.name(), null, row.problems());
        }
        Piece before = present.get(piece.id().value());
        String action = before == null ? "add" : isSame(piece, before) ? "same" : "change";
        return new RowView(
                row.number(),
                action,
                piece.id().value(),
                piece.label(),
                piece.kind().words(),
                List.of());
    }
}
