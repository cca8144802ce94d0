package jomble.server.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.document.OccasionReader;
import jomble.core.document.OccasionTemplates;
import jomble.server.studio.StudioMember;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Occasions to start a brief with: built-in ones and the studio's own. */
@RestController
@RequestMapping("/api/v1/occasion-templates")
class OccasionTemplateController {
    private final OccasionTemplateService templates;

    OccasionTemplateController(OccasionTemplateService templates) {
        this.templates = templates;
    }

    /** @param occasion in document form */
    record TemplateView(String name, boolean own, Map<String, Object> occasion) {}

    /** The occasions to choose from: built-in ones and the studio's own. */
    @GetMapping
    List<TemplateView> all(@AuthenticationPrincipal StudioMember member) {
        List<TemplateView> all = new ArrayList<>();
        templates
                .own(member.studioId())
                .forEach(tree -> all.add(new TemplateView((String) tree.get("name"), true, tree)));
        OccasionTemplates.shipped()
                .forEach(one -> all.add(new TemplateView(one.name(), false, OccasionReader.write(one))));
        return all;
    }

    /** Adds an occasion in document form, or replaces the studio's own with the same name. */
    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(@AuthenticationPrincipal StudioMember member, @RequestBody Map<String, Object> document) {
        templates.add(member.studioId(), document);
    }

    /** Deletes one of the studio's own templates; built-in ones stay. */
    @DeleteMapping("/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal StudioMember member, @PathVariable String name) {
        templates.remove(member.studioId(), name);
    }
}
