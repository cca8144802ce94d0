package jomble.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import jomble.core.sample.SampleWardrobe;
import tools.jackson.databind.json.JsonMapper;

/**
 * Many stylists at once over HTTP, each with a client of her own: she looks at the list, changes a piece, asks for outfits, and watches the
 * ladder and the counts come, again and again. Prints how long each took. Run against {@code ./jomble demo}:
 * {@code -Dbench.main=jomble.bench.LoadRun -Dbench.arguments="http://127.0.0.1:8080 20 240 60"}.
 */
public final class LoadRun {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String EMAIL = "stylist@quarterlight.example";
    private static final String PASSWORD = "vessel-bay";
    private static final double COLOURFUL = 0.55;
    private static final List<String> COLOURS = List.of("#22304d", "#c0272d", "#f7f7f5", "#2f6d4f");

    private final String address;
    private final int pieces;
    private final long endNanos;
    private final Map<String, ConcurrentLinkedQueue<Double>> millis = new LinkedHashMap<>();
    private final AtomicInteger errors = new AtomicInteger();

    private LoadRun(String address, int pieces, int seconds) {
        this.address = address;
        this.pieces = pieces;
        this.endNanos = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        for (String what :
                List.of("list", "edit", "outfits", "first step of the ladder", "whole ladder", "first counts")) {
            millis.put(what, new ConcurrentLinkedQueue<>());
        }
    }

    /** @param arguments address, stylists, pieces of each client, seconds */
    public static void main(String[] arguments) throws InterruptedException {
        int stylists = Integer.parseInt(arguments[1]);
        LoadRun run = new LoadRun(arguments[0], Integer.parseInt(arguments[2]), Integer.parseInt(arguments[3]));
        ExecutorService threads = Executors.newFixedThreadPool(stylists);
        for (int i = 0; i < stylists; i++) {
            long seed = i;
            threads.execute(() -> run.stylist(seed));
        }
        threads.shutdown();
        threads.awaitTermination(1, TimeUnit.HOURS);
        System.out.println("| what | times | p50 ms | p95 ms | worst ms |\n|---|---|---|---|---|");
        run.millis.forEach((what, times) -> {
            double[] sorted =
                    times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
            if (sorted.length > 0) {
                System.out.printf(
                        "| %s | %d | %.0f | %.0f | %.0f |%n",
                        what, sorted.length, part(sorted, 0.5), part(sorted, 0.95), part(sorted, 1));
            }
        });
        System.out.println("errors: " + run.errors);
    }

    private static double part(double[] sorted, double fraction) {
        return sorted[Math.min(sorted.length - 1, (int) (fraction * sorted.length))];
    }

    private void stylist(long seed) {
        Page page = new Page();
        page.send("GET", "/api/v1/session", null);
        HttpResponse<String> signedIn =
                page.send("POST", "/api/v1/session", Map.of("email", EMAIL, "password", PASSWORD));
        if (signedIn.statusCode() != 200) {
            page.fail("sign-in", signedIn.body());
            return;
        }
        String id = JSON.readTree(page.send("POST", "/api/v1/clients", Map.of("name", "Load " + seed))
                        .body())
                .get("id")
                .asString();
        String client = "/api/v1/clients/" + id;
        page.send("PUT", client + "/document", Map.of("pieces", SampleWardrobe.pieces(seed, pieces, COLOURFUL)));
        for (int round = 0; System.nanoTime() < endNanos; round++) {
            ROUND.set(round);
            timed("list", () -> page.send("GET", client + "/pieces", null));
            Map<String, Object> change = Map.of(
                    "set",
                    Map.of("notes", "round " + round),
                    "seen",
                    Map.of("p" + (1 + round % pieces), round / pieces));
            timed("edit", () -> page.send("POST", client + "/pieces/change", change));
            timed("outfits", () -> page.send("GET", client + "/outfits?counting=bases&limit=50", null));
            page.stream(client + "/counts/ladder", "step", "first step of the ladder", "whole ladder");
            page.stream(client + "/counts?counting=clothes", "counts", "first counts", null);
        }
    }

    /** The first round of each, while the wardrobes of all are imported, is not counted. */
    private static final ThreadLocal<Integer> ROUND = ThreadLocal.withInitial(() -> 0);

    private void timed(String what, Runnable work) {
        long begin = System.nanoTime();
        work.run();
        took(what, begin);
    }

    private void took(String what, long beginNanos) {
        if (ROUND.get() > 0) {
            millis.get(what).add((System.nanoTime() - beginNanos) / 1e6);
        }
    }

    /** A browser's session. */
    private final class Page {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient http =
                HttpClient.newBuilder().cookieHandler(cookies).build();

        private HttpRequest.Builder request(String path) {
            HttpRequest.Builder builder =
                    HttpRequest.newBuilder(URI.create(address + path)).timeout(Duration.ofMinutes(5));
            cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                    .forEach(cookie -> builder.header("X-XSRF-TOKEN", cookie.getValue()));
            return builder;
        }

        HttpResponse<String> send(String method, String path, Object body) {
            HttpRequest.Builder builder = request(path);
            builder.method(
                    method,
                    body == null
                            ? HttpRequest.BodyPublishers.noBody()
                            : HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)));
            builder.header("Content-Type", "application/json");
            try {
                HttpResponse<String> response = http.send(builder.build(), BodyHandlers.ofString());
                if (response.statusCode() >= 400 && !path.endsWith("/session")) {
                    fail(path, response.statusCode() + " " + response.body());
                }
                return response;
            } catch (IOException e) {
                fail(path, e.toString());
                throw new UncheckedIOException(e);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }

        /** Listens until the stream ends. */
        void stream(String path, String first, String tillFirst, String tillEnd) {
            long begin = System.nanoTime();
            boolean isFirst = true;
            boolean isWhole = false;
            try {
                HttpResponse<InputStream> response = http.send(request(path).build(), BodyHandlers.ofInputStream());
                BufferedReader lines =
                        new BufferedReader(new InputStreamReader(response.body(), StandardCharsets.UTF_8));
                for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                    isWhole |= line.equals("event:complete");
                    if (isFirst && (line.equals("event:" + first) || line.equals("event:complete"))) {
                        took(tillFirst, begin);
                        isFirst = false;
                    }
                }
                if (tillEnd != null) {
                    took(tillEnd, begin);
                }
                if (!isWhole) {
                    fail(path, "ended before it was complete, " + response.statusCode());
                }
            } catch (IOException e) {
                fail(path, e.toString());
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }

        private void fail(String path, String why) {
            errors.incrementAndGet();
            System.err.println(path + ": " + why.substring(0, Math.min(200, why.length())));
        }
    }
}
