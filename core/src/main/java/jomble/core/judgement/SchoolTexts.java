package jomble.core.judgement;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Properties;

/** The question behind each switch, and the case for each of its schools. */
public final class SchoolTexts {
    private static final Properties TEXTS = load();

    private SchoolTexts() {}

    public static String question(SchoolSwitch question) {
        return TEXTS.getProperty(question.id());
    }

    public static String why(SchoolSwitch question, String school) {
        return TEXTS.getProperty(question.id() + "." + school);
    }

    private static Properties load() {
        Properties texts = new Properties();
        try (InputStream in = SchoolTexts.class.getResourceAsStream("/jomble/core/judgement/schools_en.properties")) {
            texts.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return texts;
    }
}
