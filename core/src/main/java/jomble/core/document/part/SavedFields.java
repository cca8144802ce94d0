package jomble.core.document.part;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.function.Function;
import jomble.core.tree.Node;

/** The fields common to everything saved by name. */
public final class SavedFields {
    static final int LONGEST_NAME = 80;
    static final int LONGEST_NOTES = 2000;
    private static final int LONGEST_TIME = 40;
    private static final Instant LONG_AGO = Instant.EPOCH;

    private SavedFields() {}

    /** The name in a node, or null when it is not one. */
    public static String name(Node node) {
        String name = node.text(1, LONGEST_NAME);
        if (name != null && name.isBlank()) {
            node.reject("blank", "a name is expected here");
            return null;
        }
        return name;
    }

    public static String notes(Node node) {
        return node.text(0, LONGEST_NOTES);
    }

    /** When something was saved; a date long past when it is not given. */
    public static Instant saved(Node node) {
        return Values.given(
                node.field("saved"),
                field -> time(field, Instant::parse, "a time of the form 2027-01-08T09:30:00Z is expected here"),
                LONG_AGO);
    }

    public static LocalDate date(Node node) {
        return node.date();
    }

    private static <T> T time(Node node, Function<String, T> parse, String expected) {
        String text = node.text(1, LONGEST_TIME);
        try {
            return text == null ? null : parse.apply(text);
        } catch (DateTimeException e) {
            node.reject("not-a-date", expected);
            return null;
        }
    }
}
