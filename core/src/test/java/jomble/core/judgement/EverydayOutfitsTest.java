package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jomble.core.Json;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.entry.EntryLine;
import jomble.core.entry.EntryReading;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;
import jomble.core.tree.Node;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Outfits people wear and outfits they are warned of, in plain words. */
class EverydayOutfitsTest {
    private static final Currency EURO = Currency.getInstance("EUR");

    static Stream<Arguments> outfits() {
        return Json.lines("/jomble/core/judgement/everyday.txt")
                .filter(line -> !line.startsWith("#") && !line.isBlank())
                .map(line -> {
                    String[] cells =
                            Arrays.stream(line.split("\\|")).map(String::trim).toArray(String[]::new);
                    return Arguments.of(cells[1], cells[0], cells[2], cells[3], cells[4]);
                });
    }

    @ParameterizedTest(name = "{1}: {0}")
    @MethodSource("outfits")
    void isJudgedAsAStylistWould(String name, String verdict, String where, String pieces, String why) {
        Judgement judgement = judge(where, pieces);
        assertThat(judgement.verdict() == Verdict.WORKS)
                .as("%s, for %s: %s", judgement.findings(), why, judgement.outfit())
                .isEqualTo(verdict.equals("works"));
    }

    private static Judgement judge(String where, String words) {
        List<Object> pieces = new ArrayList<>();
        Map<String, Slot> slots = new LinkedHashMap<>();
        Map<String, Object> sets = new LinkedHashMap<>();
        for (String one : words.split(";")) {
            String[] parts = one.trim().split(" @");
            String id = "p" + pieces.size();
            EntryReading reading = EntryLine.read(parts[0], EURO, Kinds.shipped());
            assertThat(reading.chips()).as(parts[0]).allMatch(chip -> chip.isUnderstood());
            Map<String, Object> piece = EntryLine.toDocument(reading, id);
            pieces.add(piece);
            if (piece.get("set") != null) {
                sets.put((String) piece.get("set"), Map.of("id", piece.get("set"), "kind", "suit"));
            }
            slots.put(id, parts.length > 1 ? Word.find(Slot.class, parts[1]).orElseThrow() : null);
        }
        Map<String, Object> request = new LinkedHashMap<>();
        request.put("wardrobe", Map.of("pieces", pieces, "sets", List.copyOf(sets.values()), "brief", brief(where)));
        request.put("context", context(where));
        Node node = Node.root(request);
        Question question = QuestionReader.read(node);
        node.finish();
        List<Worn> worn = new ArrayList<>();
        for (Piece piece : question.wardrobe().pieces()) {
            Slot slot = slots.get(piece.id().value());
            worn.add(Worn.of(slot == null ? piece.roles().get(0) : slot, piece));
        }
        return new Judge(Catalogue.standard(), question.contexts().get(0)).best(Outfit.of(worn));
    }

    private static Map<String, Object> brief(String where) {
        return where.contains("tucks:no") ? Map.of("boundaries", Map.of("tucks", false)) : Map.of();
    }

    /** "3-5, work, rough, out=240, requires=closed-toe+trousers, 2..8, rain=0.6" as a context in document form. */
    private static Map<String, Object> context(String where) {
        Map<String, Object> occasion = new LinkedHashMap<>(Map.of("name", "the day"));
        Map<String, Object> weather = new LinkedHashMap<>();
        Map<String, Object> context = new LinkedHashMap<>();
        for (String token : where.split(",\\s*")) {
            if (token.matches("\\d-\\d")) {
                occasion.put("formalityLow", token.charAt(0) - '0');
                occasion.put("formalityHigh", token.charAt(2) - '0');
            } else if (token.equals("work")) {
                occasion.put("work", true);
            } else if (token.startsWith("out=")) {
                occasion.put("outdoorMinutes", Integer.valueOf(token.substring(4)));
            } else if (token.startsWith("requires=")) {
                occasion.put("requires", List.of(token.substring(9).split("\\+")));
            } else if (token.contains("..")) {
                String[] ends = token.split("\\.\\.");
                weather.put("lowC", Double.valueOf(ends[0]));
                weather.put("highC", Double.valueOf(ends[1]));
            } else if (token.startsWith("rain=")) {
                weather.put("rainChance", Double.valueOf(token.substring(5)));
            } else if (!token.startsWith("tucks:")) {
                occasion.put("setting", token);
            }
        }
        context.put("occasion", occasion);
        if (!weather.isEmpty()) {
            context.put("weather", weather);
        }
        return context;
    }
}
