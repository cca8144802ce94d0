package jomble.server.counting;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import jomble.core.counting.SlotPair;
import jomble.core.document.Question;
import jomble.server.account.OnBehalf;
import jomble.server.client.ClientService;
import jomble.server.client.ClientSummary;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioRepository;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Counts the largest wardrobes of each studio after the server has started, so that the first figures are ready. */
@Component
class CountingAtStart {
    private static final Logger LOG = LoggerFactory.getLogger(CountingAtStart.class);
    private static final int WARDROBES = 2;

    private final StudioRepository studios;
    private final ClientService clients;
    private final ClientQuestions questions;
    private final LiveCounts live;

    CountingAtStart(StudioRepository studios, ClientService clients, ClientQuestions questions, LiveCounts live) {
        this.studios = studios;
        this.clients = clients;
        this.questions = questions;
        this.live = live;
    }

    /** A failure here must not affect the running server. */
    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        List<Supplier<LiveCounts.Asked>> all = new ArrayList<>();
        for (Studio studio : studios.findAll()) {
            try {
                all.addAll(OnBehalf.of(studio, "count", this::ofLargest));
            } catch (RuntimeException e) {
                LOG.warn("nothing is counted ahead for a studio", e);
            }
        }
        live.countAhead(all);
    }

    private List<Supplier<LiveCounts.Asked>> ofLargest() {
        return clients.all(LocalDate.EPOCH).stream()
                .filter(client -> client.pieces() > 0)
                .sorted(Comparator.comparing(ClientSummary::pieces).reversed())
                .limit(WARDROBES)
                .flatMap(client -> ofClient(client.id()))
                .toList();
    }

    /** Reads the stored wardrobe now, while the studio is set; builds the questions when their turn comes. */
    private Stream<Supplier<LiveCounts.Asked>> ofClient(UUID client) {
        Function<Chosen, Question> asking = questions.asking(client);
        return LikelyNext.onOpening(asking.apply(LikelyNext.OPENING).wardrobe())
                .map(chosen -> () -> new LiveCounts.Asked(asking.apply(chosen).toCount(), SlotPair.TOPS_AND_BOTTOMS));
    }
}
