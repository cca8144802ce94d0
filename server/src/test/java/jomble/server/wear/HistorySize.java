package jomble.server.wear;

import java.util.UUID;
import javax.sql.DataSource;
import jomble.server.running.Jomble;
import org.springframework.jdbc.core.simple.JdbcClient;

/** How many bytes of documents the history of a client holds. */
final class HistorySize {
    private final JdbcClient database;
    private final UUID client;

    /** @param path of the client */
    HistorySize(Jomble jomble, String path) {
        this.database = JdbcClient.create(jomble.bean(DataSource.class));
        this.client = UUID.fromString(path.substring(path.lastIndexOf('/') + 1));
    }

    long ofLatestChange() {
        return database.sql("""
                        select length(coalesce(before_doc, '')) + length(coalesce(after_doc, '')) from wardrobe_change
                        where client_id = ? order by number desc limit 1""").param(client.toString()).query(Long.class).single();
    }
}
