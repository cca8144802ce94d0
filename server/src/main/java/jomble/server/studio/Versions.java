package jomble.server.studio;

import java.util.regex.Pattern;
import jomble.server.problem.ProblemException;

/** Versions of entries as entity tags. */
public final class Versions {
    private static final Pattern TAG = Pattern.compile("\"(\\d{1,18})\"");

    private Versions() {}

    /**
     * The version in an {@code If-Match} header.
     *
     * @throws ProblemException when there is none
     */
    public static long of(String ifMatch) {
        var matcher = TAG.matcher(ifMatch == null ? "" : ifMatch);
        if (!matcher.matches()) {
            throw ProblemException.preconditionRequired();
        }
        return Long.parseLong(matcher.group(1));
    }

    public static String tag(long version) {
        return "\"" + version + "\"";
    }
}
