package jomble.server.problem;

import java.util.Arrays;
import java.util.stream.Collectors;
import org.springframework.web.util.HtmlUtils;

/** A self-contained page for browsers, for when scripts and styles may be out of reach. */
final class PlainPage {
    private static final String PAGE = """
            <!doctype html><html lang="en"><meta charset="utf-8"><title>Jomble – %1$s</title>
            <body style="font: 16px/1.5 Georgia, serif; color: #16181b; background: #fafafa; margin: 15vh auto; max-width: 32em; padding: 0 1em">
            <h1 style="font-size: 28px">%1$s</h1>%2$s</body></html>
            """;

    private PlainPage() {}

    static String of(String heading, String... sentences) {
        String paragraphs = Arrays.stream(sentences)
                .map(sentence -> "<p>" + HtmlUtils.htmlEscape(sentence) + "</p>")
                .collect(Collectors.joining());
        return PAGE.formatted(HtmlUtils.htmlEscape(heading), paragraphs);
    }
}
