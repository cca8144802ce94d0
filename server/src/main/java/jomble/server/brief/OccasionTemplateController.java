package jomble.server.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.document.OccasionReader;
import jomble.core.document.OccasionTemplates;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.studio.IfMatch;
import jomble.server.studio.StudioMember;
import jomble.server.studio.Versions;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Occasions to start a brief with: built-in ones and the studio's own. */
@RestController
@Requires(Right.READ_STUDIO)
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
    ResponseEntity<List<TemplateView>> all(@AuthenticationPrincipal StudioMember member) {
        long version = templates.version(member.studioId());
        List<TemplateView> all = new ArrayList<>();
        templates
                .own(member.studioId())
                .forEach(tree -> all.add(new TemplateView((String) tree.get("name"), true, tree)));
        OccasionTemplates.shipped()
                .forEach(one -> all.add(new TemplateView(one.name(), false, OccasionReader.write(one))));
        return ResponseEntity.ok().eTag(Versions.tag(version)).body(all);
    }

    /** Adds an occasion in document form; with If-Match, it may replace the studio's own with the same name. */
    @Requires(Right.CHANGE_STUDIO)
    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(
            @AuthenticationPrincipal StudioMember member,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String seen,
            @RequestBody Map<String, Object> document) {
        templates.add(member.studioId(), document, seen == null ? null : Long.valueOf(Versions.of(seen)));
    }

    /** Deletes one of the studio's own templates, if they are still as in If-Match; built-in ones stay. */
    @Requires(Right.CHANGE_STUDIO)
    @DeleteMapping("/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal StudioMember member, @PathVariable String name, @IfMatch long seen) {
        templates.remove(member.studioId(), name, seen);
    }
}
