package jomble.server.photo;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import jomble.server.client.ClientService;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps and finds photos of a client's pieces. */
@Service
class PhotoService {
    private final PhotoRepository photos;
    private final ClientService clients;
    private final Clock clock;

    PhotoService(PhotoRepository photos, ClientService clients, Clock clock) {
        this.photos = photos;
        this.clients = clients;
        this.clock = clock;
    }

    @Transactional
    public PhotoRepository.Line add(UUID clientId, String ref, Picture picture) {
        clients.find(clientId);
        UUID id = Ids.next();
        photos.save(new Photo(id, clientId, ref, picture, clock.instant()));
        return new PhotoRepository.Line(id, picture.colours());
    }

    @Transactional(readOnly = true)
    public List<PhotoRepository.Line> of(UUID clientId, String ref) {
        clients.find(clientId);
        return photos.lines(clientId, ref);
    }

    @Transactional(readOnly = true)
    public byte[] jpeg(UUID clientId, UUID id, String size) {
        return find(clientId, id).jpeg(size);
    }

    @Transactional
    public void delete(UUID clientId, UUID id) {
        photos.delete(find(clientId, id));
    }

    private Photo find(UUID clientId, UUID id) {
        return photos.findByIdAndClientId(id, clientId).orElseThrow(() -> ProblemException.notFound("This photo"));
    }
}
