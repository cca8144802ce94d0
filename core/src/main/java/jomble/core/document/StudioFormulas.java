package jomble.core.document;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.formula.Formula;
import jomble.core.formula.SavedFormula;
import jomble.core.piece.Kinds;
import jomble.core.tree.Node;

/** The built-in formulas, from casual to ceremonial. */
public final class StudioFormulas {
    private static final String TABLE = "/jomble/core/formula/studio-formulas.txt";
    private static final List<SavedFormula> SHIPPED = load();

    private StudioFormulas() {}

    public static List<SavedFormula> shipped() {
        return SHIPPED;
    }

    private static List<SavedFormula> load() {
        try (BufferedReader reader = new BufferedReader(
                new InputStreamReader(StudioFormulas.class.getResourceAsStream(TABLE), StandardCharsets.UTF_8))) {
            List<SavedFormula> formulas = new ArrayList<>();
            reader.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .forEach(line -> formulas.add(read(line, "studio-" + (formulas.size() + 1))));
            return List.copyOf(formulas);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** {@code Shirt dress and flat shoes | onepiece kinds=shirt-dress | shoes kinds=loafers,ballet-flats}. */
    private static SavedFormula read(String line, String id) {
        String[] parts = line.split(" \\| ");
        Map<String, Object> slots = new LinkedHashMap<>();
        for (int i = 1; i < parts.length; i++) {
            String[] words = parts[i].split(" ");
            Map<String, Object> asked = new LinkedHashMap<>();
            for (int j = 1; j < words.length; j++) {
                String[] field = words[j].split("=");
                asked.put(
                        field[0],
                        field[0].startsWith("formality")
                                ? Integer.valueOf(field[1])
                                : List.<Object>of((Object[]) field[1].split(",")));
            }
            slots.put(words[0], asked);
        }
        Node node = Node.root(Map.of("slots", slots));
        Formula formula = FormulaReader.read(node, Kinds.shipped()).orElseThrow();
        node.finish();
        return new SavedFormula(id, parts[0], formula);
    }
}
