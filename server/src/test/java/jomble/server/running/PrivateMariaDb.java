package jomble.server.running;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** A throw-away MariaDB on loopback: its own data, port and socket, tuned to forget quickly. */
public final class PrivateMariaDb implements AutoCloseable {
    private static final boolean IS_ROOT = "root".equals(System.getProperty("user.name"));

    private final Path directory;
    private final int port;
    private final Process server;

    private PrivateMariaDb(Path directory, int port, Process server) {
        this.directory = directory;
        this.port = port;
        this.server = server;
    }

    /** Starts one and waits until it answers. */
    public static PrivateMariaDb start() throws IOException, InterruptedException {
        Path directory = Files.createTempDirectory("jomble-db");
        Path log = directory.resolve("server.log");
        run(
                log,
                "mariadb-install-db",
                "--datadir=" + directory.resolve("data"),
                "--auth-root-authentication-method=socket",
                "--auth-root-socket-user=" + System.getProperty("user.name"),
                "--skip-test-db");
        int port = freePort();
        Process server = new ProcessBuilder(command(
                        "mariadbd",
                        "--datadir=" + directory.resolve("data"),
                        "--socket=" + directory.resolve("db.sock"),
                        "--pid-file=" + directory.resolve("db.pid"),
                        "--tmpdir=" + directory,
                        "--bind-address=127.0.0.1",
                        "--port=" + port,
                        "--skip-name-resolve",
                        "--character-set-server=utf8mb4",
                        "--collation-server=utf8mb4_unicode_ci",
                        "--innodb-flush-log-at-trx-commit=0",
                        "--innodb-doublewrite=OFF",
                        "--innodb-flush-method=nosync",
                        "--innodb-buffer-pool-size=64M",
                        "--innodb-log-file-size=16M",
                        "--max-allowed-packet=64M",
                        "--performance-schema=OFF"))
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        PrivateMariaDb db = new PrivateMariaDb(directory, port, server);
        Runtime.getRuntime().addShutdownHook(new Thread(db::close));
        db.awaitReady();
        return db;
    }

    private void awaitReady() throws IOException, InterruptedException {
        String sql = "create database jomble; create user jomble@'127.0.0.1' identified by 'jomble';"
                + " grant all on jomble.* to jomble@'127.0.0.1'";
        for (int tries = 0; tries < 200; tries++) {
            Process client = new ProcessBuilder(
                            "mariadb", "--no-defaults", "--socket=" + directory.resolve("db.sock"), "-e", sql)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            if (client.waitFor() == 0) {
                return;
            }
            if (!server.isAlive()) {
                throw new IllegalStateException(Files.readString(directory.resolve("server.log")));
            }
            TimeUnit.MILLISECONDS.sleep(50);
        }
        throw new IllegalStateException("MariaDB did not answer: " + directory);
    }

    public String jdbcUrl() {
        return "jdbc:mariadb://127.0.0.1:" + port + "/jomble";
    }

    /** Ends the server at once, as a power cut would, and forgets its data; once is enough. */
    @Override
    public void close() {
        server.destroyForcibly();
        if (!Files.exists(directory)) {
            return;
        }
        try (Stream<Path> files = Files.walk(directory)) {
            server.waitFor();
            files.sorted(Comparator.reverseOrder())
                    .forEach(path -> path.toFile().delete());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static void run(Path log, String... words) throws IOException, InterruptedException {
        int code = new ProcessBuilder(command(words))
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start()
                .waitFor();
        if (code != 0) {
            throw new IllegalStateException(Files.readString(log));
        }
    }

    private static List<String> command(String... words) {
        List<String> command = new ArrayList<>(Arrays.asList(words));
        command.add(1, "--no-defaults");
        if (IS_ROOT) {
            command.add(2, "--user=root");
        }
        return command;
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
