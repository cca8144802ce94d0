package jomble.server.photo;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
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

/** Stores and finds photos. They are deleted with their piece, and restored when that is undone. */
@Service
class PhotoService {
    private final PhotoRepository photos;
    private final History history;
    private final PieceService pieces;
    private final Clock clock;

    PhotoService(PhotoRepository photos, History history, PieceService pieces, Clock clock) {
        this.photos = photos;
        this.history = history;
        this.pieces = pieces;
        this.clock = clock;
    }

    @Write
    public PhotoRepository.Line add(UUID clientId, String ref, Picture picture) {
        history.hold(clientId);
        pieces.mustExist(clientId, ref);
        UUID id = Ids.next();
        photos.save(new Photo(id, clientId, ref, picture, clock.instant()));
        return new PhotoRepository.Line(id, picture.colours());
    }

    @Transactional(readOnly = true)
    public List<PhotoRepository.Line> of(UUID clientId, String ref) {
        pieces.mustExist(clientId, ref);
        return photos.lines(clientId, ref);
    }

    @Transactional(readOnly = true)
    public byte[] jpeg(UUID clientId, UUID id, String size) {
        return find(clientId, id).jpeg(size);
    }

    @Write
    public void delete(UUID clientId, UUID id) {
        photos.delete(find(clientId, id));
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
