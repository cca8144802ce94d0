package jomble.core.capsule;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.piece.PieceId;

/**
 * A capsule saved by a stylist. Each change of its pieces or wishes is a new version; a locked capsule cannot change
 * until it is unlocked.
 *
 * @param id unique among the capsules of a client
 * @param lock null when it is not locked
 * @param now the current version
 * @param earlier previous versions, oldest first
 */
public record SavedCapsule(String id, String name, String notes, Lock lock, Version now, List<Version> earlier) {
    /** At most this many earlier versions are kept; the oldest are dropped. */
    public static final int MOST_EARLIER = 50;

    public SavedCapsule {
        earlier = List.copyOf(earlier);
    }

    /**
     * Settled for a season.
     *
     * @param season name of the season, empty for none
     */
    public record Lock(String season, LocalDate on) {}

    /**
     * One version of the capsule.
     *
     * @param pieces those that count towards the size; some may have left the wardrobe since
     * @param wishes in the format of the planning call
     */
    public record Version(List<PieceId> pieces, Map<String, Object> wishes, Instant saved) {
        public Version {
            pieces = List.copyOf(pieces);
            wishes = new LinkedHashMap<>(wishes);
        }
    }

    /** The number of the current version, from 1. */
    public int version() {
        return earlier.size() + 1;
    }

    /** With a new current version; unchanged when nothing differs. */
    public SavedCapsule changed(Version next) {
        if (next.pieces().equals(now.pieces()) && next.wishes().equals(now.wishes())) {
            return this;
        }
        List<Version> before = new ArrayList<>(earlier);
        before.add(now);
        int dropped = Math.max(0, before.size() - MOST_EARLIER);
        return new SavedCapsule(id, name, notes, lock, next, before.subList(dropped, before.size()));
    }

    public SavedCapsule named(String otherName, String otherNotes) {
        return new SavedCapsule(id, otherName, otherNotes, lock, now, earlier);
    }

    /** @param other null to unlock */
    public SavedCapsule locked(Lock other) {
        return new SavedCapsule(id, name, notes, other, now, earlier);
    }
}
