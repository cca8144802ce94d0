package jomble.server.counting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import jomble.core.counting.SlotPair;
import jomble.core.document.Question;
import jomble.server.account.MemberAuthentication;
import jomble.server.client.ClientService;
import jomble.server.client.ClientSummary;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioMember;
import jomble.server.studio.StudioRepository;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Counts the largest wardrobes of each studio as soon as the server has started, so that nobody waits for the first figures. */
@Component
class CountingAtStart {
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

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        List<Supplier<LiveCounts.Asked>> all = new ArrayList<>();
        studios.findAll().forEach(studio -> all.addAll(ofStudio(studio)));
        live.countAhead(all);
    }

    private List<Supplier<LiveCounts.Asked>> ofStudio(Studio studio) {
        StudioMember member = new StudioMember(null, studio.id(), "count", studio.name(), studio.currency());
        SecurityContextHolder.getContext().setAuthentication(new MemberAuthentication(member));
        try {
            return clients.all().stream()
                    .filter(client -> client.pieces() > 0)
                    .sorted(Comparator.comparing(ClientSummary::pieces).reversed())
                    .limit(WARDROBES)
                    .flatMap(client -> ofClient(client.id()))
                    .toList();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }

    /** What is stored is read now, while the studio is known; what is asked of it is made when its turn comes. */
    private Stream<Supplier<LiveCounts.Asked>> ofClient(UUID client) {
        Function<Chosen, Question> asking = questions.asking(client);
        return LikelyNext.onOpening(asking.apply(LikelyNext.OPENING).wardrobe())
                .map(chosen -> () -> new LiveCounts.Asked(asking.apply(chosen).toCount(), SlotPair.TOPS_AND_BOTTOMS));
    }
}
