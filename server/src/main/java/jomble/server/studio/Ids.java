package jomble.server.studio;

import java.util.UUID;
import org.hibernate.id.uuid.UuidVersion7Strategy;

/** Creates row ids: UUIDs of version 7 (RFC 9562), which sort by creation time. */
public final class Ids {
    private Ids() {}

    public static UUID next() {
        return UuidVersion7Strategy.INSTANCE.generateUuid(null);
    }
}
