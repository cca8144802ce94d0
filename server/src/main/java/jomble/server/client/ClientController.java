package jomble.server.client;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import jomble.core.brief.Brief;
import jomble.core.brief.Occasion;
import jomble.core.document.Parts;
import jomble.core.piece.PieceSet;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.WardrobeParts.Kept;
import jomble.server.studio.Today;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The studio's clients. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients")
class ClientController {
    private final ClientService clients;
    private final WardrobeParts parts;
    private static final int LONGEST_NAME = 120;

    private final Clock clock;

    ClientController(ClientService clients, WardrobeParts parts, Clock clock) {
        this.clients = clients;
        this.parts = parts;
        this.clock = clock;
    }

    record NewClient(@NotBlank @Size(max = LONGEST_NAME) String name) {}

    record OccasionView(String name, int formalityLow, int formalityHigh) {}

    record MonthView(int month, double lowC, double highC) {}

    record SetView(String id, long version, String kind, String label) {}

    /** @param id identifies it in requests; what works in one of its months works in it */
    record AskedSeasonView(String id, List<Integer> months) {}

    /** @param seasons those whose climate is known */
    record ClientView(
            UUID id,
            String name,
            List<OccasionView> occasions,
            List<MonthView> climate,
            List<AskedSeasonView> seasons,
            List<SetView> sets) {}

    /**
     * The studio's clients, each with the number of pieces, the last visit and the next.
     *
     * @param today the caller's day; by default the server's, in UTC
     */
    @GetMapping
    List<ClientSummary> all(@RequestParam(required = false) LocalDate today) {
        return clients.all(Today.of(today, clock));
    }

    /** Adds a client. */
    @Requires(Right.CHANGE_CLIENTS)
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ClientSummary create(@Valid @RequestBody NewClient body) {
        Node name = Node.at("/name", body.name().strip());
        name.text(1, LONGEST_NAME);
        name.finish();
        Client client = clients.create(body.name().strip());
        return new ClientSummary(client.id(), client.name(), 0, null, null);
    }

    /** A client with the seasons and occasions that can be chosen. */
    @GetMapping("/{id}")
    ClientView one(@PathVariable UUID id) {
        Brief brief = parts.get(id, Parts.BRIEF);
        return new ClientView(
                id,
                clients.find(id).name(),
                brief.occasions().stream().map(ClientController::view).toList(),
                brief.climate().stream()
                        .map(m -> new MonthView(m.month(), m.lowC(), m.highC()))
                        .toList(),
                AskedSeason.of(brief).stream()
                        .filter(season -> !season.id().isEmpty())
                        .map(season -> new AskedSeasonView(season.id(), season.months()))
                        .toList(),
                parts.entries(id, Parts.SETS).stream()
                        .map(ClientController::view)
                        .toList());
    }

    private static SetView view(Kept<PieceSet> kept) {
        PieceSet set = kept.entry();
        return new SetView(set.id(), kept.version(), set.kind().id(), set.label());
    }

    private static OccasionView view(Occasion occasion) {
        return new OccasionView(occasion.name(), occasion.formalityLow(), occasion.formalityHigh());
    }
}
