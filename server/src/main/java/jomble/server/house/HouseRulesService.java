package jomble.server.house;

import java.util.Map;
import java.util.UUID;
import jomble.core.document.HouseRulesReader;
import jomble.core.document.Parts;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.HouseRules;
import jomble.server.client.WardrobeParts;
import jomble.server.studio.Ids;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioMember;
import jomble.server.studio.StudioRepository;
import jomble.server.studio.Write;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The studio's house rules, and each client's, which take precedence. */
@Service
public class HouseRulesService {
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final StudioRepository studios;
    private final WardrobeParts parts;
    private final JsonMapper json;

    HouseRulesService(StudioRepository studios, WardrobeParts parts, JsonMapper json) {
        this.studios = studios;
        this.parts = parts;
        this.json = json;
    }

    @Transactional(readOnly = true)
    public HouseRules ofStudio() {
        return HouseRulesReader.read(json.readValue(studio().rules(), TREE));
    }

    /** The wardrobe with the studio's house rules applied beneath its own. */
    @Transactional(readOnly = true)
    public Wardrobe governed(Wardrobe wardrobe) {
        return wardrobe.with(Parts.RULES, ofStudio().with(wardrobe.rules()));
    }

    @Write
    public void holdInStudio(HouseRules rules) {
        studios.findToChange(studioId()).orElseThrow().hold(json.writeValueAsString(HouseRulesReader.write(rules)));
    }

    @Write
    public void holdForClient(UUID clientId, HouseRules rules) {
        parts.change(clientId, Ids.next(), Parts.RULES, before -> rules);
    }

    private Studio studio() {
        return studios.findById(studioId()).orElseThrow();
    }

    private static UUID studioId() {
        Object who = SecurityContextHolder.getContext().getAuthentication().getPrincipal();
        return ((StudioMember) who).studioId();
    }
}
