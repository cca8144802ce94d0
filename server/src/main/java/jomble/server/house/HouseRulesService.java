package jomble.server.house;

import java.util.Map;
import java.util.UUID;
import jomble.core.document.HouseRulesReader;
import jomble.core.document.Parts;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.HouseRules;
import jomble.server.client.WardrobeParts;
import jomble.server.problem.ProblemException;
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

    /** The version of the studio's rules. */
    @Transactional(readOnly = true)
    public long versionInStudio() {
        return studio().rulesVersion();
    }

    /** The version of a client's rules. */
    @Transactional(readOnly = true)
    public long version(UUID clientId) {
        return parts.version(clientId, Parts.RULES);
    }

    /**
     * @param seen the version of the rules as the caller saw them
     * @throws ProblemException when they were changed since
     */
    @Write
    public void holdInStudio(HouseRules rules, long seen) {
        Studio studio = studios.findToChange(studioId()).orElseThrow();
        if (studio.rulesVersion() != seen) {
            throw ProblemException.stale();
        }
        studio.hold(json.writeValueAsString(HouseRulesReader.write(rules)));
    }

    /**
     * @param seen the version of the rules as the caller saw them
     * @throws ProblemException when they were changed since
     */
    @Write
    public void holdForClient(UUID clientId, HouseRules rules, long seen) {
        parts.changeWhole(clientId, Parts.RULES, seen, before -> rules);
    }

    private Studio studio() {
        return studios.findById(studioId()).orElseThrow();
    }

    private static UUID studioId() {
        Object who = SecurityContextHolder.getContext().getAuthentication().getPrincipal();
        return ((StudioMember) who).studioId();
    }
}
