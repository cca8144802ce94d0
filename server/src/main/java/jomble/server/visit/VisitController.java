package jomble.server.visit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import jomble.core.document.Parts;
import jomble.core.visit.Visit;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.WardrobeParts;
import jomble.server.client.WardrobeParts.Kept;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.IfMatch;
import jomble.server.studio.Versions;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** When the stylist saw a client, or will, and what was noted. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}/visits")
class VisitController {
    private static final int EARLIEST_YEAR = 1900;
    private static final int LATEST_YEAR = 2200;

    private final WardrobeParts parts;

    VisitController(WardrobeParts parts) {
        this.parts = parts;
    }

    record NewVisit(
            @NotNull LocalDate date, @Size(max = 2000) String note) {}

    /** What changes of a visit; null leaves it as it is. */
    record VisitChange(LocalDate date, @Size(max = 2000) String note) {}

    record VisitView(String id, long version, LocalDate date, String note) {
        static VisitView of(Kept<Visit> kept) {
            Visit visit = kept.entry();
            return new VisitView(visit.id(), kept.version(), visit.date(), visit.note());
        }
    }

    /** A client's visits, latest first. */
    @GetMapping
    List<VisitView> all(@PathVariable UUID clientId) {
        return parts.entries(clientId, Parts.VISITS).stream()
                .map(VisitView::of)
                .sorted(Comparator.comparing(VisitView::date).reversed())
                .toList();
    }

    /** Adds a visit, past or to come. */
    @Requires(Right.CHANGE_CLIENTS)
    @PostMapping
    ResponseEntity<VisitView> add(@PathVariable UUID clientId, @Valid @RequestBody NewVisit body) {
        Visit visit = new Visit(Ids.next().toString(), checked(body.date()), note(body.note()));
        return tagged(HttpStatus.CREATED, parts.add(clientId, Parts.VISITS, visit));
    }

    /** Changes the fields given, if the visit is still at the version in If-Match. */
    @Requires(Right.CHANGE_CLIENTS)
    @PatchMapping("/{id}")
    ResponseEntity<VisitView> change(
            @PathVariable UUID clientId,
            @PathVariable String id,
            @IfMatch long seen,
            @Valid @RequestBody VisitChange body) {
        return tagged(
                HttpStatus.OK,
                parts.changeEntry(
                        clientId,
                        Parts.VISITS,
                        id,
                        seen,
                        before -> new Visit(
                                id,
                                body.date() == null ? before.date() : checked(body.date()),
                                body.note() == null ? before.note() : note(body.note()))));
    }

    /** Deletes a visit, if it is still at the version in If-Match. Undo restores it. */
    @Requires(Right.CHANGE_CLIENTS)
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID clientId, @PathVariable String id, @IfMatch long seen) {
        parts.deleteEntry(clientId, Parts.VISITS, id, seen);
    }

    private static LocalDate checked(LocalDate date) {
        if (date.getYear() < EARLIEST_YEAR || date.getYear() > LATEST_YEAR) {
            throw ProblemException.conflict(
                    "out-of-range", "A visit is between the years " + EARLIEST_YEAR + " and " + LATEST_YEAR + ".");
        }
        return date;
    }

    private static String note(String note) {
        return note == null ? "" : note.strip();
    }

    private static ResponseEntity<VisitView> tagged(HttpStatus status, Kept<Visit> kept) {
        return ResponseEntity.status(status).eTag(Versions.tag(kept.version())).body(VisitView.of(kept));
    }
}
