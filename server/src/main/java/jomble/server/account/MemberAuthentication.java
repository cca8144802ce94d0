package jomble.server.account;

import java.util.List;
import jomble.server.studio.StudioMember;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;

/** A member whose password or token was checked. */
public final class MemberAuthentication extends AbstractAuthenticationToken {
    private static final long serialVersionUID = 1;

    private final StudioMember member;

    public MemberAuthentication(StudioMember member) {
        super(List.copyOf(AuthorityUtils.createAuthorityList(member.accountId() == null ? "PROGRAM" : "STYLIST")));
        this.member = member;
        setAuthenticated(true);
    }

    @Override
    public Object getCredentials() {
        return "";
    }

    @Override
    public StudioMember getPrincipal() {
        return member;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof MemberAuthentication same && member.equals(same.member);
    }

    @Override
    public int hashCode() {
        return member.hashCode();
    }
}
