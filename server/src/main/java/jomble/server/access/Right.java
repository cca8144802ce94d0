package jomble.server.access;

import java.util.EnumSet;
import java.util.Set;
import jomble.server.studio.StudioMember;

/** What a member of a studio may do. Every call names one with {@link Requires}. */
public enum Right {
    /** What anybody may do, signed in or not. */
    PUBLIC,
    /** To read what is shipped: words, rules, climates. */
    READ_REFERENCE,
    /** To have outfits judged and counted without storing anything. */
    COMPUTE,
    READ_CLIENTS,
    /** To record and change pieces, their photos and what was worn. */
    RECORD_PIECES,
    DELETE_PIECES,
    /** To change briefs, rules, outfits, capsules and everything else of clients. */
    CHANGE_CLIENTS,
    READ_STUDIO,
    CHANGE_STUDIO;

    private static final Set<Right> OF_ANYBODY = EnumSet.of(PUBLIC);
    private static final Set<Right> OF_PROGRAMS = EnumSet.of(PUBLIC, COMPUTE);

    /** @param member null for somebody who has not signed in */
    boolean isOf(StudioMember member) {
        if (member == null) {
            return OF_ANYBODY.contains(this);
        }
        return member.accountId() != null || OF_PROGRAMS.contains(this);
    }
}
