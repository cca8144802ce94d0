package jomble.core.tree;

/**
 * One problem in the input.
 *
 * @param pointer where, as a JSON Pointer (RFC 6901)
 * @param code what, as a stable kebab-case word
 * @param message what, in one sentence for people
 */
public record Problem(String pointer, String code, String message) {}
