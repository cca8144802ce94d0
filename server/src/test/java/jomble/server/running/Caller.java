package jomble.server.running;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLDecoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;

/** Speaks HTTP to the application as a browser or a program would, cookies and CSRF token included. */
public final class Caller {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final List<String> addresses;
    private final AtomicInteger requests = new AtomicInteger();
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private String token;
    private boolean sendsCsrf = true;

    /** @param addresses of the instances, asked in turn */
    Caller(List<String> addresses) {
        this.addresses = addresses;
    }

    /** Somebody who has not signed in to an application that runs elsewhere. */
    public static Caller at(String address) {
        return new Caller(List.of(address));
    }

    /** An answer; the body is text, or a tree of maps and lists when it is JSON. */
    public record Answer(int status, java.net.http.HttpHeaders headers, String text) {
        @SuppressWarnings("unchecked")
        public Map<String, Object> json() {
            return JSON.readValue(text, Map.class);
        }

        @SuppressWarnings("unchecked")
        public List<Map<String, Object>> list() {
            return JSON.readValue(text, List.class);
        }

        /** Reads a value deep in the JSON, by names and indices. */
        public Object at(Object... path) {
            return Arrays.stream(path)
                    .reduce(
                            JSON.readValue(text, Object.class),
                            (tree, step) -> step instanceof Integer i
                                    ? ((List<?>) tree).get(i)
                                    : ((Map<?, ?>) tree).get(step.toString()));
        }
    }

    /** The same session, as a page from elsewhere would use it. */
    public Caller withoutCsrf() {
        sendsCsrf = false;
        return this;
    }

    Caller bearing(String apiToken) {
        this.token = apiToken;
        return this;
    }

    public void signIn(String email, String password) {
        get("/api/v1/session");
        Answer answer = post("/api/v1/session", Map.of("email", email, "password", password));
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.text());
        }
    }

    /** Adds a client with no pieces, and answers the path to it. */
    public String newClient() {
        String name = "Client " + UUID.randomUUID();
        return "/api/v1/clients/"
                + post("/api/v1/clients", Map.of("name", name)).at("id");
    }

    public Answer get(String path) {
        return send("GET", path, null);
    }

    public Answer post(String path, Object body) {
        return send("POST", path, body);
    }

    /** Replaces what is there now, as a page that has just looked would; with headers, those are sent instead. */
    public Answer put(String path, Object body, String... headers) {
        return send("PUT", path, body, headers.length == 0 ? now(path) : headers);
    }

    /** Changes what is there now; with headers, those are sent instead. */
    public Answer patch(String path, Object body, String... headers) {
        return send("PATCH", path, body, headers.length == 0 ? now(path) : headers);
    }

    /** Deletes what is there now; with headers, those are sent instead. */
    public Answer delete(String path, String... headers) {
        return send("DELETE", path, null, headers.length == 0 ? now(path) : headers);
    }

    /** The version of what a path names, as If-Match. */
    private String[] now(String path) {
        return new String[] {"If-Match", tag(path)};
    }

    /** The tag of its answer or of the list it is in, or the version of its entry there. */
    public String tag(String path) {
        String plain = path.split("\\?")[0].replaceAll("/offered$", "");
        String above = plain.substring(0, plain.lastIndexOf('/'));
        Answer own = get(plain);
        Answer list = get(above.endsWith("/sets") ? above.replaceAll("/sets$", "") : above);
        Optional<String> tag =
                own.headers().firstValue("ETag").or(() -> list.headers().firstValue("ETag"));
        if (tag.isPresent()) {
            return tag.get();
        }
        String id = URLDecoder.decode(plain.substring(plain.lastIndexOf('/') + 1), UTF_8);
        Set<String> named =
                Arrays.stream(path.replaceAll(".*\\?|piece=", "").split("&")).collect(Collectors.toSet());
        return Stream.of(own, list)
                .flatMap(Caller::entries)
                .filter(entry -> id.equals(entry.get("id"))
                        || entry.get("pieces") instanceof List<?> pieces && named.equals(Set.copyOf(pieces)))
                .map(entry -> "\"" + entry.getOrDefault("change", entry.get("version")) + "\"")
                .findFirst()
                .orElse("\"0\"");
    }

    /** The entries of a list, or of the list a client's sets or saved formulas are in. */
    @SuppressWarnings("unchecked")
    private static Stream<Map<?, Object>> entries(Answer answer) {
        Object tree =
                answer.status() == 200 && !answer.text().isEmpty() ? JSON.readValue(answer.text(), Object.class) : "";
        Object list = tree instanceof Map<?, ?> map ? map.get(map.containsKey("sets") ? "sets" : "saved") : tree;
        return list instanceof List<?> entries
                ? entries.stream().filter(Map.class::isInstance).map(entry -> (Map<?, Object>) entry)
                : Stream.empty();
    }

    /** A body that is no JSON, with its own content type among the headers. */
    public Answer sendText(String method, String path, String body, String... headers) {
        return answer(builder(path).method(method, BodyPublishers.ofString(body)), headers);
    }

    /** A body of any sort: bytes and text as they are, a tree as JSON, or none; its type among the headers. */
    public Answer raw(String method, String path, Object body, String... headers) {
        BodyPublisher publisher = body == null
                ? BodyPublishers.noBody()
                : body instanceof byte[] bytes
                        ? BodyPublishers.ofByteArray(bytes)
                        : BodyPublishers.ofString(body instanceof String text ? text : JSON.writeValueAsString(body));
        return answer(builder(path).method(method, publisher), headers);
    }

    /** A file as the body. */
    public Answer sendBytes(String path, byte[] file) {
        return answer(
                builder(path).method("POST", BodyPublishers.ofByteArray(file)),
                "Content-Type",
                "application/octet-stream");
    }

    /** The body of an answer as it is. */
    public byte[] bytes(String path) {
        try {
            return http.send(builder(path).build(), BodyHandlers.ofByteArray()).body();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private HttpRequest.Builder builder(String path) {
        String address = addresses.get(requests.getAndIncrement() % addresses.size());
        return HttpRequest.newBuilder(URI.create(address + path)).timeout(Duration.ofSeconds(120));
    }

    /** @param body JSON text as it is, anything else written as JSON, null for none */
    public Answer send(String method, String path, Object body, String... headers) {
        HttpRequest.Builder request = builder(path);
        if (body == null) {
            request.method(method, BodyPublishers.noBody());
        } else {
            String text = body instanceof String s ? s : JSON.writeValueAsString(body);
            request.header("Content-Type", "application/json").method(method, BodyPublishers.ofString(text));
        }
        return answer(request, headers);
    }

    private Answer answer(HttpRequest.Builder request, String... headers) {
        if (token != null) {
            request.header("Authorization", "Bearer " + token);
        }
        cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> sendsCsrf && cookie.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .ifPresent(cookie -> request.header("X-XSRF-TOKEN", cookie.getValue()));
        if (headers.length > 0) {
            request.headers(headers);
        }
        try {
            HttpResponse<String> response = http.send(request.build(), BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.headers(), response.body());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
