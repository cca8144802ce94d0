package jomble.server.counting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.ToLongBiFunction;
import jomble.core.counting.CountQuestion;

/**
 * A cache of answers that evicts the least recently used, within a share of the heap. Answers depend only on their
 * keys, so evicting one is harmless. Thread-safe.
 */
final class AnswerCache<K, V> {
    /** Approximate size of a piece with all its attributes; each question has its own copies. */
    private static final long BYTES_OF_A_PIECE = 3000;

    private static final long KILOBYTE = 1024;

    private final Cache<K, V> answers;

    /**
     * @param part divisor of the heap, such as 16 for a sixteenth
     * @param bytes approximate size of a key and its answer
     */
    AnswerCache(int part, ToLongBiFunction<K, V> bytes) {
        this.answers = Caffeine.newBuilder()
                .maximumWeight(Runtime.getRuntime().maxMemory() / part / KILOBYTE)
                .<K, V>weigher((key, answer) ->
                        (int) Math.min(Integer.MAX_VALUE, 1 + bytes.applyAsLong(key, answer) / KILOBYTE))
                .build();
    }

    /** A cache of short answers to questions. */
    static <V> AnswerCache<CountQuestion, V> ofQuestions(int part) {
        return new AnswerCache<>(part, (question, answer) -> bytesOf(question));
    }

    /** Approximate size of a question. */
    static long bytesOf(CountQuestion question) {
        return BYTES_OF_A_PIECE
                * (question.pieces().size() + question.contexts().size());
    }

    /** The answer, or null when it is not cached. */
    V get(K key) {
        return answers.getIfPresent(key);
    }

    void put(K key, V answer) {
        answers.put(key, answer);
    }
}
