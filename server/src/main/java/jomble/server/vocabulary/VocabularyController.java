package jomble.server.vocabulary;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.colour.ColourNames;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The vocabulary: kinds, attributes with the words they take, slots, and named colours. */
@RestController
@RequestMapping("/api/v1/vocabulary")
class VocabularyController {
    record KindView(String id, String name, String family, List<String> alsoCalled) {}

    record VocabularyView(
            List<KindView> kinds, Map<String, List<String>> words, List<String> slots, Map<String, String> colours) {}

    @GetMapping
    VocabularyView all() {
        Map<String, List<String>> words = new LinkedHashMap<>();
        Attribute.all().stream()
                .filter(attribute -> !attribute.words().isEmpty())
                .forEach(attribute -> words.put(attribute.name(), attribute.words()));
        Map<String, String> colours = new LinkedHashMap<>();
        ColourNames.all().forEach(name -> ColourNames.find(name).ifPresent(c -> colours.put(name, c.hex())));
        return new VocabularyView(
                Kinds.all().stream()
                        .map(k -> new KindView(k.id(), k.words(), k.family().id(), k.alsoCalled()))
                        .toList(),
                words,
                Word.ids(Slot.class),
                colours);
    }
}
