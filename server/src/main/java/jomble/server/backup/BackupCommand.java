package jomble.server.backup;

import java.io.PrintStream;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import jomble.server.migration.Migrations;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/**
 * What the launcher asks for without the application running: {@code backup FILE}, {@code check FILE} and {@code
 * restore FILE}. The database is that of the environment, as for the application.
 */
public final class BackupCommand {
    private static final List<String> WORDS = List.of("backup", "check", "restore");

    private BackupCommand() {}

    /** Whether the arguments of the program are such a command. */
    public static boolean isOne(String... arguments) {
        return arguments.length == 2 && WORDS.contains(arguments[0]);
    }

    /**
     * @param out receives the number of clients restored
     * @param err receives one sentence if it fails
     * @return the exit code of the program: 0, or 1 if it fails
     */
    public static int run(Map<String, String> environment, PrintStream out, PrintStream err, String... arguments) {
        try {
            Path file = Path.of(arguments[1]);
            switch (arguments[0]) {
                case "backup" -> Backup.write(database(environment), file, Instant.now());
                case "check" -> Archive.checked(file, Migrations.newest()).close();
                default -> {
                    try (Archive archive = Archive.checked(file, Migrations.newest())) {
                        out.println(Restore.read(archive, database(environment)));
                    }
                }
            }
            return 0;
        } catch (BackupException e) {
            err.println(e.getMessage());
            return 1;
        }
    }

    private static DataSource database(Map<String, String> environment) {
        return new DriverManagerDataSource(
                environment.get("JOMBLE_DB_URL"),
                environment.get("JOMBLE_DB_USER"),
                environment.get("JOMBLE_DB_PASSWORD"));
    }
}
