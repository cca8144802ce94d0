package jomble.server.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.brief.Occasion;
import jomble.core.document.OccasionReader;
import jomble.core.document.OccasionTemplates;
import jomble.core.tree.Node;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioMember;
import jomble.server.studio.StudioRepository;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Occasions to begin a brief with: the shipped ones, and those a studio adds. */
@RestController
@RequestMapping("/api/v1/occasion-templates")
class OccasionTemplateController {
    private static final TypeReference<List<Map<String, Object>>> TREES = new TypeReference<>() {};

    private final StudioRepository studios;
    private final JsonMapper json;

    OccasionTemplateController(StudioRepository studios, JsonMapper json) {
        this.studios = studios;
        this.json = json;
    }

    /** @param occasion in document form */
    record TemplateView(String name, boolean own, Map<String, Object> occasion) {}

    @GetMapping
    @Transactional(readOnly = true)
    List<TemplateView> all(@AuthenticationPrincipal StudioMember member) {
        List<TemplateView> all = new ArrayList<>();
        own(studio(member)).forEach(tree -> all.add(new TemplateView((String) tree.get("name"), true, tree)));
        OccasionTemplates.shipped()
                .forEach(one -> all.add(new TemplateView(one.name(), false, OccasionReader.write(one))));
        return all;
    }

    /** Adds an occasion in document form, or replaces the studio's own of that name. */
    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void add(@AuthenticationPrincipal StudioMember member, @RequestBody Map<String, Object> document) {
        Node node = Node.root(document);
        Occasion occasion = OccasionReader.read(node);
        node.finish();
        Studio studio = studio(member);
        List<Map<String, Object>> own = without(studio, occasion.name());
        own.add(0, OccasionReader.write(occasion));
        studio.offerOccasions(json.writeValueAsString(own));
    }

    @DeleteMapping("/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void remove(@AuthenticationPrincipal StudioMember member, @PathVariable String name) {
        Studio studio = studio(member);
        List<Map<String, Object>> rest = without(studio, name);
        if (rest.size() == own(studio).size()) {
            throw ProblemException.notFound("The template " + name);
        }
        studio.offerOccasions(json.writeValueAsString(rest));
    }

    private List<Map<String, Object>> without(Studio studio, String name) {
        return new ArrayList<>(own(studio).stream()
                .filter(tree -> !name.equals(tree.get("name")))
                .toList());
    }

    private List<Map<String, Object>> own(Studio studio) {
        return json.readValue(studio.occasions(), TREES);
    }

    private Studio studio(StudioMember member) {
        return studios.findById(member.studioId()).orElseThrow();
    }
}
