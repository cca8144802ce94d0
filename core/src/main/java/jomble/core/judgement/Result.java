package jomble.core.judgement;

import java.util.Optional;

/**
 * What a rule found, before it is attributed to pieces.
 *
 * @param evidence a record of measured values; its name selects the text, its components fill the placeholders
 */
public record Result(FindingKind kind, Record evidence) {
    public static Optional<Result> credit(Record evidence) {
        return Optional.of(new Result(FindingKind.CREDIT, evidence));
    }

    public static Optional<Result> note(Record evidence) {
        return Optional.of(new Result(FindingKind.NOTE, evidence));
    }

    public static Optional<Result> minor(Record evidence) {
        return Optional.of(new Result(FindingKind.MINOR, evidence));
    }

    public static Optional<Result> major(Record evidence) {
        return Optional.of(new Result(FindingKind.MAJOR, evidence));
    }

    public static Optional<Result> stop(Record evidence) {
        return Optional.of(new Result(FindingKind.STOP, evidence));
    }

    /** The result, or empty when the kind is null. */
    public static Optional<Result> of(FindingKind kind, Record evidence) {
        return kind == null ? Optional.empty() : Optional.of(new Result(kind, evidence));
    }
}
