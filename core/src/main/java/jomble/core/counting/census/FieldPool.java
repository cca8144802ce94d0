package jomble.core.counting.census;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.function.Function;
import jomble.core.counting.CountQuestion;
import jomble.core.judgement.RuleCatalogue;

/**
 * Keeps what was worked out of the last few wardrobes in their contexts for the next question about them. A field is in use by one
 * question at a time; after one that went wrong it is not kept, as a thread may still be at it.
 */
final class FieldPool {
    private static final int MOST_KEPT = 40;

    private static final long MOST_BYTES = 160L << 20;

    private final RuleCatalogue catalogue;
    private final int optionsOfAShare;
    /** The last one used comes first. */
    private final Deque<Field> idle = new ArrayDeque<>();

    FieldPool(RuleCatalogue catalogue, int optionsOfAShare) {
        this.catalogue = catalogue;
        this.optionsOfAShare = optionsOfAShare;
    }

    /** Asks a question of its field. */
    <T> T ask(CountQuestion question, Function<Field, T> work) {
        Field field = take(question);
        if (field == null) {
            field = new Field(question, catalogue, optionsOfAShare);
        }
        T answer = work.apply(field);
        keep(field);
        return answer;
    }

    private synchronized Field take(CountQuestion question) {
        for (Iterator<Field> fields = idle.iterator(); fields.hasNext(); ) {
            Field field = fields.next();
            if (field.isOf(question)) {
                fields.remove();
                return field.asking(question);
            }
        }
        return null;
    }

    private synchronized void keep(Field field) {
        idle.addFirst(field);
        long bytes = idle.stream().mapToLong(Field::bytes).sum();
        while (bytes > MOST_BYTES || idle.size() > MOST_KEPT) {
            bytes -= idle.removeLast().bytes();
        }
    }
}
