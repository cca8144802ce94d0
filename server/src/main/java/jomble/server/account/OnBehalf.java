package jomble.server.account;

import java.util.function.Supplier;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioMember;
import org.springframework.security.core.context.SecurityContextHolder;

/** Background work for a studio, which sees that studio's rows only. */
public final class OnBehalf {
    private OnBehalf() {}

    /** @param who name of the background task */
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
