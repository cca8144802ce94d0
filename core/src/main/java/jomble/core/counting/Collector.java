package jomble.core.counting;

import java.util.List;

/** Reads off figures of what a count walked. */
interface Collector {
    void add(Census census);

    default void addAll(List<Census> censuses) {
        censuses.forEach(this::add);
    }
}
