package jomble.server.studio;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/**
 * The signed-in caller: a stylist, or a program with a token.
 *
 * @param accountId null for a program
 * @param accountVersion at the time of signing in
 */
public record StudioMember(
        UUID accountId, long accountVersion, UUID studioId, String name, String studio, String currency)
        implements Principal, Serializable {
    @Override
    public String getName() {
        return name;
    }
}
