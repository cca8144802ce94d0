package jomble.server.counting;

import java.util.LinkedHashMap;
import java.util.Map;

/** The answers that were used last, so many of them. They depend on nothing but their keys, so forgetting one is harmless. */
final class Remembered<K, V> {
    private final Map<K, V> answers;

    Remembered(int most) {
        this.answers = new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** Null where it is not remembered. */
    synchronized V get(K key) {
        return answers.get(key);
    }

    synchronized void put(K key, V answer) {
        answers.put(key, answer);
    }
}
