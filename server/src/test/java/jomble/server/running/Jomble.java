package jomble.server.running;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import jomble.server.JombleApplication;
import jomble.server.account.AccountService;
import jomble.server.studio.Ids;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioRepository;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The application as it runs for a studio, with the demonstration data and a fixed clock: one instance, or as many as the system property
 * {@value #INSTANCES} says, over one database, with callers that ask them in turn.
 */
public final class Jomble implements AutoCloseable {
    public static final String EMAIL = "stylist@quarterlight.example";
    public static final String PASSWORD = "vessel-bay";
    public static final String TOKEN = "jomble-demo-token-for-quarterlight-only";
    public static final String TODAY = "2027-01-12";
    static final String INSTANCES = "jomble.instances";
    private static Jomble started;
    private static PrivateMariaDb database;

    private final List<ConfigurableApplicationContext> instances;

    private Jomble(List<ConfigurableApplicationContext> instances) {
        this.instances = instances;
    }

    /** Starts it, or answers the one that runs already in this virtual machine. */
    static synchronized Jomble running() {
        if (started == null) {
            try {
                database = PrivateMariaDb.start();
                started = new Jomble(IntStream.range(0, Integer.getInteger(INSTANCES, 1))
                        .mapToObj(i -> instance(database, Map.of()))
                        .toList());
            } catch (Exception e) {
                throw new IllegalStateException("the application did not start", e);
            }
        }
        return started;
    }

    /** Starts another instance over the database of the one that runs already. */
    public static Jomble another() {
        return another(Map.of());
    }

    /** @param settings other than usual */
    public static Jomble another(Map<String, Object> settings) {
        return start(database, settings);
    }

    /**
     * Starts one of its own.
     *
     * @param settings other than usual
     */
    public static Jomble start(PrivateMariaDb db, Map<String, Object> settings) {
        return new Jomble(List.of(instance(db, settings)));
    }

    private static ConfigurableApplicationContext instance(PrivateMariaDb db, Map<String, Object> other) {
        Map<String, Object> settings = new HashMap<>(Map.of(
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
                60));
        settings.putAll(other);
        return new SpringApplicationBuilder(JombleApplication.class)
                .properties(settings)
                .run(settings.entrySet().stream()
                        .map(e -> "--" + e.getKey() + "=" + e.getValue())
                        .toArray(String[]::new));
    }

    /** Of the first instance. */
    public String address() {
        return address(instances.get(0));
    }

    private static String address(ConfigurableApplicationContext instance) {
        int port = ((WebServerApplicationContext) instance).getWebServer().getPort();
        return "http://127.0.0.1:" + port;
    }

    /** Of the first instance. */
    public <T> T bean(Class<T> type) {
        return instances.get(0).getBean(type);
    }

    /** Somebody who has not signed in. */
    public Caller anonymous() {
        return new Caller(instances.stream().map(Jomble::address).toList());
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

    @Override
    public void close() {
        instances.forEach(ConfigurableApplicationContext::close);
    }
}
