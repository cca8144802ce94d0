package jomble.server.vocabulary;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.colour.ColourNames;
import jomble.core.piece.Attribute;
import jomble.core.piece.Breasted;
import jomble.core.piece.CareMethod;
import jomble.core.piece.Lapel;
import jomble.core.piece.Pockets;
import jomble.core.piece.SetKind;
import jomble.core.piece.Slot;
import jomble.core.piece.Structure;
import jomble.core.piece.Word;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.kind.KindService;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The vocabulary: kinds, attributes with the words they take, slots, and named colours. */
@RestController
@Requires(Right.READ_REFERENCE)
@RequestMapping("/api/v1/vocabulary")
class VocabularyController {
    private final KindService kinds;

    VocabularyController(KindService kinds) {
        this.kinds = kinds;
    }

    record KindView(String id, String name, String family, List<String> alsoCalled) {}

    /** @param least,most limits of a number, or of the length of a text */
    record AttributeView(String name, String form, double least, double most, List<String> words) {}

    record VocabularyView(
            List<KindView> kinds,
            List<AttributeView> attributes,
            Map<String, List<String>> words,
            List<String> slots,
            List<String> setKinds,
            Map<String, String> colours) {}

    /** The kinds and words pieces are described with. */
    @GetMapping
    VocabularyView all() {
        Map<String, List<String>> words = new LinkedHashMap<>();
        Attribute.all().stream()
                .filter(attribute -> !attribute.words().isEmpty())
                .forEach(attribute -> words.put(attribute.name(), attribute.words()));
        words.put("lapel", Word.ids(Lapel.class));
        words.put("structure", Word.ids(Structure.class));
        words.put("breasted", Word.ids(Breasted.class));
        words.put("pockets", Word.ids(Pockets.class));
        words.put("careMethod", Word.ids(CareMethod.class));
        Map<String, String> colours = new LinkedHashMap<>();
        ColourNames.all().forEach(name -> ColourNames.find(name).ifPresent(c -> colours.put(name, c.hex())));
        return new VocabularyView(
                kinds.offered().all().stream()
                        .map(k -> new KindView(k.id(), k.words(), k.family().id(), k.alsoCalled()))
                        .toList(),
                Attribute.all().stream()
                        .map(a -> new AttributeView(
                                a.name(),
                                a.form().name(),
                                a.form().least(),
                                a.form().most(),
                                a.words()))
                        .toList(),
                words,
                Word.ids(Slot.class),
                Word.ids(SetKind.class),
                colours);
    }
}
