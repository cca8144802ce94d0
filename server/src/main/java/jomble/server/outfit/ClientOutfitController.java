package jomble.server.outfit;

import java.util.List;
import java.util.UUID;
import jomble.core.counting.query.OutfitQueries;
import jomble.core.counting.query.VariedLooks;
import jomble.core.document.Question;
import jomble.core.piece.PieceId;
import jomble.server.counting.Deadline;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.document.NamedPieces;
import jomble.server.drawing.OutfitDrawings;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Outfits of a client's own wardrobe, varied. */
@RestController
@RequestMapping("/api/v1/clients/{clientId}")
class ClientOutfitController {
    private final ClientQuestions questions;
    private final OutfitQueries queries;
    private final OutfitDrawings drawings;
    private final int seconds;

    ClientOutfitController(
            ClientQuestions questions,
            OutfitQueries queries,
            OutfitDrawings drawings,
            @Value("${jomble.count-seconds}") int seconds) {
        this.questions = questions;
        this.queries = queries;
        this.drawings = drawings;
        this.seconds = seconds;
    }

    /**
     * Drawn looks with one piece that differ as much as can be.
     *
     * @param hero id of the piece
     * @param k 1..20 looks
     * @param counting preset of the slots in which they are to differ, or slots with commas between them; null for outfits
     */
    @GetMapping("/ways")
    WaysView ways(
            @PathVariable UUID clientId,
            @RequestParam String hero,
            @RequestParam(defaultValue = "10") int k,
            @RequestParam(required = false) String season,
            @RequestParam(required = false) String occasion,
            @RequestParam(required = false) String counting,
            @RequestParam(defaultValue = "false") boolean daring,
            @RequestParam(required = false) String capsule) {
        Question question = questions.ask(clientId, new Chosen(season, occasion, counting, daring).within(capsule));
        PieceId piece =
                NamedPieces.read("/hero", List.of(hero), question.wardrobe()).get(0);
        int most = Math.max(1, Math.min(k, VariedLooks.MOST));
        OutfitQueries.Ways ways = queries.ways(question.toCount(), piece, most, Deadline.in(seconds));
        return WaysView.of(ways, one -> drawings.figure(one, question.wardrobe()));
    }
}
