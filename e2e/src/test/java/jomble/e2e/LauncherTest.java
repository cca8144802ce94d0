package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.ConnectException;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The launcher: what was started comes back whatever died, and what was backed up comes back whatever was destroyed. */
class LauncherTest {
    private static final int KILLS = Integer.getInteger("jomble.kills", 3);
    private static final int WRITERS = 4;
    private static final Pattern ADDRESS = Pattern.compile("address +(\\S+)");
    private static final Pattern SIGN_IN = Pattern.compile("sign in +(\\S+) +/ +(\\S+)");

    @TempDir
    Path home;

    private String email;
    private String password;

    private record Run(int exit, String output) {}

    private Run jomble(String... words) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(words));
        command.add(0, Path.of("../jomble").toAbsolutePath().normalize().toString());
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("JOMBLE_HOME", home.toString());
        builder.environment().put("JOMBLE_HEAP_MB", "512");
        Path output = Files.createTempFile(home, "output", ".txt");
        Process process = builder.redirectOutput(output.toFile()).start();
        assertThat(process.waitFor(3, TimeUnit.MINUTES)).isTrue();
        return new Run(process.exitValue(), Files.readString(output));
    }

    /** Starts it and answers its address. */
    private String start() throws IOException, InterruptedException {
        Run run = jomble("start");
        assertThat(run.exit()).as(run.output()).isZero();
        Matcher signIn = SIGN_IN.matcher(run.output());
        if (signIn.find()) {
            email = signIn.group(1);
            password = signIn.group(2);
        }
        Matcher address = ADDRESS.matcher(run.output());
        assertThat(address.find()).as(run.output()).isTrue();
        return address.group(1);
    }

    private Caller stylist(String address) {
        Caller caller = Caller.at(address);
        caller.signIn(email, password);
        return caller;
    }

    private long pid(String what) throws IOException {
        return Long.parseLong(
                Files.readString(home.resolve("own/" + what + ".pid")).strip());
    }

    private void kill(String what) throws IOException {
        ProcessHandle.of(pid(what)).ifPresent(process -> {
            process.destroyForcibly();
            process.onExit().join();
        });
    }

    @AfterEach
    void stop() throws IOException, InterruptedException {
        assertThat(jomble("stop").exit()).isZero();
        for (String what : List.of("app", "db")) {
            int port = Integer.parseInt(
                    Files.readString(home.resolve("own/" + what + ".port")).strip());
            assertThatThrownBy(() -> new Socket("127.0.0.1", port).close()).isInstanceOf(ConnectException.class);
        }
    }

    @Test
    void startsWhatDiedRestoresWhatWasDestroyedAndTouchesNobodyElse() throws Exception {
        Process stranger = new ProcessBuilder("sleep", "600").start();
        Files.createDirectories(home.resolve("own"));
        Files.writeString(home.resolve("own/app.pid"), Long.toString(stranger.pid()));
        String address = start();
        String first = password;
        Caller stylist = stylist(address);
        String client = stylist.newClient();
        long app = pid("app");

        assertThat(start()).isEqualTo(address);
        assertThat(password).isEqualTo(first);
        assertThat(home.resolve("own/first-account")).doesNotExist();

        kill("db");
        Answer away = stylist.get(client);
        assertThat(away.status()).as(away.text()).isEqualTo(503);
        assertThat(away.at("detail").toString()).contains("database", "try again");
        assertThat(away.headers().firstValue("Retry-After")).isPresent();
        Answer page = stylist.send("GET", "/clients", null, "Accept", "text/html");
        assertThat(page.status()).isEqualTo(503);
        assertThat(page.text()).contains("<html", "looks again by itself");
        assertThat(stylist.get("/readyz").status()).isEqualTo(503);
        assertThat(stylist.get("/healthz").status()).isEqualTo(200);

        assertThat(start()).isEqualTo(address);
        assertThat(pid("app")).as("not started anew").isEqualTo(app);
        assertThat(stylist.get(client).status()).isEqualTo(200);

        whatWasBackedUpUnderWritesComesBackWhole(address, stylist);
        assertThat(Files.size(home.resolve("own/app.log"))).isPositive();
        assertThat(jomble("stop").exit()).isZero();
        assertThat(stranger.isAlive()).isTrue();
        stranger.destroy();
    }

    /** Backs up while others write, destroys everything, restores: what was there when it began is there again. */
    private void whatWasBackedUpUnderWritesComesBackWhole(String address, Caller stylist) throws Exception {
        String still = stylist.newClient();
        stylist.post(still + "/pieces", Map.of("id", "a", "kind", "coat", "label", "Coat with ' and \" and é 👞"));
        Map<String, Object> before = stylist.get(still + "/document").json();
        String busy = stylist.newClient();
        Queue<String> acknowledged = new ConcurrentLinkedQueue<>();
        AtomicBoolean goOn = new AtomicBoolean(true);
        ExecutorService writers = writers(address, busy, acknowledged, new AtomicInteger(), goOn);
        long giveUp = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
        while (acknowledged.size() < 3 && System.nanoTime() < giveUp) {
            TimeUnit.MILLISECONDS.sleep(50);
        }
        Set<String> first = new HashSet<>(acknowledged);
        Path file = home.resolve("studio.zip");
        Run backup = jomble("backup", file.toString());
        goOn.set(false);
        writers.shutdown();
        assertThat(writers.awaitTermination(1, TimeUnit.MINUTES)).isTrue();
        assertThat(backup.exit()).as(backup.output()).isZero();
        assertThat(first).isNotEmpty();

        assertThat(jomble("restore", file.toString()).output()).contains("there is data under own");
        assertThat(jomble("restore", file.toString(), "own").output()).contains("is running");
        byte[] damaged = Files.readAllBytes(file);
        damaged[damaged.length / 2] ^= 1;
        Path broken = Files.write(home.resolve("broken.zip"), damaged);
        Run refused = jomble("restore", broken.toString(), "other");
        assertThat(refused.exit()).isNotZero();
        assertThat(refused.output()).contains("nothing was changed");
        assertThat(home.resolve("other")).doesNotExist();

        kill("app");
        kill("db");
        try (Stream<Path> files = Files.walk(home.resolve("own/data"))) {
            files.sorted((a, b) -> b.compareTo(a)).forEach(path -> path.toFile().delete());
        }
        Path foreign =
                Files.writeString(home.resolve("dump.sql"), "\\! touch " + home.resolve("run") + "\ncreate user x;");
        Run strange = jomble("restore", foreign.toString(), "own");
        assertThat(strange.exit()).isNotZero();
        assertThat(strange.output().strip()).hasLineCount(1).contains("nothing was changed");
        assertThat(home.resolve("run")).doesNotExist();
        Run restored = jomble("restore", file.toString(), "own");
        assertThat(restored.exit()).as(restored.output()).isZero();
        assertThat(restored.output()).contains("restored 3 clients");
        Caller again = stylist(start());
        assertThat(again.get(still + "/document").json()).isEqualTo(before);
        assertThat(kept(again.get(busy + "/document").json())).containsAll(first);
        assertThat(again.post(still + "/undo", Map.of()).at("undone")).isEqualTo(true);
    }

    @Test
    void startsAlthoughItsDatabaseIsKilledWhileItStarts() throws Exception {
        start();
        kill("app");
        CompletableFuture<Run> starting = CompletableFuture.supplyAsync(() -> {
            try {
                return jomble("start");
            } catch (IOException | InterruptedException e) {
                throw new IllegalStateException(e);
            }
        });
        long before = pid("db");
        TimeUnit.SECONDS.sleep(4);
        kill("db");
        Run run = starting.get(5, TimeUnit.MINUTES);
        assertThat(run.exit()).as(run.output()).isZero();
        assertThat(pid("db")).isNotEqualTo(before);
        Matcher address = ADDRESS.matcher(run.output());
        assertThat(address.find()).isTrue();
        assertThat(stylist(address.group(1)).newClient()).startsWith("/api/v1/clients/");
    }

    @Test
    void nothingAcknowledgedIsLostHoweverOftenItIsKilled() throws Exception {
        String address = start();
        String client = stylist(address).newClient();
        Queue<String> acknowledged = new ConcurrentLinkedQueue<>();
        AtomicInteger number = new AtomicInteger();
        for (int kill = 0; kill < KILLS; kill++) {
            AtomicBoolean goOn = new AtomicBoolean(true);
            ExecutorService writers = writers(address, client, acknowledged, number, goOn);
            TimeUnit.MILLISECONDS.sleep(2000 + 137L * (kill % 10));
            for (String what :
                    List.of(List.of("app"), List.of("db"), List.of("app", "db")).get(kill % 3)) {
                kill(what);
            }
            goOn.set(false);
            writers.shutdown();
            assertThat(writers.awaitTermination(1, TimeUnit.MINUTES)).isTrue();
            address = start();
            Map<String, Object> document =
                    stylist(address).get(client + "/document").json();
            assertThat(kept(document)).as("after kill %d", kill).containsAll(acknowledged);
        }
        assertThat(acknowledged).hasSizeGreaterThan(KILLS);
    }

    /** What each acknowledged write left behind. */
    private static Set<String> kept(Map<String, Object> document) {
        Set<String> kept = new HashSet<>();
        ((List<?>) document.get("pieces"))
                .forEach(piece -> kept.add(((Map<?, ?>) piece).get("id").toString()));
        Stream.ofNullable((List<?>) document.get("overrides"))
                .flatMap(List::stream)
                .forEach(ruling -> kept.add(((Map<?, ?>) ruling).get("reason").toString()));
        Stream.ofNullable((List<?>) document.get("sets"))
                .flatMap(List::stream)
                .forEach(set -> kept.add(((Map<?, ?>) set).get("id").toString()));
        return kept;
    }

    /** Write pieces, rulings and sets until they may no longer, whatever becomes of the server. */
    private ExecutorService writers(
            String address, String client, Queue<String> acknowledged, AtomicInteger number, AtomicBoolean goOn) {
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        for (int writer = 0; writer < WRITERS; writer++) {
            writers.execute(() -> {
                Caller caller = stylist(address);
                while (goOn.get()) {
                    int mine = number.incrementAndGet();
                    try {
                        write(caller, client, mine).ifPresent(acknowledged::add);
                    } catch (IllegalStateException e) {
                        // it was killed: whether this was written nobody was told
                        pause();
                    }
                }
            });
        }
        return writers;
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(50);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static Optional<String> write(Caller caller, String client, int number) {
        String piece = "w" + number;
        Answer added = caller.post(client + "/pieces", Map.of("id", piece, "kind", "shirt"));
        if (added.status() != 201) {
            return Optional.empty();
        }
        return switch (number % 3) {
            case 0 -> {
                Map<String, Object> ruling =
                        Map.of("pieces", List.of(piece), "decision", "never", "reason", "r" + number);
                yield Optional.of(caller.post(client + "/overrides", ruling).status() == 200 ? "r" + number : piece);
            }
            case 1 -> {
                Map<String, Object> set = Map.of("kind", "suit", "label", "Suit " + number, "pieces", List.of(piece));
                yield Optional.of(caller.put(client + "/sets/s" + number, set).status() == 204 ? "s" + number : piece);
            }
            default -> Optional.of(piece);
        };
    }
}
