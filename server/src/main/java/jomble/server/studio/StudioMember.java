package jomble.server.studio;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/**
 * Whoever signed in: a stylist, or a program with a token.
 *
 * @param accountId null for a program
 */
public record StudioMember(UUID accountId, UUID studioId, String name, String studio, String currency)
        implements Principal, Serializable {
    @Override
    public String getName() {
        return name;
    }
}
