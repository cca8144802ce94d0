package jomble.server.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.brief.Occasion;
import jomble.core.document.OccasionReader;
import jomble.core.tree.Node;
import jomble.server.idempotency.IdempotencyKeys;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioRepository;
import jomble.server.studio.Write;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A studio's own occasion templates, in document form. */
@Service
class OccasionTemplateService {
    private static final TypeReference<List<Map<String, Object>>> TREES = new TypeReference<>() {};

    private final IdempotencyKeys keys;
    private final StudioRepository studios;
    private final JsonMapper json;

    OccasionTemplateService(StudioRepository studios, JsonMapper json, IdempotencyKeys keys) {
        this.keys = keys;
        this.studios = studios;
        this.json = json;
    }

    /** The studio's own templates, newest first. */
    @Transactional(readOnly = true)
    public List<Map<String, Object>> own(UUID studioId) {
        return read(studios.findById(studioId).orElseThrow());
    }

    /** The version of the studio's own templates. */
    @Transactional(readOnly = true)
    public long version(UUID studioId) {
        return studios.findById(studioId).orElseThrow().occasionsVersion();
    }

    /**
     * Adds a template, or replaces the one with the same name.
     *
     * @param seen version of the templates as the caller saw them; needed to replace one, null to add one
     */
    @Write
    public void add(UUID studioId, Map<String, Object> document, Long seen) {
        keys.claim();
        Node node = Node.root(document);
        Occasion occasion = OccasionReader.read(node);
        node.finish();
        Studio studio = studioToChange(studioId);
        List<Map<String, Object>> own = without(studio, occasion.name());
        if (own.size() < read(studio).size()) {
            check(studio, seen);
        }
        own.add(0, OccasionReader.write(occasion));
        studio.offerOccasions(json.writeValueAsString(own));
    }

    /** @param seen version of the templates as the caller saw them */
    @Write
    public void remove(UUID studioId, String name, long seen) {
        Studio studio = studioToChange(studioId);
        List<Map<String, Object>> rest = without(studio, name);
        if (rest.size() == read(studio).size()) {
            throw ProblemException.notFound("The template " + name);
        }
        check(studio, seen);
        studio.offerOccasions(json.writeValueAsString(rest));
    }

    private static void check(Studio studio, Long seen) {
        if (seen == null) {
            throw ProblemException.preconditionRequired();
        }
        if (studio.occasionsVersion() != seen) {
            throw ProblemException.stale();
        }
    }

    private List<Map<String, Object>> without(Studio studio, String name) {
        return new ArrayList<>(read(studio).stream()
                .filter(tree -> !name.equals(tree.get("name")))
                .toList());
    }

    private List<Map<String, Object>> read(Studio studio) {
        return json.readValue(studio.occasions(), TREES);
    }

    private Studio studioToChange(UUID id) {
        return studios.findToChange(id).orElseThrow();
    }
}
