package jomble.core.tree;

import java.util.List;

/** The input is invalid; carries every problem found, in reading order. Nothing was saved. */
public final class InvalidInputException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient List<Problem> problems;

    public InvalidInputException(List<Problem> problems) {
        super(problems.get(0).pointer() + ": " + problems.get(0).message());
        this.problems = List.copyOf(problems);
    }

    public List<Problem> problems() {
        return problems;
    }
}
