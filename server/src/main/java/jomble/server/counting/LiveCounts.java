package jomble.server.counting;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigInteger;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.function.Supplier;
import jomble.core.counting.ContextTotals;
import jomble.core.counting.CountDifference;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.Ladder;
import jomble.core.counting.Progress;
import jomble.core.counting.SlotPair;
import jomble.core.counting.Totals;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Counts in the background and streams progress. A count is cancelled when the browser disconnects.
 *
 * <p>Results are cached; they depend only on the question, so evicting one is harmless.
 */
@Component
public class LiveCounts {
    /** Divisors of the heap for the caches. */
    private static final int OF_COUNTS = 12;

    private static final int OF_TOTALS = 16;
    private static final int OF_BASES = 32;

    /** Fresh days need the list of bases, which is built up to this length. */
    private static final BigInteger MOST_BASES_FOR_DAYS = BigInteger.valueOf(600);

    private final Counter counter;
    private final EventStreams streams;
    private final CountingAhead ahead;
    /** By question; questions with and without the figures of uncounted pieces are distinct. */
    private final AnswerCache<Asked, Known> known =
            new AnswerCache<>(OF_COUNTS, (asked, known) -> known.bytes(asked.question()));
    /** Totals of questions counted for their totals only. */
    private final AnswerCache<CountQuestion, Totals> totals = AnswerCache.ofQuestions(OF_TOTALS);

    /** Number of bases that can be worn. */
    private final AnswerCache<CountQuestion, BigInteger> bases = AnswerCache.ofQuestions(OF_BASES);

    LiveCounts(Counter counter, EventStreams streams, CountingAhead ahead) {
        this.counter = counter;
        this.streams = streams;
        this.ahead = ahead;
    }

    /** A question and the two slots crossed in its table. */
    record Asked(CountQuestion question, SlotPair across) {
        Asked withoutCompletions() {
            return new Asked(question.withoutCompletions(), across);
        }
    }

    private record Known(Counts counts, long millis) {
        private static final long BYTES_OF_A_FIGURE = 120;

        /** Approximate size with its question. */
        long bytes(CountQuestion question) {
            long crossings =
                    counts.perPair().values().stream().mapToLong(List::size).sum();
            long figures = counts.perPiece().size()
                    + crossings
                    + counts.neverTogether().size();
            return AnswerCache.bytesOf(question) + BYTES_OF_A_FIGURE * figures;
        }

        CountsView view() {
            return CountsView.of(counts, millis);
        }
    }

    /** The question in one month of a season. */
    record Month(int month, CountQuestion question) {}

    /**
     * One cell of a table of contexts.
     *
     * @param months of the season, none without weather
     */
    record Cell(String season, String occasion, Asked asked, List<Month> months) {}

    /**
     * @param weakest the month of the season with the fewest combinations, with its total; null when not counted yet or
     *     without weather
     */
    record ContextCellView(
            String season,
            String occasion,
            Exact total,
            Exact daring,
            @Schema(nullable = true) StepView weakest) {}

    /**
     * Streams the counts, first without and then with the figures of uncounted pieces.
     *
     * @param next what is likely to be requested next, counted when no request is waiting
     */
    SseEmitter stream(Asked asked, List<Supplier<Asked>> next) {
        return streams.open((progress, events) -> {
            if (known.get(asked) == null) {
                events.send("counts", first(asked, progress).view());
            }
            events.send("complete", complete(asked, progress).view());
            countAhead(next);
        });
    }

    /** Counts these in order while no request is waiting, replacing any earlier list. */
    void countAhead(List<Supplier<Asked>> next) {
        ahead.begin(next.stream()
                .<CountingAhead.Work>map(one -> quiet -> first(one.get(), quiet))
                .toList());
    }

    /** Streams the difference of two counts, first without and then with the figures of uncounted pieces. */
    SseEmitter streamDifference(Asked before, Asked after) {
        return streams.open((progress, events) -> {
            Counts now = first(before, progress.partOf(0, 2)).counts();
            events.send("difference", difference(before.withoutCompletions(), now, after, progress.partOf(1, 2)));
            now = complete(before, progress.partOf(0, 2)).counts();
            events.send("difference", difference(before, now, after, progress.partOf(1, 2)));
        });
    }

    /** A removal is computed directly when possible; otherwise both sides are counted. */
    private DifferenceView difference(Asked before, Counts now, Asked after, Progress progress) {
        CountQuestion question = before.question();
        CountQuestion then =
                question.completions() ? after.question() : after.question().withoutCompletions();
        CountDifference difference = counter.without(question, now, question.leftOutBy(then), progress)
                .orElseGet(() -> CountDifference.between(
                        now, complete(new Asked(then, after.across()), progress).counts()));
        return DifferenceView.of(now, difference);
    }

    /**
     * Streams the steps of the ladder, smallest first, then the weakest month, then the fresh days of a client with
     * occasions and few bases.
     *
     * @param months of the season, with questions that count bases; empty without weather
     */
    SseEmitter streamLadder(CountQuestion question, List<Month> months, FreshDaysAsked freshDays) {
        return streams.open((progress, events) -> {
            BigInteger bases = BigInteger.ZERO;
            for (Ladder.Step step : Ladder.Step.values()) {
                Totals found = totals(step.of(question), progress);
                bases = step == Ladder.Step.BASES ? found.total() : bases;
                events.send("step", StepView.of(step.name().toLowerCase(Locale.ROOT), null, found));
            }
            if (!months.isEmpty()) {
                events.send("step", weakest(months, counted -> totals(counted, progress)));
            }
            boolean few = bases.compareTo(MOST_BASES_FOR_DAYS) <= 0;
            Integer days = few ? freshDays.count(progress) : null;
            if (days != null) {
                events.send("step", new StepView("days", null, Exact.of(days), Exact.of(0)));
            }
        });
    }

    /** The totals, from the cache or counted now. */
    Totals totals(CountQuestion question, Progress progress) {
        Totals found = totals.get(question);
        if (found == null) {
            found = counter.totals(question, progress);
            totals.put(question, found);
        }
        return found;
    }

    /** The month with the fewest combinations, the first in a tie. */
    private static StepView weakest(List<Month> months, Function<CountQuestion, Totals> counting) {
        StepView weakest = null;
        BigInteger fewest = null;
        for (Month one : months) {
            Totals found = counting.apply(one.question());
            if (fewest == null || found.total().compareTo(fewest) < 0) {
                fewest = found.total();
                weakest = StepView.of("weakest", one.month(), found);
            }
        }
        return weakest;
    }

    /** Counts fresh days; null when there are no occasions. */
    interface FreshDaysAsked {
        Integer count(Progress progress);
    }

    /** @param month set only for the weakest month of a season */
    record StepView(String step, @Schema(nullable = true) Integer month, Exact total, Exact daring) {
        static StepView of(String step, Integer month, Totals totals) {
            return new StepView(step, month, Exact.of(totals.total()), Exact.of(totals.daring()));
        }
    }

    /**
     * Streams the totals of many contexts as they are counted, then those of seasons again with their weakest month.
     */
    SseEmitter streamCells(List<Cell> cells) {
        return streams.open((progress, events) -> {
            ContextTotals table = new ContextTotals(counter);
            Function<CountQuestion, Totals> counting = question -> {
                Totals found = table.of(question, progress);
                totals.put(question, found);
                return found;
            };
            for (Cell cell : cells) {
                CountQuestion question = cell.asked().question();
                totalsKnown(cell.asked()).ifPresent(found -> table.know(question, found));
                events.send("cell", view(cell, counting, null));
            }
            for (Cell cell : cells) {
                if (!cell.months().isEmpty()) {
                    events.send("cell", view(cell, counting, weakest(cell.months(), counting)));
                }
            }
            events.send("complete", Map.of("cells", cells.size()));
        });
    }

    private static ContextCellView view(Cell cell, Function<CountQuestion, Totals> counting, StepView weakest) {
        Totals found = counting.apply(cell.asked().question());
        return new ContextCellView(
                cell.season(), cell.occasion(), Exact.of(found.total()), Exact.of(found.daring()), weakest);
    }

    private Optional<Totals> totalsKnown(Asked asked) {
        Known counted = known.get(asked.withoutCompletions());
        return Optional.ofNullable(counted == null ? totals.get(asked.question()) : Totals.of(counted.counts()));
    }

    /** The counts without the figures of uncounted pieces, from the cache or counted now. */
    private Known first(Asked asked, Progress progress) {
        Asked key = asked.withoutCompletions();
        Known found = known.get(key);
        if (found == null) {
            long start = System.nanoTime();
            Counts counts = counter.count(key.question(), List.of(asked.across()), progress);
            found = new Known(counts, millisSince(start));
            known.put(key, found);
        }
        return found;
    }

    /** The counts with everything requested. */
    private Known complete(Asked asked, Progress progress) {
        Known found = asked.question().completions() ? known.get(asked) : first(asked, progress);
        if (found == null) {
            Known first = first(asked, progress);
            long start = System.nanoTime();
            Counts whole = first.counts().with(counter.completions(asked.question(), progress));
            found = new Known(whole, first.millis() + millisSince(start));
            known.put(asked, found);
        }
        return found;
    }

    /** Number of bases that can be worn. */
    BigInteger bases(CountQuestion question, Progress progress) {
        BigInteger found = bases.get(question);
        if (found == null) {
            found = counter.totals(question.counting(CountedSlots.BASES).withoutCompletions(), progress)
                    .total();
            bases.put(question, found);
        }
        return found;
    }

    /** The counts without the figures of uncounted pieces, from the cache or counted now. */
    Counts counts(CountQuestion question, Progress progress) {
        return first(new Asked(question, SlotPair.TOPS_AND_BOTTOMS), progress).counts();
    }

    private static long millisSince(long start) {
        return TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - start);
    }
}
