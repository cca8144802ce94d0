package jomble.server.migration;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import tools.jackson.databind.json.JsonMapper;

/** The migrations of the database, for what runs without the application. */
public final class Migrations {
    private Migrations() {}

    /** The number of the newest migration. */
    public static int newest() {
        try {
            return Stream.of(
                            new PathMatchingResourcePatternResolver().getResources("classpath*:db/migration/V*__*.sql"))
                    .map(Resource::getFilename)
                    .mapToInt(name -> Integer.parseInt(name.substring(1, name.indexOf("__"))))
                    .max()
                    .orElseThrow();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @param version the last migration to be made, or {@code latest} */
    public static Flyway to(String version, DataSource database) {
        return Flyway.configure()
                .dataSource(database)
                .javaMigrations(
                        new V12__Entries_from_frames(JsonMapper.builder().build()))
                .target(version)
                .load();
    }
}
