package jomble.server.studio;

import java.util.UUID;
import org.hibernate.id.uuid.UuidVersion7Strategy;

/** New ids for rows: UUIDs of version 7 (RFC 9562), which sort by the time they were made. */
public final class Ids {
    private Ids() {}

    public static UUID next() {
        return UuidVersion7Strategy.INSTANCE.generateUuid(null);
    }
}
