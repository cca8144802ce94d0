package jomble.server.palette;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import jomble.core.brief.Palette;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourNames;
import jomble.core.document.Parts;
import jomble.core.document.Wardrobe;
import jomble.core.palette.WardrobePalette;
import jomble.core.piece.PieceId;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.ClientService;
import jomble.server.client.WardrobeParts;
import jomble.server.piece.Wardrobes;
import jomble.server.studio.IfMatch;
import jomble.server.studio.Versions;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The colours of a wardrobe and the client's palette. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}/palette")
class PaletteController {
    private final Wardrobes wardrobes;
    private final ClientService clients;
    private final WardrobeParts parts;

    PaletteController(Wardrobes wardrobes, ClientService clients, WardrobeParts parts) {
        this.parts = parts;
        this.wardrobes = wardrobes;
        this.clients = clients;
    }

    /**
     * @param role base, accent or outsider; {@code fromPalette} is ΔE00 to the nearest palette colour, null without a
     *     palette
     */
    record SwatchView(
            String hex, String name, String role, double weightFraction, List<String> pieces, Double fromPalette) {}

    record AlikeView(String family, String hex, String name, List<String> pieces, double spread) {}

    record ClientPaletteView(
            @NotNull List<String> base,
            @NotNull List<String> accents,
            @NotNull List<String> avoid) {}

    /** @param version of the brief, which the palette belongs to */
    record PaletteView(
            List<SwatchView> swatches,
            List<AlikeView> alike,
            double alikeWithin,
            ClientPaletteView client,
            long version) {}

    /** The colours of a wardrobe, grouped, and the client's palette. */
    @GetMapping
    ResponseEntity<PaletteView> palette(@PathVariable UUID clientId) {
        long version = parts.version(clientId, Parts.BRIEF);
        Wardrobe wardrobe = wardrobes.of(clientId);
        Palette client = wardrobe.brief().palette();
        WardrobePalette found = WardrobePalette.of(wardrobe.pieces(), client);
        PaletteView view = new PaletteView(
                found.swatches().stream()
                        .map(s -> new SwatchView(
                                s.colour().hex(),
                                ColourNames.nameOf(s.colour()),
                                s.role().name().toLowerCase(Locale.ROOT),
                                s.weightFraction(),
                                ids(s.pieces()),
                                s.fromPalette()))
                        .toList(),
                found.alike().stream()
                        .map(a -> new AlikeView(
                                a.family().id(),
                                a.colour().hex(),
                                ColourNames.nameOf(a.colour()),
                                ids(a.pieces()),
                                a.spread()))
                        .toList(),
                WardrobePalette.NEARLY_SAME,
                new ClientPaletteView(hexes(client.base()), hexes(client.accents()), hexes(client.avoid())),
                version);
        return ResponseEntity.ok().eTag(Versions.tag(version)).body(view);
    }

    /** Replaces the client's palette, if the brief is still at the version in If-Match; one with a mistake is refused and nothing is saved. */
    @Requires(Right.CHANGE_CLIENTS)
    @PutMapping
    ResponseEntity<PaletteView> change(
            @PathVariable UUID clientId, @IfMatch long seen, @Valid @RequestBody ClientPaletteView palette) {
        clients.changeBrief(
                clientId,
                Map.of(
                        "palette",
                        Map.of("base", palette.base(), "accents", palette.accents(), "avoid", palette.avoid())),
                null,
                seen);
        return palette(clientId);
    }

    private static List<String> ids(List<PieceId> pieces) {
        return pieces.stream().map(PieceId::value).toList();
    }

    private static List<String> hexes(List<Colour> colours) {
        return colours.stream().map(Colour::hex).toList();
    }
}
