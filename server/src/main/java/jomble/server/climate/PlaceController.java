package jomble.server.climate;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import jomble.core.climate.ClimateMonth;
import jomble.core.climate.Places;
import jomble.core.document.ClimateTable;
import jomble.core.document.Parts;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.WardrobeParts;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where clients live: built-in places, custom climates, and the forecast. */
@RestController
@Requires(Right.READ_REFERENCE)
@RequestMapping("/api/v1")
class PlaceController {
    private final WardrobeParts parts;
    private final ComingDays days;

    PlaceController(WardrobeParts parts, ComingDays days) {
        this.parts = parts;
        this.days = days;
    }

    record PlaceMonthView(int month, double lowC, double highC, double humidity, double windMs, double rainDays) {
        static PlaceMonthView of(ClimateMonth month) {
            return new PlaceMonthView(
                    month.month(),
                    month.lowC(),
                    month.highC(),
                    month.humidityPercent(),
                    month.windMs(),
                    month.rainDays());
        }
    }

    record PlaceView(String name, String type, List<PlaceMonthView> months) {}

    record ClimateText(@NotNull @Size(max = 20_000) String text) {}

    record ForecastDayView(LocalDate date, double lowC, double highC, double windMs, double rainChance) {}

    /** The built-in places and their climate, month by month. */
    @GetMapping("/places")
    List<PlaceView> places() {
        return Places.shipped().stream()
                .map(place -> new PlaceView(place.name(), place.type(), views(place.months())))
                .toList();
    }

    /** Parses twelve months of typed or pasted climate; nothing is saved. */
    @PostMapping("/climate/read")
    List<PlaceMonthView> read(@Valid @RequestBody ClimateText body) {
        Node node = Node.at("/text", body.text());
        List<ClimateMonth> months = ClimateTable.read(node);
        node.finish();
        return views(months);
    }

    /**
     * The next week at the client's place; empty when its climate is unknown.
     *
     * @param today the caller's day; by default the server's, in UTC
     */
    @GetMapping("/clients/{clientId}/forecast")
    List<ForecastDayView> forecast(@PathVariable UUID clientId, @RequestParam(required = false) LocalDate today) {
        return days.of(parts.get(clientId, Parts.BRIEF), today).stream()
                .map(day -> new ForecastDayView(
                        day.date(),
                        day.weather().lowC(),
                        day.weather().highC(),
                        day.weather().windMs(),
                        day.weather().rainChance()))
                .toList();
    }

    private static List<PlaceMonthView> views(List<ClimateMonth> months) {
        return months.stream().map(PlaceMonthView::of).toList();
    }
}
