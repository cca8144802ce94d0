package jomble.server.brief;

import java.util.Map;
import java.util.UUID;
import jomble.core.brief.Brief;
import jomble.core.document.Parts;
import jomble.server.client.ClientService;
import jomble.server.client.WardrobeParts;
import jomble.server.history.History;
import jomble.server.photo.PhotoService;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Write;
import org.springframework.stereotype.Service;

/** Changes of briefs, with what follows from them for the client's photos. */
@Service
class BriefChanges {
    private static final String CONSENT = "photoConsent";
    private static final String DELETE = "delete";
    private static final String KEEP = "keep";

    private final ClientService clients;
    private final WardrobeParts parts;
    private final PhotoService photos;
    private final History history;

    BriefChanges(ClientService clients, WardrobeParts parts, PhotoService photos, History history) {
        this.history = history;
        this.clients = clients;
        this.parts = parts;
        this.photos = photos;
    }

    /**
     * Changes fields of the brief in one step.
     *
     * @param decision what becomes of the photos when the consent to them is taken back: {@code delete} for good, or
     *     {@code keep} unseen; null where nothing has to be decided
     * @throws ProblemException when there are photos to decide about
     * @see ClientService#changeBrief
     */
    @Write
    public Brief change(
            UUID clientId, Map<String, Object> set, Map<String, Object> seen, Long version, String decision) {
        history.hold(clientId);
        boolean agreed = parts.get(clientId, Parts.BRIEF).photoConsent() != null;
        Brief changed = clients.changeBrief(clientId, set, seen, version);
        if (agreed && changed.photoConsent() == null && set.containsKey(CONSENT)) {
            int there = photos.count(clientId);
            if (DELETE.equals(decision)) {
                photos.deleteAll(clientId);
            } else if (there > 0 && !KEEP.equals(decision)) {
                throw ProblemException.conflict(
                        "photos-undecided",
                        "There are " + there
                                + " photos of this client's pieces. Say whether they are deleted or kept unseen.");
            }
        }
        return changed;
    }
}
