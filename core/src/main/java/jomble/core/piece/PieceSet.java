package jomble.core.piece;

/** Pieces that belong together, such as the parts of a suit; each piece names the set it belongs to. */
public record PieceSet(String id, SetKind kind, String label) {}
