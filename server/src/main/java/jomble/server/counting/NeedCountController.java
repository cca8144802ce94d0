package jomble.server.counting;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import jomble.core.brief.Needs;
import jomble.core.brief.Occasion;
import jomble.core.counting.Progress;
import jomble.core.document.Question;
import jomble.core.document.Wardrobe;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Counts whether a wardrobe meets what the client needs. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}")
class NeedCountController {
    private static final String BASES = "bases";

    private final ClientQuestions questions;
    private final LiveCounts live;
    private final EventStreams streams;

    NeedCountController(ClientQuestions questions, LiveCounts live, EventStreams streams) {
        this.questions = questions;
        this.live = live;
        this.streams = streams;
    }

    /**
     * One cell of the table of needs.
     *
     * @param need number of different outfits wanted before one repeats
     * @param set whether the stylist set it; otherwise it follows from how often the occasion comes
     * @param bases number of bases in the season as it is counted everywhere; null when the climate is unknown
     * @param have number of bases that can be worn in the weakest month; null when the climate is unknown
     * @param month the weakest month, null when the climate is unknown
     */
    record NeedView(
            String occasion,
            String season,
            int need,
            boolean set,
            @Schema(nullable = true) Exact bases,
            @Schema(nullable = true) Exact have,
            @Schema(nullable = true) Integer month) {}

    /** Streams the need for every occasion in every season, each as a {@code need}; then {@code complete}. */
    @GetMapping(path = "/counts/needs", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @StreamedEvent(name = "need", data = NeedView.class)
    SseEmitter needs(@PathVariable UUID clientId) {
        Wardrobe wardrobe = questions.wardrobe(clientId);
        Function<Chosen, Question> asking = questions.asking(wardrobe);
        List<Function<Progress, Object>> needs = new ArrayList<>();
        for (Needs.Wanted wanted : Needs.of(wardrobe.brief())) {
            boolean isKnown = wardrobe.brief().knows(wanted.season());
            needs.add(progress -> need(wanted, isKnown ? asking : null, progress));
        }
        return streams.openEach("need", needs);
    }

    /** @param asking null when the climate is unknown */
    private NeedView need(Needs.Wanted wanted, Function<Chosen, Question> asking, Progress progress) {
        Occasion occasion = wanted.occasion();
        BigInteger fewest = null;
        Integer weakest = null;
        for (int month : asking == null ? List.<Integer>of() : wanted.season().months()) {
            if (occasion.months().isEmpty() || occasion.months().contains(month)) {
                Chosen chosen = new Chosen(null, month, occasion.name(), BASES, false);
                BigInteger bases = live.bases(asking.apply(chosen).toCount(), progress);
                if (fewest == null || bases.compareTo(fewest) < 0) {
                    fewest = bases;
                    weakest = month;
                }
            }
        }
        return new NeedView(
                occasion.name(),
                wanted.season().name(),
                wanted.outfits(),
                wanted.isSet(),
                fewest == null ? null : Exact.of(inSeason(wanted, asking, progress)),
                fewest == null ? null : Exact.of(fewest),
                weakest);
    }

    private BigInteger inSeason(Needs.Wanted wanted, Function<Chosen, Question> asking, Progress progress) {
        Chosen season = new Chosen(wanted.season().name(), wanted.occasion().name(), BASES, false);
        return live.bases(asking.apply(season).toCount(), progress);
    }
}
