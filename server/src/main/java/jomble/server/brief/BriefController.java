package jomble.server.brief;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.brief.Brief;
import jomble.core.brief.Occasion;
import jomble.core.brief.Season;
import jomble.core.climate.Weather;
import jomble.core.document.BriefReader;
import jomble.core.document.Parts;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.WardrobeParts;
import jomble.server.studio.Versions;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Briefs of clients. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}/brief")
class BriefController {
    private final BriefChanges changes;
    private final WardrobeParts parts;

    BriefController(BriefChanges changes, WardrobeParts parts) {
        this.changes = changes;
        this.parts = parts;
    }

    /** @param known whether the climate of all its months is known */
    record BriefSeasonView(String name, List<Integer> months, int middle, boolean known) {}

    /**
     * A brief and what follows from it.
     *
     * @param brief in document form
     * @param usualSeasons whether the seasons are those usual in the climate
     * @param felt by occasion, the temperatures in its hours, in months whose climate is known
     */
    record BriefView(
            Map<String, Object> brief,
            List<BriefSeasonView> seasons,
            boolean usualSeasons,
            List<FeltHoursView> felt,
            long version) {}

    record FeltHoursView(String occasion, List<FeltMonthView> months) {
        static FeltHoursView of(Brief brief, Occasion occasion) {
            return new FeltHoursView(
                    occasion.name(),
                    brief.climate().stream()
                            .filter(month -> occasion.months().isEmpty()
                                    || occasion.months().contains(month.month()))
                            .map(month -> FeltMonthView.of(
                                    month.month(), occasion.hours().of(month.typicalDay())))
                            .toList());
        }
    }

    record FeltMonthView(int month, double lowC, double highC) {
        static FeltMonthView of(int month, Weather felt) {
            return new FeltMonthView(month, felt.lowC(), felt.highC());
        }
    }

    /**
     * A change to parts of a brief.
     *
     * @param set by name of the part, in document form; null resets a part to its default
     * @param seen the same parts as the caller saw them; without them, the version in If-Match is compared
     * @param photos what becomes of photos when the consent to them is taken back: {@code delete} for good, or {@code
     *     keep} unseen
     */
    record BriefChange(
            @NotNull Map<String, Object> set,
            Map<String, Object> seen,
            @Pattern(regexp = "delete|keep") String photos) {}

    /** A client's brief. */
    @GetMapping
    ResponseEntity<BriefView> brief(@PathVariable UUID clientId) {
        long version = parts.version(clientId, Parts.BRIEF);
        return view(parts.get(clientId, Parts.BRIEF), version);
    }

    /**
     * Changes parts of the brief in one step that can be undone; a part with a mistake is refused and nothing is saved.
     */
    @Requires(Right.CHANGE_CLIENTS)
    @PutMapping
    ResponseEntity<BriefView> change(
            @PathVariable UUID clientId,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String seen,
            @Valid @RequestBody BriefChange change) {
        // The fields are the finer measure: two may change different ones at the same time.
        Long version = seen == null || change.seen() != null ? null : Long.valueOf(Versions.of(seen));
        Brief changed = changes.change(clientId, change.set(), change.seen(), version, change.photos());
        return view(changed, parts.version(clientId, Parts.BRIEF));
    }

    private static ResponseEntity<BriefView> view(Brief brief, long version) {
        BriefView view = new BriefView(
                BriefReader.write(brief),
                brief.seasons().stream().map(season -> view(brief, season)).toList(),
                brief.hasUsualSeasons(),
                brief.occasions().stream()
                        .map(occasion -> FeltHoursView.of(brief, occasion))
                        .toList(),
                version);
        return ResponseEntity.ok().eTag(Versions.tag(version)).body(view);
    }

    private static BriefSeasonView view(Brief brief, Season season) {
        return new BriefSeasonView(season.name(), season.months(), season.middle(), brief.knows(season));
    }
}
