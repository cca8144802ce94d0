package jomble.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.PrivateMariaDb;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;

/** The first start may be broken off at any moment: the next makes up for it. */
class FirstStartTest {
    @TempDir
    Path directory;

    @Test
    void whatWasBrokenOffIsMadeUpFor() throws Exception {
        Path file = Files.writeString(directory.resolve("owner"), "Owner@Studio.example:a:long:password\n");
        try (PrivateMariaDb db = PrivateMariaDb.start()) {
            Map<String, Object> demo = Map.of("jomble.demo", true);
            Map<String, Object> owner = Map.of("jomble.demo", false, "jomble.owner-file", file.toString());
            try (Jomble empty = Jomble.start(db, Map.of("jomble.demo", false))) {
                JdbcTemplate jdbc = empty.bean(JdbcTemplate.class);
                jdbc.execute("create trigger broken before insert on piece for each row"
                        + " if new.kind = 'sari' then signal sqlstate '45000'; end if");
                assertThatThrownBy(() -> Jomble.start(db, demo)).isInstanceOf(DataAccessException.class);
                assertThat(jdbc.queryForObject("select count(*) from studio", Integer.class))
                        .isZero();
                jdbc.execute("drop trigger broken");
                jdbc.execute("create trigger broken before insert on account for each row signal sqlstate '45000'");
                assertThatThrownBy(() -> Jomble.start(db, owner)).isInstanceOf(DataAccessException.class);
                jdbc.execute("drop trigger broken");
            }
            try (Jomble started = Jomble.start(db, owner)) {
                Caller stylist = started.anonymous();
                stylist.signIn("owner@studio.EXAMPLE", "a:long:password");
                assertThat(stylist.get("/api/v1/clients").list()).isEmpty();
            }
            try (Jomble again = Jomble.start(db, owner)) {
                assertThat(again.bean(AccountRepository.class).count()).isEqualTo(1);
            }
        }
    }
}
