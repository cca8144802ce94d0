package jomble.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import jomble.server.migration.Migrations;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.PrivateMariaDb;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A backup comes back as it was, and an archive that was tampered with does nothing. */
class BackupTest {
    @TempDir
    static Path directory;

    private static PrivateMariaDb database;
    private static Path whole;
    private static String document;
    private static String client;

    private record Ended(int code, String out, String err) {}

    private static Ended run(String url, String... words) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int code = BackupCommand.run(
                Map.of("JOMBLE_DB_URL", url, "JOMBLE_DB_USER", "jomble", "JOMBLE_DB_PASSWORD", "jomble"),
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8),
                words);
        return new Ended(code, out.toString(StandardCharsets.UTF_8).strip(), err.toString(StandardCharsets.UTF_8));
    }

    private static JdbcTemplate in(PrivateMariaDb db) {
        return new JdbcTemplate(new DriverManagerDataSource(db.jdbcUrl(), "jomble", "jomble"));
    }

    @BeforeAll
    static void backUp() throws Exception {
        database = PrivateMariaDb.start();
        whole = directory.resolve("whole.zip");
        try (Jomble jomble = Jomble.start(database, Map.of())) {
            Caller stylist = jomble.stylist();
            client = stylist.newClient();
            stylist.post(client + "/pieces", Map.of("kind", "coat", "label", "Coat with ' and \" and é 👞\n"));
            stylist.post(client + "/pieces", Map.of("kind", "scarf"));
            stylist.delete(client + "/pieces/p2");
            document = stylist.get(client + "/document").text();
            Ended ended = run(database.jdbcUrl(), "backup", whole.toString());
            assertThat(ended.code()).as(ended.err()).isZero();
        }
        database.close();
    }

    @AfterAll
    static void end() {
        database.close();
    }

    @Test
    void comesBackAsItWas() throws Exception {
        try (PrivateMariaDb fresh = PrivateMariaDb.start()) {
            Ended ended = run(fresh.jdbcUrl(), "restore", whole.toString());
            assertThat(ended.code()).as(ended.err()).isZero();
            assertThat(ended.out()).isEqualTo("6");
            try (Jomble jomble = Jomble.start(fresh, Map.of())) {
                Caller stylist = jomble.stylist();
                assertThat(stylist.get(client + "/document").text()).isEqualTo(document);
                assertThat(stylist.post(client + "/pieces", Map.of("kind", "belt"))
                                .at("id"))
                        .as("the numbers of pieces go on")
                        .isEqualTo("p3");
                stylist.post(client + "/undo", null);
                assertThat(stylist.post(client + "/undo", null).at("action")).isEqualTo("deleted");
                assertThat(stylist.get(client + "/pieces").at(1, "id")).isEqualTo("p2");
            }
        }
    }

    /** An archive as its parts, with a manifest that agrees with them unless a test says otherwise. */
    private static Path altered(UnaryOperator<Map<String, byte[]>> parts, UnaryOperator<String> manifest)
            throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipFile zip = new ZipFile(whole.toFile())) {
            for (ZipEntry entry : zip.stream().toList()) {
                files.put(entry.getName(), zip.getInputStream(entry).readAllBytes());
            }
        }
        String text = new String(files.remove("manifest.json"), StandardCharsets.UTF_8);
        Map<String, byte[]> after = parts.apply(new LinkedHashMap<>(files));
        for (Map.Entry<String, byte[]> file : files.entrySet()) {
            byte[] now = after.getOrDefault(file.getKey(), file.getValue());
            text = text.replace(sum(file.getValue()) + "\"", sum(now) + "\"")
                    .replace(size(file) + sum(now), "\"bytes\":" + now.length + ",\"sha256\":\"" + sum(now));
        }
        Path path = Files.createTempFile(directory, "altered", ".zip");
        try (OutputStream out = Files.newOutputStream(path);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> file : after.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
            }
            String changed = manifest.apply(text);
            if (changed != null) {
                zip.putNextEntry(new ZipEntry("manifest.json"));
                zip.write(changed.getBytes(StandardCharsets.UTF_8));
            }
        }
        return path;
    }

    private static String size(Map.Entry<String, byte[]> file) {
        return "\"bytes\":" + file.getValue().length + ",\"sha256\":\"";
    }

    private static String sum(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (java.security.NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    private static UnaryOperator<Map<String, byte[]>> with(String name, UnaryOperator<String> change) {
        return files -> {
            String before = new String(files.getOrDefault(name, new byte[0]), StandardCharsets.UTF_8);
            files.put(name, change.apply(before).getBytes(StandardCharsets.UTF_8));
            return files;
        };
    }

    private static UnaryOperator<Map<String, byte[]>> without(String name) {
        return files -> {
            files.remove(name);
            return files;
        };
    }

    static Stream<Arguments> refusedAtOnce() {
        String piece = "tables/piece.jsonl";
        UnaryOperator<Map<String, byte[]>> same = UnaryOperator.identity();
        UnaryOperator<String> asIs = UnaryOperator.identity();
        return Stream.of(
                Arguments.of("no manifest", same, (UnaryOperator<String>) text -> null, "has no manifest"),
                Arguments.of(
                        "a manifest that is none",
                        same,
                        (UnaryOperator<String>) text -> "{",
                        "manifest that cannot be read"),
                Arguments.of(
                        "a manifest without tables",
                        same,
                        (UnaryOperator<String>) text -> text.replaceFirst("\"tables\":\\[.*\\]", "\"tables\":[]"),
                        "lists nothing"),
                Arguments.of(
                        "a later format",
                        same,
                        (UnaryOperator<String>) text -> text.replace("\"format\":2", "\"format\":3"),
                        "newer version"),
                Arguments.of(
                        "a later schema",
                        same,
                        (UnaryOperator<String>) text -> text.replaceAll("\"schema\":\\d+", "\"schema\":99"),
                        "newer version"),
                Arguments.of("a table that is missing", without(piece), asIs, "not those of its manifest"),
                Arguments.of(
                        "a file that is not listed",
                        with("tables/../../x", text -> "x"),
                        asIs,
                        "holds what no backup has"),
                Arguments.of(
                        "commands",
                        with("jomble.sql", text -> "\\! touch x\ncreate user x;"),
                        asIs,
                        "holds what no backup has"),
                Arguments.of(
                        "sums that are wrong",
                        same,
                        (UnaryOperator<String>) text -> text.replaceFirst("(\"sha256\":\")..", "$1zz"),
                        "damaged"),
                Arguments.of(
                        "more than it says",
                        same,
                        (UnaryOperator<String>) text -> text.replaceFirst("\"bytes\":\\d+", "\"bytes\":1"),
                        "damaged"),
                Arguments.of(
                        "a size beyond all disks",
                        same,
                        (UnaryOperator<String>) text -> text.replaceFirst("\"bytes\":\\d+", "\"bytes\":9000000000000"),
                        "too large"));
    }

    @ParameterizedTest(name = "with {0}")
    @MethodSource("refusedAtOnce")
    void isRefusedBeforeAnythingIsTouched(
            String what, UnaryOperator<Map<String, byte[]>> parts, UnaryOperator<String> manifest, String sentence)
            throws IOException {
        // There is no database at this address, and none is asked.
        Ended ended = run(
                "jdbc:mariadb://127.0.0.1:1/none",
                "check",
                altered(parts, manifest).toString());
        assertThat(ended.code()).isEqualTo(1);
        assertThat(ended.err()).contains(sentence).hasLineCount(1);
    }

    @Test
    void isRefusedWhenCutShortOrOfAnotherKind() throws IOException {
        byte[] bytes = Files.readAllBytes(whole);
        List<Path> files = new ArrayList<>();
        files.add(Files.write(directory.resolve("cut"), java.util.Arrays.copyOf(bytes, bytes.length / 2)));
        files.add(Files.write(directory.resolve("empty"), new byte[0]));
        files.add(Files.writeString(directory.resolve("dump.sql"), "create user x; select 1 into outfile 'x';"));
        assertThat(files).allSatisfy(file -> {
            Ended ended = run("jdbc:mariadb://127.0.0.1:1/none", "check", file.toString());
            assertThat(ended.code()).isEqualTo(1);
            assertThat(ended.err()).contains("no whole backup").hasLineCount(1);
        });
    }

    /** Archives whose sums are right but whose rows are not. */
    @Test
    void rowsThatDoNotFitAreRefusedAndWhatTheySayIsNeverRun() throws Exception {
        String evil = "x'); create table evil (id int); -- ";
        Map<UnaryOperator<Map<String, byte[]>>, String> attacks = Map.of(
                with("tables/client.jsonl", text -> text.replaceFirst("\\n", ",\\n")), "cannot be read",
                with("tables/client.jsonl", text -> text.replaceFirst("\\]", ",\"more\"]")), "other columns",
                with("tables/piece.jsonl", text -> text + text), "do not fit",
                with("tables/client.jsonl", text -> ""), "rows");
        for (Map.Entry<UnaryOperator<Map<String, byte[]>>, String> attack : attacks.entrySet()) {
            try (PrivateMariaDb fresh = PrivateMariaDb.start()) {
                Ended ended = run(
                        fresh.jdbcUrl(),
                        "restore",
                        altered(attack.getKey(), UnaryOperator.identity()).toString());
                assertThat(ended.code()).as(attack.getValue()).isEqualTo(1);
                assertThat(ended.err()).contains(attack.getValue()).hasLineCount(1);
            }
        }
        try (PrivateMariaDb fresh = PrivateMariaDb.start()) {
            Path file = altered(
                    with("tables/client.jsonl", text -> text.replace("New client", evil)), UnaryOperator.identity());
            Ended ended = run(fresh.jdbcUrl(), "restore", file.toString());
            assertThat(ended.code()).as(ended.err()).isZero();
            assertThat(in(fresh).queryForList("select name from client where name like 'x%'", String.class))
                    .containsExactly(evil);
            assertThat(in(fresh).queryForList("show tables like 'evil'")).isEmpty();
        }
    }

    @Test
    void knowsItsNewestMigration() {
        assertThat(Migrations.newest()).isGreaterThanOrEqualTo(14);
    }
}
