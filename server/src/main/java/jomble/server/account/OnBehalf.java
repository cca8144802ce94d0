package jomble.server.account;

import java.util.function.Supplier;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioMember;
import org.springframework.security.core.context.SecurityContextHolder;

/** Work the server does by itself for a studio, seeing that studio's rows and no other's. */
public final class OnBehalf {
    private OnBehalf() {}

    /** @param who a name for what does the work */
    public static <T> T of(Studio studio, String who, Supplier<T> work) {
        StudioMember member = new StudioMember(null, 0, studio.id(), who, studio.name(), studio.currency());
        SecurityContextHolder.getContext().setAuthentication(new MemberAuthentication(member));
        try {
            return work.get();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }
}
