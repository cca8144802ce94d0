package jomble.drawing;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import jomble.core.colour.ColourNames;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Pattern;
import jomble.core.piece.Piece;
import jomble.core.piece.Word;

/** What a drawing shows, in words for those who do not see it. */
final class Description {
    private Description() {}

    static String of(Piece piece) {
        Set<String> colours = new LinkedHashSet<>();
        for (ColourShare colour : piece.colours()) {
            colours.add(ColourNames.nameOf(colour.colour()));
        }
        List<String> parts = new ArrayList<>();
        parts.add(plain(piece.kind().origin().id()) + " in " + String.join(" and ", colours));
        if (piece.pattern() != Pattern.SOLID) {
            add(parts, "", piece.pattern(), "");
        }
        add(parts, "", piece.cloth(), "");
        add(parts, "", piece.shape(), "");
        add(parts, "neck ", piece.neckline(), "");
        add(parts, "sleeve ", piece.sleeve(), "");
        add(parts, "to ", piece.hem(), "");
        return String.join(", ", parts);
    }

    private static void add(List<String> parts, String before, Word word, String after) {
        if (word != null) {
            parts.add(before + plain(word.id()) + after);
        }
    }

    private static String plain(String id) {
        return id.replace('-', ' ');
    }
}
