package jomble.core.document;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.document.part.Shape;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;

/** The JSON Schema of an object that says something for at least one slot. */
final class SlotSchema {
    private SlotSchema() {}

    static Map<String, Object> of(Map<String, Object> ofOneSlot) {
        Map<String, Object> slots = new LinkedHashMap<>();
        Word.ids(Slot.class).forEach(slot -> slots.put(slot, ofOneSlot));
        Map<String, Object> object = new LinkedHashMap<>(Shape.object(List.of(), slots));
        object.put("minProperties", 1);
        return object;
    }
}
