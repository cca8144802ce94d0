package jomble.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import jomble.server.studio.StudioMember;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerMapping;

/**
 * What whoever runs the application should know of: failed sign-ins, limits reached, calls refused. Ids and addresses
 * only, never what was typed: it may be a password in the wrong field, or words about a client.
 */
@Component
public class SecurityLog {
    private static final Logger LOG = LoggerFactory.getLogger("jomble.security");

    /** @param account null when there is no such account */
    public void signInFailed(UUID account, String address) {
        LOG.warn("event=sign-in-failed account={} address={}", account == null ? "unknown" : account, address);
    }

    /** @param limit what was used too often: {@code sign-in} or {@code compute} */
    public void limited(String limit, String address, long waitSeconds) {
        LOG.warn("event=too-many-requests limit={} address={} wait={}s", limit, address, waitSeconds);
    }

    /** A signed-in caller lacks a right. */
    void refused(Right needed, StudioMember member, HttpServletRequest request) {
        LOG.warn(
                "event=right-refused right={} account={} studio={} method={} call={} address={}",
                needed,
                member == null || member.accountId() == null ? "none" : member.accountId(),
                member == null ? "none" : member.studioId(),
                request.getMethod(),
                request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE),
                request.getRemoteAddr());
    }

    /** A changing call came without the token that shows it is from our own pages. */
    public void forged(HttpServletRequest request) {
        LOG.warn("event=csrf-refused method={} address={}", request.getMethod(), request.getRemoteAddr());
    }
}
