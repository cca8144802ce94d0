package jomble.server.capsule;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.capsule.SavedCapsule;
import jomble.core.document.Wardrobe;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/**
 * A saved capsule.
 *
 * @param worn all pieces worn with it, including those that do not count towards its size
 * @param gone pieces of it that have left the wardrobe
 * @param change number of the change that wrote it, to be sent as If-Match
 * @param version of its pieces and wishes, from 1
 * @param locked null when it is not locked
 * @param earlier previous versions, oldest first
 */
record SavedCapsuleView(
        String id,
        String name,
        String notes,
        List<String> pieces,
        List<String> worn,
        Map<String, Object> wishes,
        Instant saved,
        long change,
        int version,
        List<String> gone,
        LockView locked,
        List<VersionView> earlier) {
    record LockView(String season, LocalDate on) {}

    record VersionView(int version, List<String> pieces, Map<String, Object> wishes, Instant saved) {}

    static List<SavedCapsuleView> all(Wardrobe wardrobe, Map<String, Long> changes) {
        return wardrobe.capsules().stream()
                .map(capsule -> of(capsule, wardrobe, changes))
                .toList();
    }

    static SavedCapsuleView of(SavedCapsule capsule, Wardrobe wardrobe, Map<String, Long> changes) {
        List<VersionView> earlier = new ArrayList<>();
        for (SavedCapsule.Version version : capsule.earlier()) {
            earlier.add(
                    new VersionView(earlier.size() + 1, values(version.pieces()), version.wishes(), version.saved()));
        }
        return new SavedCapsuleView(
                capsule.id(),
                capsule.name(),
                capsule.notes(),
                values(capsule.now().pieces()),
                values(wardrobe.within(capsule).pieces().stream().map(Piece::id).toList()),
                capsule.now().wishes(),
                capsule.now().saved(),
                changes.getOrDefault(capsule.id(), 0L),
                capsule.version(),
                values(capsule.now().pieces().stream()
                        .filter(id -> wardrobe.find(id).isEmpty())
                        .toList()),
                capsule.lock() == null
                        ? null
                        : new LockView(capsule.lock().season(), capsule.lock().on()),
                earlier);
    }

    private static List<String> values(List<PieceId> pieces) {
        return pieces.stream().map(PieceId::value).toList();
    }
}
