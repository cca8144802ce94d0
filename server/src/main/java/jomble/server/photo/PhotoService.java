package jomble.server.photo;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import jomble.core.document.Parts;
import jomble.server.client.WardrobeParts;
import jomble.server.history.History;
import jomble.server.piece.PieceService;
import jomble.server.piece.PiecesBack;
import jomble.server.piece.PiecesGone;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Stores and finds photos, while the client agrees to them. They are deleted with their piece, and restored when that is undone. */
@Service
public class PhotoService {
    private static final int MOST_OF_A_PIECE = 20;
    private static final int MOST = 2000;

    private final PhotoRepository photos;
    private final History history;
    private final PieceService pieces;
    private final WardrobeParts parts;
    private final Clock clock;

    PhotoService(PhotoRepository photos, History history, PieceService pieces, WardrobeParts parts, Clock clock) {
        this.parts = parts;
        this.photos = photos;
        this.history = history;
        this.pieces = pieces;
        this.clock = clock;
    }

    @Write
    PhotoRepository.Line add(UUID clientId, String ref, Picture picture) {
        history.hold(clientId);
        pieces.mustExist(clientId, ref);
        mustAgree(clientId);
        if (photos.countByClientIdAndRefAndGoneWithIsNull(clientId, ref) >= MOST_OF_A_PIECE) {
            throw ProblemException.conflict("too-many", "A piece has " + MOST_OF_A_PIECE + " photos at most.");
        }
        if (photos.countByClientIdAndGoneWithIsNull(clientId) >= MOST) {
            throw ProblemException.conflict("too-many", "A client has " + MOST + " photos at most.");
        }
        UUID id = Ids.next();
        photos.save(new Photo(id, clientId, ref, picture, clock.instant()));
        return new PhotoRepository.Line(id, picture.colours());
    }

    @Transactional(readOnly = true)
    List<PhotoRepository.Line> of(UUID clientId, String ref) {
        pieces.mustExist(clientId, ref);
        return agrees(clientId) ? photos.lines(clientId, ref) : List.of();
    }

    @Transactional(readOnly = true)
    public byte[] jpeg(UUID clientId, UUID id, String size) {
        mustAgree(clientId);
        return find(clientId, id).jpeg(size);
    }

    @Write
    public void delete(UUID clientId, UUID id) {
        photos.delete(find(clientId, id));
    }

    /** How many photos there are of the client's pieces, shown or not. */
    @Transactional(readOnly = true)
    public int count(UUID clientId) {
        return photos.countByClientIdAndGoneWithIsNull(clientId);
    }

    /** Deletes all photos of the client's pieces for good, those of deleted pieces too. */
    @Write
    public void deleteAll(UUID clientId) {
        history.hold(clientId);
        photos.deleteAllOf(clientId);
    }

    private boolean agrees(UUID clientId) {
        return parts.get(clientId, Parts.BRIEF).photoConsent() != null;
    }

    private void mustAgree(UUID clientId) {
        if (!agrees(clientId)) {
            throw ProblemException.conflict(
                    "no-consent", "The client has not agreed to photos. Record the consent in the brief first.");
        }
    }

    @EventListener
    void go(PiecesGone pieces) {
        photos.go(pieces.clientId(), pieces.refs(), pieces.step());
    }

    @EventListener
    void comeBack(PiecesBack pieces) {
        photos.comeBack(pieces.clientId(), pieces.refs(), pieces.goneWith());
    }

    private Photo find(UUID clientId, UUID id) {
        return photos.findByIdAndClientIdAndGoneWithIsNull(id, clientId)
                .orElseThrow(() -> ProblemException.notFound("This photo"));
    }
}
