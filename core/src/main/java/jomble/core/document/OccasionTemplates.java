package jomble.core.document;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.brief.Occasion;
import jomble.core.tree.Node;

/** A studio's initial occasions, to be copied into a brief and edited there. */
public final class OccasionTemplates {
    private static final String TABLE = "/jomble/core/brief/occasions.txt";
    private static final List<Occasion> SHIPPED = load();

    private OccasionTemplates() {}

    public static List<Occasion> shipped() {
        return SHIPPED;
    }

    private static List<Occasion> load() {
        try (BufferedReader reader = new BufferedReader(
                new InputStreamReader(OccasionTemplates.class.getResourceAsStream(TABLE), StandardCharsets.UTF_8))) {
            return reader.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(OccasionTemplates::read)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Occasion read(String line) {
        String[] parts = line.split(" \\| ");
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("name", parts[0]);
        for (String pair : parts[1].split(" ")) {
            String[] field = pair.split("=");
            tree.put(field[0], value(field[0], field[1]));
        }
        Node node = Node.root(tree);
        Occasion occasion = OccasionReader.read(node);
        node.finish();
        return occasion;
    }

    private static Object value(String name, String text) {
        return switch (name) {
            case "requires" -> List.of(text.split(","));
            case "work" -> Boolean.valueOf(text);
            case "audience" -> text.replace('-', ' ');
            default -> text.matches("[\\d.]+") ? new BigDecimal(text) : text;
        };
    }
}
