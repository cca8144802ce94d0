package jomble.server.wear;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.document.Parts;
import jomble.core.piece.PieceId;
import jomble.core.wear.Wear;
import jomble.core.wear.WearLog;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.WardrobeParts;
import jomble.server.client.WardrobeParts.Kept;
import jomble.server.document.NamedPieces;
import jomble.server.piece.Wardrobes;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.Today;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A client's wear log. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}/wears")
class WearController {
    private static final int EARLIEST_YEAR = 1900;

    private final WardrobeParts parts;
    private final Wardrobes wardrobes;
    private final Clock clock;

    WearController(WardrobeParts parts, Wardrobes wardrobes, Clock clock) {
        this.parts = parts;
        this.wardrobes = wardrobes;
        this.clock = clock;
    }

    /** @param date the day in the caller's calendar; null for today in UTC */
    record WearRequest(LocalDate date, @Size(max = 40) List<String> pieces) {}

    /** How often a piece was worn since the log began, and when last. */
    record WornView(int times, LocalDate last) {}

    /** An entry of the log. */
    record WearView(String id, long version, LocalDate date, List<String> pieces) {
        static WearView of(Kept<Wear> kept) {
            Wear wear = kept.entry();
            return new WearView(
                    wear.id(),
                    kept.version(),
                    wear.date(),
                    wear.pieces().stream().map(PieceId::value).toList());
        }
    }

    /** By piece id; pieces never worn are omitted. */
    @GetMapping
    Map<String, WornView> worn(@PathVariable UUID clientId) {
        WearLog log = wardrobes.of(clientId).wears();
        Map<PieceId, Integer> times = log.times();
        Map<String, WornView> worn = new LinkedHashMap<>();
        log.lastWorn().forEach((piece, last) -> worn.put(piece.value(), new WornView(times.get(piece), last)));
        return worn;
    }

    /** Records that pieces of the wardrobe were worn together. */
    @Requires(Right.RECORD_PIECES)
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    WearView wear(@PathVariable UUID clientId, @Valid @RequestBody WearRequest request) {
        LocalDate latest = Today.latest(clock);
        LocalDate date = request.date() == null ? Today.of(null, clock) : request.date();
        if (date.isAfter(latest)) {
            throw ProblemException.conflict("in-the-future", "Nothing can have been worn after " + latest + ".");
        }
        if (date.getYear() < EARLIEST_YEAR) {
            throw ProblemException.conflict("too-early", "Nothing is written down from before " + EARLIEST_YEAR + ".");
        }
        if (request.pieces() == null || request.pieces().isEmpty()) {
            throw ProblemException.conflict("no-pieces", "Name at least one piece.");
        }
        List<PieceId> pieces = NamedPieces.read("/pieces", request.pieces(), wardrobes.of(clientId));
        Wear wear = new Wear(Ids.next().toString(), date, pieces);
        return WearView.of(parts.add(clientId, Parts.WEARS, wear));
    }
}
