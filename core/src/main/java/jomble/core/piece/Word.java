package jomble.core.piece;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A value of a vocabulary enumeration, written in kebab-case in documents and the API. */
public interface Word {
    String name();

    default String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The id as words for people: {@code roll-neck} reads "roll neck". */
    default String words() {
        return id().replace('-', ' ');
    }

    static <W extends Enum<W> & Word> Optional<W> find(Class<W> type, String id) {
        return Arrays.stream(type.getEnumConstants())
                .filter(word -> word.id().equals(id))
                .findFirst();
    }

    static <W extends Enum<W> & Word> List<String> ids(Class<W> type) {
        return Arrays.stream(type.getEnumConstants()).map(Word::id).toList();
    }
}
