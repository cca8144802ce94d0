package jomble.core.capsule;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Properties;

/** The message catalogue of capsules: why a piece is in, and which wishes are not met. */
public final class CapsuleTexts {
    private static final Properties TEXTS = load();
    private static final int PERCENT = 100;

    private CapsuleTexts() {}

    public static String text(CapsulePlan.Why why) {
        String key =
                why.wish() == null ? why.kind().id() : "function." + why.wish().id();
        Map<String, Object> values = new HashMap<>();
        values.put("family", TEXTS.getProperty("family." + why.family().id()));
        if (why.need() != null) {
            values.put("occasion", why.need().occasion().name());
            values.put("season", why.need().season().name());
            values.put("percent", Math.max(1, Math.round(PERCENT * why.share())));
        }
        return filled(key, values);
    }

    /** What is missed, and the smallest change of the wishes that would meet it. */
    public static String text(CapsulePlan.Missed missed) {
        String would = missed.sizeThatWouldDo() == null
                ? filled("would.without", Map.of())
                : filled("would.size", Map.of("size", missed.sizeThatWouldDo()));
        return filled("missed." + missed.wish().id(), Map.of("by", missed.by())) + " " + would;
    }

    private static String filled(String key, Map<String, Object> values) {
        String text = TEXTS.getProperty(key);
        for (Map.Entry<String, Object> value : values.entrySet()) {
            text = text.replace("{" + value.getKey() + "}", value.getValue().toString());
        }
        return text;
    }

    private static Properties load() {
        Properties texts = new Properties();
        try (InputStream in = CapsuleTexts.class.getResourceAsStream("/jomble/core/capsule/capsule_en.properties")) {
            texts.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return texts;
    }
}
