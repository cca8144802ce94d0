package jomble.core.outfit;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import jomble.core.piece.Finish;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * An outfit saved by a stylist. Each change of what is worn is a new version.
 *
 * @param id unique among the outfits of a client
 * @param about name, notes and what it is meant for
 * @param now the current version
 * @param earlier previous versions, oldest first
 */
public record SavedOutfit(String id, About about, Version now, List<Version> earlier) {
    /** At most this many earlier versions are kept; the oldest are dropped. */
    public static final int MOST_EARLIER = 50;

    public SavedOutfit {
        earlier = List.copyOf(earlier);
    }

    /**
     * Name, notes and purpose of a saved outfit.
     *
     * @param occasions names of occasions it is meant for; empty for any
     * @param seasons names of seasons it is meant for; empty for any
     */
    public record About(
            String name,
            String notes,
            List<String> occasions,
            List<String> seasons,
            List<String> tags,
            boolean favourite) {
        public About {
            occasions = List.copyOf(occasions);
            seasons = List.copyOf(seasons);
            tags = List.copyOf(tags);
        }
    }

    /**
     * One version of the outfit.
     *
     * @param slots at least one; some pieces may have left the wardrobe since
     * @param finishes how pieces are to be worn, if chosen by hand
     */
    public record Version(Map<Slot, List<PieceId>> slots, Map<PieceId, Set<Finish>> finishes, Instant saved) {
        public Version {
            slots = Collections.unmodifiableMap(new EnumMap<>(slots));
            Map<PieceId, Set<Finish>> inOrder = new TreeMap<>();
            finishes.forEach((id, chosen) -> {
                Set<Finish> set = EnumSet.noneOf(Finish.class);
                set.addAll(chosen);
                inOrder.put(id, Collections.unmodifiableSet(set));
            });
            finishes = Collections.unmodifiableMap(inOrder);
        }

        public List<PieceId> pieces() {
            return slots.values().stream().flatMap(List::stream).toList();
        }

        boolean wearsTheSame(Version other) {
            return slots.equals(other.slots) && finishes.equals(other.finishes);
        }
    }

    /** The number of the current version, from 1. */
    public int version() {
        return earlier.size() + 1;
    }

    /** With a new current version; unchanged when nothing differs. */
    public SavedOutfit changed(Version next) {
        if (next.wearsTheSame(now)) {
            return this;
        }
        List<Version> before = new ArrayList<>(earlier);
        before.add(now);
        int dropped = Math.max(0, before.size() - MOST_EARLIER);
        return new SavedOutfit(id, about, next, before.subList(dropped, before.size()));
    }

    public SavedOutfit described(About other) {
        return new SavedOutfit(id, other, now, earlier);
    }
}
