package jomble.server.kind;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.document.KindReader;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.server.idempotency.IdempotencyKeys;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The kinds of the current studio. */
@Service
public class KindService {
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final IdempotencyKeys keys;
    private final StudioKindRepository rows;
    private final JsonMapper json;
    private final Clock clock;

    KindService(StudioKindRepository rows, JsonMapper json, Clock clock, IdempotencyKeys keys) {
        this.keys = keys;
        this.rows = rows;
        this.json = json;
        this.clock = clock;
    }

    /** A studio's own kind, and whether new pieces may be of it. */
    record Own(Kind kind, boolean offered, long version) {}

    /** Every kind a piece may be of. */
    @Transactional(readOnly = true)
    public Kinds all() {
        return Kinds.shipped().with(own().stream().map(Own::kind).toList());
    }

    /** The kinds offered for new pieces. */
    @Transactional(readOnly = true)
    public Kinds offered() {
        return Kinds.shipped()
                .with(own().stream().filter(Own::offered).map(Own::kind).toList());
    }

    @Transactional(readOnly = true)
    List<Own> own() {
        List<Own> own = new ArrayList<>();
        for (StudioKind row : rows.findAllByOrderByName()) {
            Kind kind = KindReader.readAlone(json.readValue(row.document(), TREE), Kinds.shipped());
            own.add(new Own(kind, row.isOffered(), row.version()));
        }
        return own;
    }

    /** Adds a kind in document form. */
    @Write
    Kind add(Map<String, Object> document) {
        keys.claim();
        Kinds known = all();
        Kind kind = KindReader.readAlone(document, known);
        if (known.ids().contains(kind.id())) {
            throw ProblemException.conflict("kind-taken", "There is a kind called " + kind.words() + " already.");
        }
        keepAll(List.of(kind));
        return kind;
    }

    /** Keeps the kinds that are not there yet. */
    @Write
    public void keepAll(List<Kind> kinds) {
        Kinds known = all();
        kinds.stream()
                .filter(kind -> !known.ids().contains(kind.id()))
                .forEach(kind -> rows.save(new StudioKind(
                        Ids.next(), kind.id(), json.writeValueAsString(KindReader.write(kind)), clock.instant())));
    }

    /**
     * Offers a kind for new pieces, or no longer.
     *
     * @param seen its version as the caller saw it
     */
    @Write
    void offer(String id, boolean offered, long seen) {
        StudioKind row = rows.findByName(id).orElseThrow(() -> ProblemException.notFound("The kind " + id));
        if (row.version() != seen) {
            throw ProblemException.stale();
        }
        row.offer(offered);
    }
}
