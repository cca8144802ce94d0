package jomble.server.wear;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.piece.PieceId;
import jomble.core.wear.Wear;
import jomble.core.wear.WearLog;
import jomble.server.client.ClientService;
import jomble.server.document.NamedPieces;
import jomble.server.piece.Wardrobes;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A client's wear log. */
@RestController
@RequestMapping("/api/v1/clients/{clientId}/wears")
class WearController {
    private static final int EARLIEST_YEAR = 1900;

    private final ClientService clients;
    private final Wardrobes wardrobes;
    private final Clock clock;

    WearController(ClientService clients, Wardrobes wardrobes, Clock clock) {
        this.clients = clients;
        this.wardrobes = wardrobes;
        this.clock = clock;
    }

    /** @param date null for today */
    record WearRequest(LocalDate date, List<String> pieces) {}

    /** How often a piece was worn since the log began, and when last. */
    record WornView(int times, LocalDate last) {}

    /** By piece id; pieces never worn are omitted. */
    @GetMapping
    Map<String, WornView> worn(@PathVariable UUID clientId) {
        WearLog log = clients.wardrobeWithoutPieces(clientId).wears();
        Map<PieceId, Integer> times = log.times();
        Map<String, WornView> worn = new LinkedHashMap<>();
        log.lastWorn().forEach((piece, last) -> worn.put(piece.value(), new WornView(times.get(piece), last)));
        return worn;
    }

    /** Records that pieces of the wardrobe were worn together. */
    @PostMapping
    Map<String, WornView> wear(@PathVariable UUID clientId, @RequestBody WearRequest request) {
        LocalDate today = LocalDate.now(clock);
        LocalDate date = request.date() == null ? today : request.date();
        if (date.isAfter(today)) {
            throw ProblemException.conflict("in-the-future", "Nothing can have been worn after today, " + today + ".");
        }
        if (date.getYear() < EARLIEST_YEAR) {
            throw ProblemException.conflict("too-early", "Nothing is written down from before " + EARLIEST_YEAR + ".");
        }
        if (request.pieces() == null || request.pieces().isEmpty()) {
            throw ProblemException.conflict("no-pieces", "Name at least one piece.");
        }
        Wear wear = new Wear(date, NamedPieces.read("/pieces", request.pieces(), wardrobes.of(clientId)));
        clients.changeFrame(clientId, Ids.next(), wardrobe -> wardrobe.worn(wear));
        return worn(clientId);
    }
}
