package jomble.core.judgement;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jomble.core.piece.PieceId;

/**
 * The message catalogue of findings: turns a finding into a sentence and its cure.
 *
 * <p>A text is found under {@code rule-id.evidence-name}, its cure under the same key with {@code .cure}, and what was measured,
 * which a client need not read, under {@code .exact}. Placeholders
 * are the evidence's components in braces, {@code {a}} and {@code {b}} the labels of the first two pieces, {@code
 * {pieces}} all of them. {@code {n|season|seasons}} is the number and the word for one or for more.
 */
public final class FindingTexts {
    private static final Properties TEXTS = load();
    private static final Pattern PLACEHOLDER = Pattern.compile("\\{(\\w+)(?:\\|([^|}]*)\\|([^}]*))?}");

    private FindingTexts() {}

    /** @param labels from id to the piece's label */
    public static String text(Finding finding, Function<PieceId, String> labels) {
        return fill(TEXTS.getProperty(key(finding.rule(), finding.evidence().getClass())), finding, labels);
    }

    /** The cure, if the catalogue has one. */
    public static Optional<String> cure(Finding finding, Function<PieceId, String> labels) {
        String text = TEXTS.getProperty(key(finding.rule(), finding.evidence().getClass()) + ".cure");
        return Optional.ofNullable(text).map(t -> fill(t, finding, labels));
    }

    /** The measured values behind the sentence, such as "9.4 apart (ΔE00)"; empty when there are none. */
    public static Optional<String> exact(Finding finding, Function<PieceId, String> labels) {
        String text = TEXTS.getProperty(key(finding.rule(), finding.evidence().getClass()) + ".exact");
        return Optional.ofNullable(text).map(t -> fill(t, finding, labels));
    }

    /** The evidence's components by name, numbers rounded to two decimals. */
    public static Map<String, Object> values(Record evidence) {
        Map<String, Object> values = new LinkedHashMap<>();
        for (RecordComponent component : evidence.getClass().getRecordComponents()) {
            try {
                component.getAccessor().setAccessible(true);
                Object value = component.getAccessor().invoke(evidence);
                values.put(component.getName(), value instanceof Double d ? rounded(d) : value);
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        }
        return values;
    }

    static String key(String rule, Class<?> evidence) {
        String name = evidence.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])|(?<=[A-Z])(?=[A-Z][a-z])", "-");
        return rule + "." + name.toLowerCase(Locale.ROOT);
    }

    static Properties texts() {
        return TEXTS;
    }

    private static String fill(String text, Finding finding, Function<PieceId, String> labels) {
        Map<String, Object> values = values(finding.evidence());
        for (int i = 0; i < Math.min(2, finding.pieces().size()); i++) {
            values.put(i == 0 ? "a" : "b", labels.apply(finding.pieces().get(i)));
        }
        values.put(
                "pieces",
                String.join(", ", finding.pieces().stream().map(labels).toList()));
        Matcher matcher = PLACEHOLDER.matcher(text);
        StringBuilder filled = new StringBuilder();
        while (matcher.find()) {
            Object value = values.getOrDefault(matcher.group(1), "another piece");
            String words = value instanceof BigDecimal number ? forReading(number) : value.toString();
            if (matcher.group(2) != null) {
                words += " " + (words.equals("1") ? matcher.group(2) : matcher.group(3));
            }
            matcher.appendReplacement(filled, Matcher.quoteReplacement(words));
        }
        String sentence = matcher.appendTail(filled).toString();
        return sentence.substring(0, 1).toUpperCase(Locale.ROOT) + sentence.substring(1);
    }

    /** One decimal is enough to read, unless rounding would hide a near miss: 11.96 is not 12. */
    private static String forReading(BigDecimal number) {
        BigDecimal one = number.setScale(1, RoundingMode.HALF_UP);
        boolean whole = one.stripTrailingZeros().scale() <= 0;
        boolean shown = number.abs().compareTo(BigDecimal.ONE) < 0 || whole;
        return shown ? number.toPlainString() : one.toPlainString();
    }

    private static BigDecimal rounded(double value) {
        BigDecimal two =
                BigDecimal.valueOf(value).setScale(2, RoundingMode.HALF_UP).stripTrailingZeros();
        return two.scale() < 0 ? two.setScale(0) : two;
    }

    private static Properties load() {
        Properties texts = new Properties();
        try (InputStream in = FindingTexts.class.getResourceAsStream("/jomble/core/judgement/findings_en.properties")) {
            texts.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return texts;
    }
}
