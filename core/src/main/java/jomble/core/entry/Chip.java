package jomble.core.entry;

import java.util.List;

/**
 * A stretch of the line and what it was taken for.
 *
 * @param text the words as typed
 * @param from place of the first character, counting from 0
 * @param to place after the last character
 * @param means the attribute, {@code kind} or {@code count}; null when the words were not understood
 * @param value what was understood, in words; null when nothing was
 * @param readings the likeliest things a stretch that was not understood may mean, the likeliest first, at most two, each as
 *     it would be typed
 * @param others what else the words may mean here, each as it would be typed to say so: {@code metal:gold}
 */
public record Chip(
        String text, int from, int to, String means, String value, List<String> readings, List<String> others) {
    public Chip {
        readings = List.copyOf(readings);
        others = List.copyOf(others);
    }

    public boolean isUnderstood() {
        return means != null;
    }
}
