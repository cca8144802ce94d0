package jomble.core.tree;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A value of a parsed JSON tree and the pointer to it.
 *
 * <p>Values are {@code Map<String, ?>}, {@code List<?>}, {@code String}, {@code Number}, {@code Boolean} or null. A
 * reading method answers null when the value has the wrong form, and reports the problem; callers go on, so that one
 * pass finds every problem.
 */
public final class Node {
    /** More digits than any double-precision number has. */
    private static final int MOST_DIGITS = 400;

    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2200;
    private static final int DATE_LENGTH = 10;
    /** The blank of Braille and the fillers of Hangul. */
    private static final String BLANK_LETTERS = "\u2800\u115F\u1160\u3164\uFFA0";

    private final Object value;
    private final String pointer;
    private final List<Problem> problems;

    private Node(Object value, String pointer, List<Problem> problems) {
        this.value = value;
        this.pointer = pointer;
        this.problems = problems;
    }

    public static Node root(Object value) {
        return new Node(value, "", new ArrayList<>());
    }

    /** The root of a value located at {@code pointer} in a larger one. */
    public static Node at(String pointer, Object value) {
        return new Node(value, pointer, new ArrayList<>());
    }

    /** Another value at the same place, so that its problems are reported here. */
    public Node instead(Object other) {
        return new Node(other, pointer, problems);
    }

    public boolean isNull() {
        return value == null;
    }

    public boolean isObject() {
        return value instanceof Map;
    }

    public boolean isList() {
        return value instanceof List;
    }

    public boolean isText() {
        return value instanceof String;
    }

    public Object value() {
        return value;
    }

    public String pointer() {
        return pointer;
    }

    public void reject(String code, String message) {
        problems.add(new Problem(pointer, code, message));
    }

    /** Reports an unknown word and suggests the nearest known one. */
    public void rejectUnknown(String what, String typed, Collection<String> known) {
        String hint = Spelling.nearest(typed, known)
                .map(word -> " – did you mean \"" + word + "\"?")
                .orElse(known.size() <= 12 ? " – one of " + String.join(", ", known) : "");
        reject("unknown-" + what, "unknown " + what + " \"" + shorten(typed) + "\"" + hint);
    }

    /** What was reported below this root until now. */
    public List<Problem> problems() {
        return List.copyOf(problems);
    }

    /** Finishes reading; throws when any problem was reported below this root. */
    public void finish() {
        if (!problems.isEmpty()) {
            throw new InvalidInputException(problems);
        }
    }

    /** The object's fields by name; any name outside {@code known} is reported at its own pointer. */
    public Map<String, Node> fields(Collection<String> known) {
        Map<String, Node> fields = members();
        fields.forEach((name, field) -> {
            if (!known.contains(name)) {
                field.rejectUnknown("field", name, known);
            }
        });
        return fields;
    }

    /** The object's fields by name, whatever they are called. */
    public Map<String, Node> members() {
        Map<String, Node> fields = new LinkedHashMap<>();
        if (value instanceof Map<?, ?> map) {
            map.forEach((name, member) ->
                    fields.put(name.toString(), new Node(member, pointer + "/" + escape(name.toString()), problems)));
        } else if (value != null) {
            reject("not-an-object", "an object is expected here");
        }
        return fields;
    }

    /** A field of this object, present or not; absent reads as null at the pointer it would have. */
    public Node field(String name) {
        Object member = value instanceof Map<?, ?> map ? map.get(name) : null;
        return new Node(member, pointer + "/" + escape(name), problems);
    }

    public List<Node> items(int most) {
        List<Node> items = new ArrayList<>();
        if (value instanceof List<?> list) {
            if (list.size() > most) {
                reject("too-many", "at most " + most + " entries, here are " + list.size());
                return items;
            }
            for (int i = 0; i < list.size(); i++) {
                items.add(new Node(list.get(i), pointer + "/" + i, problems));
            }
        } else if (value != null) {
            reject("not-a-list", "a list is expected here");
        }
        return items;
    }

    public String text(int shortest, int longest) {
        if (!(value instanceof String text)) {
            return wrong("not-text", "text is expected here");
        }
        int length = text.codePointCount(0, text.length());
        if (length < shortest || length > longest) {
            return wrong("length", "between " + shortest + " and " + longest + " characters, here are " + length);
        }
        Optional<String> control = text.codePoints()
                .filter(c -> Character.isISOControl(c) && c != '\n' && c != '\t' && c != '\r')
                .mapToObj(c -> String.format("U+%04X", c))
                .findFirst();
        if (control.isPresent()) {
            return wrong("control-character", "a control character (" + control.get() + ") cannot be kept");
        }
        if (shortest > 0 && text.codePoints().noneMatch(Node::isVisible)) {
            return wrong("invisible", "nothing of this text can be seen");
        }
        return text;
    }

    /** Whether a code point leaves ink; blanks that Unicode counts as letters or symbols do not. */
    private static boolean isVisible(int point) {
        return switch (Character.getType(point)) {
            case Character.SPACE_SEPARATOR,
                    Character.LINE_SEPARATOR,
                    Character.PARAGRAPH_SEPARATOR,
                    Character.CONTROL,
                    Character.FORMAT,
                    Character.UNASSIGNED,
                    Character.PRIVATE_USE,
                    Character.NON_SPACING_MARK,
                    Character.ENCLOSING_MARK -> false;
            default -> BLANK_LETTERS.indexOf(point) < 0;
        };
    }

    /** A day, as {@code 2027-01-08}, of the years {@value #FIRST_YEAR} to {@value #LAST_YEAR}. */
    public LocalDate date() {
        if (value instanceof String text && text.length() == DATE_LENGTH) {
            try {
                LocalDate date = LocalDate.parse(text);
                if (date.getYear() >= FIRST_YEAR && date.getYear() <= LAST_YEAR) {
                    return date;
                }
                return wrong(
                        "out-of-range", "a day of the years " + FIRST_YEAR + " to " + LAST_YEAR + " is expected here");
            } catch (DateTimeException e) {
                // reported below, as for any other value that is no date
            }
        }
        return wrong("not-a-date", "a date of the form 2027-01-08 is expected here");
    }

    public Integer integer(int least, int most) {
        BigDecimal number = number();
        if (number == null) {
            return null;
        }
        if (number.stripTrailingZeros().scale() > 0) {
            return wrong("not-whole", "a whole number is expected here");
        }
        if (outside(number, least, most)) {
            return null;
        }
        return number.intValueExact();
    }

    public Double decimal(double least, double most) {
        BigDecimal number = number();
        return number == null || outside(number, least, most) ? null : (Double) number.doubleValue();
    }

    public BigDecimal number() {
        if (!(value instanceof Number number)) {
            return wrong("not-a-number", "a number is expected here");
        }
        try {
            BigDecimal exact = number instanceof BigDecimal decimal ? decimal : new BigDecimal(number.toString());
            // Written out, 1e999999999 would take a gigabyte.
            boolean isWritable = exact.precision() <= MOST_DIGITS && Math.abs((long) exact.scale()) <= MOST_DIGITS;
            return isWritable
                    ? exact
                    : wrong("not-a-number", "a number of at most " + MOST_DIGITS + " digits is expected here");
        } catch (NumberFormatException e) {
            return wrong("not-a-number", "a finite number is expected here");
        }
    }

    public Boolean bool() {
        return value instanceof Boolean flag
                ? flag
                : (Boolean) wrong("not-a-boolean", "true or false is expected here");
    }

    private boolean outside(BigDecimal number, double least, double most) {
        if (number.compareTo(BigDecimal.valueOf(least)) >= 0 && number.compareTo(BigDecimal.valueOf(most)) <= 0) {
            return false;
        }
        reject(
                "out-of-range",
                "between " + plain(least) + " and " + plain(most) + ", here is " + shorten(number.toPlainString()));
        return true;
    }

    private <T> T wrong(String code, String message) {
        reject(code, message);
        return null;
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }

    private static String shorten(String text) {
        return text.length() <= 40 ? text : text.substring(0, text.offsetByCodePoints(0, 20)) + "…";
    }

    private static String escape(String name) {
        return name.replace("~", "~0").replace("/", "~1");
    }
}
