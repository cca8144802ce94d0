package jomble.server.counting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.ToLongBiFunction;
import jomble.core.counting.CountQuestion;

/**
 * A cache of answers that are likely to be asked for again, the least recently used forgotten first, within a share of the memory there is. They depend on nothing but their keys, so forgetting one
 * is harmless. Safe for use by several threads.
 */
final class AnswerCache<K, V> {
    /** About what a piece takes with all its attributes; each question has its own. */
    private static final long BYTES_OF_A_PIECE = 3000;

    private static final long KILOBYTE = 1024;

    private final Cache<K, V> answers;

    /**
     * @param part of the heap that may be taken, such as 16 for a sixteenth
     * @param bytes about what a key and its answer take
     */
    AnswerCache(int part, ToLongBiFunction<K, V> bytes) {
        this.answers = Caffeine.newBuilder()
                .maximumWeight(Runtime.getRuntime().maxMemory() / part / KILOBYTE)
                .<K, V>weigher((key, answer) ->
                        (int) Math.min(Integer.MAX_VALUE, 1 + bytes.applyAsLong(key, answer) / KILOBYTE))
                .build();
    }

    /** Of a short answer to a question. */
    static <V> AnswerCache<CountQuestion, V> ofQuestions(int part) {
        return new AnswerCache<>(part, (question, answer) -> bytesOf(question));
    }

    /** About what a question takes. */
    static long bytesOf(CountQuestion question) {
        return BYTES_OF_A_PIECE
                * (question.pieces().size() + question.contexts().size());
    }

    /** Null where it is not cached. */
    V get(K key) {
        return answers.getIfPresent(key);
    }

    void put(K key, V answer) {
        answers.put(key, answer);
    }
}
