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
import jomble.core.document.Wardrobe;
import jomble.core.palette.WardrobePalette;
import jomble.core.piece.PieceId;
import jomble.server.client.ClientService;
import jomble.server.piece.Wardrobes;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The colours of a wardrobe and the client's palette. */
@RestController
@RequestMapping("/api/v1/clients/{clientId}/palette")
class PaletteController {
    private final Wardrobes wardrobes;
    private final ClientService clients;

    PaletteController(Wardrobes wardrobes, ClientService clients) {
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

    record PaletteView(
            List<SwatchView> swatches, List<AlikeView> alike, double alikeWithin, ClientPaletteView client) {}

    /** The colours of a wardrobe, grouped, and the client's palette. */
    @GetMapping
    PaletteView palette(@PathVariable UUID clientId) {
        Wardrobe wardrobe = wardrobes.of(clientId);
        Palette client = wardrobe.brief().palette();
        WardrobePalette found = WardrobePalette.of(wardrobe.pieces(), client);
        return new PaletteView(
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
                new ClientPaletteView(hexes(client.base()), hexes(client.accents()), hexes(client.avoid())));
    }

    /** Replaces the client's palette; one with a mistake is refused and nothing is saved. */
    @PutMapping
    PaletteView change(@PathVariable UUID clientId, @Valid @RequestBody ClientPaletteView palette) {
        clients.changeBrief(
                clientId,
                Map.of(
                        "palette",
                        Map.of("base", palette.base(), "accents", palette.accents(), "avoid", palette.avoid())),
                null);
        return palette(clientId);
    }

    private static List<String> ids(List<PieceId> pieces) {
        return pieces.stream().map(PieceId::value).toList();
    }

    private static List<String> hexes(List<Colour> colours) {
        return colours.stream().map(Colour::hex).toList();
    }
}
