package jomble.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import jomble.core.document.WardrobeReader;
import jomble.core.piece.Kinds;
import jomble.core.sample.SampleWardrobe;
import jomble.server.account.AccountService;
import jomble.server.account.OnBehalf;
import jomble.server.client.Client;
import jomble.server.client.ClientService;
import jomble.server.piece.PieceBulkService;
import jomble.server.studio.Ids;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioRepository;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Loads the demonstration studio into an empty database through the regular import, all or nothing, so that an
 * interrupted start is repeated by the next.
 */
@Component
@ConditionalOnProperty("jomble.demo")
class DemoLoader implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
    private static final String EMAIL = "stylist@quarterlight.example";
    private static final String PASSWORD = "vessel-bay";
    private static final String TOKEN = "jomble-demo-token-for-quarterlight-only";

    private static final long SEED = 19_480_914;
    private static final int LARGE_SIZE = 240;
    private static final double COLOURFUL = 0.55;
    private static final List<Map<String, Object>> LARGE = SampleWardrobe.pieces(SEED, LARGE_SIZE, COLOURFUL);

    private final StudioRepository studios;
    private final AccountService accounts;
    private final ClientService clients;
    private final PieceBulkService pieces;
    private final JsonMapper json;
    private final TransactionOperations transaction;
    private final Clock clock;

    DemoLoader(
            StudioRepository studios,
            AccountService accounts,
            ClientService clients,
            PieceBulkService pieces,
            JsonMapper json,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.studios = studios;
        this.accounts = accounts;
        this.clients = clients;
        this.pieces = pieces;
        this.json = json;
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (studios.count() > 0) {
            return;
        }
        Studio studio = new Studio(Ids.next(), "Quarterlight Styling", "EUR", clock.instant());
        OnBehalf.of(
                studio,
                "demo",
                () -> transaction.execute(status -> {
                    load(studio);
                    return studio;
                }));
        LOG.info("loaded the demonstration studio");
    }

    private void load(Studio studio) {
        studios.save(studio);
        accounts.createAccount(studio.id(), EMAIL, PASSWORD, "Quarterlight stylist");
        accounts.createToken(studio.id(), "demo", TOKEN);
        load("Ines Halvard", "/demo/ines-halvard.json");
        load("Tomas Redfern", "/demo/tomas-redfern.json");
        load("Anjali Brandt", "/demo/anjali-brandt.json");
        load("Odile Marchetti-Szabo", "/demo/odile-marchetti-szabo.json", LARGE);
        clients.create("New client");
    }

    private void load(String name, String resource) {
        load(name, resource, List.of());
    }

    /** @param madeUp pieces in document form, added if the resource has none */
    private void load(String name, String resource, List<Map<String, Object>> madeUp) {
        Client client = clients.create(name);
        try (InputStream in = DemoLoader.class.getResourceAsStream(resource)) {
            Map<String, Object> document = json.readValue(in, new TypeReference<>() {});
            if (!madeUp.isEmpty()) {
                document.put("pieces", madeUp);
            }
            pieces.replaceAll(client.id(), WardrobeReader.read(document, Kinds.shipped()), 0);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
