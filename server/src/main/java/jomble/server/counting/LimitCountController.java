package jomble.server.counting;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import jomble.core.brief.Brief;
import jomble.core.climate.ClimateMonth;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.document.Limit;
import jomble.core.document.Wardrobe;
import jomble.core.piece.Attribute;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
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

/** Counts what each limit of a brief takes away from a wardrobe. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}")
class LimitCountController {
    private static final String BASES = "bases";
    private static final String BASES_AND_SHOES = "top,bottom,onepiece,drape,underskirt,shoes";
    private static final String CLOTHES = "clothes";
    private static final String OUTFITS = "outfits";
    /** The field of a brief that matters only with weather. */
    private static final String WARMTH = "/pmvOffset";

    private final ClientQuestions questions;
    private final LiveCounts live;
    private final EventStreams streams;

    LimitCountController(ClientQuestions questions, LiveCounts live, EventStreams streams) {
        this.questions = questions;
        this.live = live;
        this.streams = streams;
    }

    /**
     * The effect of one limit.
     *
     * @param pointer its place in the brief
     * @param occasion the occasion it concerns, or null
     * @param month the month it is counted in, with layers; null for bases without weather
     * @param before number of bases without it
     * @param after number of bases with it
     * @param out ids of pieces that are in no outfit because of it
     * @param fewer ids of pieces that are in fewer
     * @param more ids of pieces that are in more
     * @param lowestHeelCm the lowest heel that a limit to heels would have to allow when it leaves nothing, else null
     * @param missing what a first outfit lacks, when there is none
     */
    record LimitView(
            String pointer,
            @Schema(nullable = true) String occasion,
            @Schema(nullable = true) Integer month,
            Exact before,
            Exact after,
            List<String> out,
            List<String> fewer,
            List<String> more,
            @Schema(nullable = true) Double lowestHeelCm,
            List<String> missing) {}

    /** Streams the effect of every limit of the brief, each as a {@code limit}; then {@code complete}. */
    @GetMapping(path = "/counts/limits", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @StreamedEvent(name = "limit", data = LimitView.class)
    SseEmitter limits(@PathVariable UUID clientId) {
        Wardrobe wardrobe = questions.wardrobe(clientId);
        return streams.openEach(
                "limit",
                questions.limits(clientId).stream()
                        .<Function<Progress, Object>>map(limit -> progress -> limit(limit, wardrobe, progress))
                        .toList());
    }

    private LimitView limit(Limit limit, Wardrobe wardrobe, Progress progress) {
        Integer month = limit.pointer().equals(WARMTH) ? hardestMonth(wardrobe.brief()) : null;
        Chosen withShoes = new Chosen(null, month, limit.occasion(), month == null ? BASES_AND_SHOES : OUTFITS, false);
        Chosen without = new Chosen(null, month, limit.occasion(), month == null ? BASES : CLOTHES, false);
        Counts before = counts(limit.without(), withShoes, progress);
        Counts after = counts(wardrobe, withShoes, progress);
        List<String> out = new ArrayList<>();
        List<String> fewer = new ArrayList<>();
        List<String> more = new ArrayList<>();
        Set<PieceId> pieces = new LinkedHashSet<>(before.perPiece().keySet());
        pieces.addAll(after.perPiece().keySet());
        for (PieceId id : pieces) {
            BigInteger now = after.perPiece().getOrDefault(id, BigInteger.ZERO);
            int change = now.compareTo(before.perPiece().getOrDefault(id, BigInteger.ZERO));
            if (change != 0) {
                (change > 0 ? more : now.signum() == 0 ? out : fewer).add(id.value());
            }
        }
        return new LimitView(
                limit.pointer(),
                limit.occasion(),
                month,
                Exact.of(total(limit.without(), without, progress)),
                Exact.of(total(wardrobe, without, progress)),
                out,
                fewer,
                more,
                after.total().signum() == 0 ? lowestHeel(limit, before) : null,
                after.missing().stream().map(Slot::words).toList());
    }

    /** The lowest heel, in cm, of any outfit without the limit; null for other limits. */
    private static Double lowestHeel(Limit limit, Counts without) {
        if (!limit.pointer().endsWith("/maxHeelCm")) {
            return null;
        }
        return limit.without().pieces().stream()
                .filter(piece -> without.perPiece()
                                .getOrDefault(piece.id(), BigInteger.ZERO)
                                .signum()
                        > 0)
                .map(piece -> piece.get(Attribute.HEEL_CM))
                .filter(Objects::nonNull)
                .min(Comparator.naturalOrder())
                .orElse(null);
    }

    /** The month in which feeling the cold or the heat matters most; null when the climate is unknown. */
    private static Integer hardestMonth(Brief brief) {
        Comparator<ClimateMonth> byMean = Comparator.comparingDouble(month -> month.lowC() + month.highC());
        return brief.climate().stream()
                .min(brief.pmvOffset() < 0 ? byMean : byMean.reversed())
                .map(ClimateMonth::month)
                .orElse(null);
    }

    private Counts counts(Wardrobe wardrobe, Chosen chosen, Progress progress) {
        return live.counts(questions.asking(wardrobe).apply(chosen).toCount(), progress);
    }

    private BigInteger total(Wardrobe wardrobe, Chosen chosen, Progress progress) {
        return live.totals(questions.asking(wardrobe).apply(chosen).toCount(), progress)
                .total();
    }
}
