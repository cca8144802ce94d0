package jomble.core.piece;

/** How a tailored garment is built. Each part may be null: not given, or not applicable. */
public record Construction(Structure structure, Lapel lapel, Breasted breasted, Pockets pockets) {
    public static final Construction UNKNOWN = new Construction(null, null, null, null);

    /** This construction with its gaps filled from another. */
    Construction or(Construction other) {
        return new Construction(
                structure == null ? other.structure : structure,
                lapel == null ? other.lapel : lapel,
                breasted == null ? other.breasted : breasted,
                pockets == null ? other.pockets : pockets);
    }
}
