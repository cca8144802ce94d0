package jomble.server.brief;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import jomble.core.brief.Brief;
import jomble.core.climate.ClimateMonth;
import jomble.core.climate.Forecast;
import jomble.core.climate.Places;
import jomble.core.document.ClimateTable;
import jomble.core.tree.Node;
import jomble.server.client.ClientService;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where clients live: shipped places, climates of one's own, and the weather to come. */
@RestController
@RequestMapping("/api/v1")
class PlaceController {
    private static final int FORECAST_DAYS = 7;

    private final ClientService clients;
    private final Forecast forecast;
    private final Clock clock;

    PlaceController(ClientService clients, Forecast forecast, Clock clock) {
        this.clients = clients;
        this.forecast = forecast;
        this.clock = clock;
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

    @GetMapping("/places")
    List<PlaceView> places() {
        return Places.shipped().stream()
                .map(place -> new PlaceView(place.name(), place.type(), views(place.months())))
                .toList();
    }

    /** Reads twelve months as somebody typed or pasted them; nothing is kept. */
    @PostMapping("/climate/read")
    List<PlaceMonthView> read(@Valid @RequestBody ClimateText body) {
        Node node = Node.at("/text", body.text());
        List<ClimateMonth> months = ClimateTable.read(node);
        node.finish();
        return views(months);
    }

    /** The coming week at the client's place; empty where its climate is not known. */
    @GetMapping("/clients/{clientId}/forecast")
    List<ForecastDayView> forecast(@PathVariable UUID clientId) {
        Brief brief = clients.wardrobeWithoutPieces(clientId).brief();
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
        boolean isKnown = today.datesUntil(today.plusDays(FORECAST_DAYS))
                .allMatch(day -> brief.climateOf(day.getMonthValue()).isPresent());
        if (!isKnown) {
            return List.of();
        }
        String place = brief.place() == null ? "" : brief.place();
        return forecast.days(place, brief.climate(), today, FORECAST_DAYS).stream()
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
