package jomble.core.counting.exact;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.function.Function;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.enumeration.CompiledQuestion;
import jomble.core.judgement.RuleCatalogue;

/**
 * Caches the last few compiled questions. A compiled question is used by one thread at a time; one whose use failed is
 * dropped, because another thread may still be working on it.
 */
public final class CompiledQuestionCache {
    private static final int MOST_KEPT = 40;

    private static final long MOST_BYTES = 160L << 20;

    private final RuleCatalogue catalogue;
    private final int optionsPerPartition;
    /** Most recently used first. */
    private final Deque<CompiledQuestion> idle = new ArrayDeque<>();

    CompiledQuestionCache(RuleCatalogue catalogue, int optionsPerPartition) {
        this.catalogue = catalogue;
        this.optionsPerPartition = optionsPerPartition;
    }

    /** Answers a question with its compiled form. */
    <T> T ask(CountQuestion question, Function<CompiledQuestion, T> work) {
        CompiledQuestion compiled = take(question);
        if (compiled == null) {
            compiled = new CompiledQuestion(question, catalogue, optionsPerPartition);
        }
        T answer = work.apply(compiled);
        keep(compiled);
        return answer;
    }

    private synchronized CompiledQuestion take(CountQuestion question) {
        for (Iterator<CompiledQuestion> fields = idle.iterator(); fields.hasNext(); ) {
            CompiledQuestion compiled = fields.next();
            if (compiled.isOf(question)) {
                fields.remove();
                return compiled.asking(question);
            }
        }
        return null;
    }

    private synchronized void keep(CompiledQuestion compiled) {
        idle.addFirst(compiled);
        long bytes = idle.stream().mapToLong(CompiledQuestion::bytes).sum();
        while (bytes > MOST_BYTES || idle.size() > MOST_KEPT) {
            bytes -= idle.removeLast().bytes();
        }
    }
}
