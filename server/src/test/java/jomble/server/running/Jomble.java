package jomble.server.running;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import jomble.server.JombleApplication;
import jomble.server.account.AccountService;
import jomble.server.studio.Ids;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioRepository;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The application as it runs for a studio, with the demonstration data and a fixed clock. */
public final class Jomble {
    public static final String EMAIL = "stylist@quarterlight.example";
    public static final String PASSWORD = "vessel-bay";
    public static final String TOKEN = "jomble-demo-token-for-quarterlight-only";
    public static final String TODAY = "2027-01-12";
    private static Jomble started;

    private final ConfigurableApplicationContext context;

    private Jomble(ConfigurableApplicationContext context) {
        this.context = context;
    }

    /** Starts it, or answers the one that runs already in this virtual machine. */
    static synchronized Jomble running() {
        if (started == null) {
            try {
                started = start(PrivateMariaDb.start());
            } catch (Exception e) {
                throw new IllegalStateException("the application did not start", e);
            }
        }
        return started;
    }

    /** Another instance over a database, for tests of several instances. */
    static Jomble start(PrivateMariaDb db) {
        Map<String, Object> settings = Map.of(
                "spring.datasource.url",
                db.jdbcUrl(),
                "spring.datasource.username",
                "jomble",
                "spring.datasource.password",
                "jomble",
                "spring.jpa.properties.hibernate.generate_statistics",
                true,
                "logging.level.org.hibernate.engine.internal.StatisticalLoggingSessionEventListener",
                "warn",
                "server.port",
                0,
                "jomble.demo",
                true,
                "jomble.clock",
                TODAY + "T09:00:00Z",
                "jomble.count-seconds",
                10);
        return new Jomble(new SpringApplicationBuilder(JombleApplication.class)
                .properties(settings)
                .run(settings.entrySet().stream()
                        .map(e -> "--" + e.getKey() + "=" + e.getValue())
                        .toArray(String[]::new)));
    }

    public String address() {
        int port = ((WebServerApplicationContext) context).getWebServer().getPort();
        return "http://127.0.0.1:" + port;
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    /** Somebody who has not signed in. */
    public Caller anonymous() {
        return new Caller(address());
    }

    /** A stylist of the demonstration studio, with a session of her own. */
    public Caller stylist() {
        Caller caller = anonymous();
        caller.signIn(EMAIL, PASSWORD);
        return caller;
    }

    /** Another studio, with one account. */
    public UUID newStudio(String name, String email, String password) {
        UUID studio = Ids.next();
        bean(StudioRepository.class).save(new Studio(studio, name, "EUR", Instant.parse(TODAY + "T00:00:00Z")));
        bean(AccountService.class).createAccount(studio, email, password, name);
        return studio;
    }

    /** A program with the demonstration studio's token. */
    public Caller program() {
        return anonymous().bearing(TOKEN);
    }
}
