package jomble.core.palette;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.brief.Palette;
import jomble.core.colour.Ciede2000;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourFamily;
import jomble.core.colour.Lab;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Family;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/**
 * The colours of a wardrobe, grouped.
 *
 * <p>Method: DP-means (Kulis and Jordan, 2012) in CIELAB under CIEDE2000 with a fixed radius, seeded by weight, so that the
 * number of groups follows from the colours and the result is the same on every run. The limits are our choice.
 *
 * @param swatches heaviest first
 * @param alike groups of three or more pieces of one family whose main colours all lie within {@link #NEARLY_SAME}
 */
public record WardrobePalette(List<Swatch> swatches, List<Alike> alike) {
    /** ΔE00 within which colours are one group: clearly the same colour in another cloth or light. */
    static final double RADIUS = 12;
    /** ΔE00 within which two pieces look like the same purchase twice. */
    public static final double NEARLY_SAME = 6;

    private static final double NEUTRAL_BASE_FRACTION = 0.08;
    private static final double HUE_BASE_FRACTION = 0.25;
    private static final double SHOWN_SHARE = 0.08;
    private static final int ROUNDS = 8;
    private static final int LEAST_ALIKE = 3;

    /** Pieces of one family that are nearly the same colour; {@code spread} is the largest ΔE00 among them. */
    public record Alike(Family family, Colour colour, List<PieceId> pieces, double spread) {}

    private record Drop(Piece piece, Lab lab, Colour colour, double weight) {}

    /** Complexity: pieces × groups × rounds, and pieces² within a family. */
    public static WardrobePalette of(List<Piece> pieces, Palette client) {
        List<Drop> drops = pieces.stream()
                .sorted(Comparator.comparing(Piece::id))
                .flatMap(WardrobePalette::drops)
                .toList();
        double total = drops.stream().mapToDouble(Drop::weight).sum();
        List<Swatch> swatches = group(drops).stream()
                .map(group -> swatch(group, total, client))
                .sorted(Comparator.comparingDouble(Swatch::weightFraction).reversed())
                .toList();
        return new WardrobePalette(swatches, alike(pieces));
    }

    private static Stream<Drop> drops(Piece piece) {
        return piece.colours().stream()
                .filter(share -> share.shareFraction() >= SHOWN_SHARE)
                .map(share -> drop(piece, share));
    }

    private static Drop drop(Piece piece, ColourShare share) {
        return new Drop(piece, share.colour().lab(), share.colour(), share.shareFraction());
    }

    private static List<List<Drop>> group(List<Drop> drops) {
        List<Lab> centres = new ArrayList<>();
        List<List<Drop>> groups = List.of();
        List<Drop> byWeight = drops.stream()
                .sorted(Comparator.comparingDouble(Drop::weight).reversed())
                .toList();
        for (int round = 0; round < ROUNDS; round++) {
            List<List<Drop>> next = new ArrayList<>();
            centres.forEach(centre -> next.add(new ArrayList<>()));
            for (Drop drop : byWeight) {
                int nearest = nearest(drop.lab(), centres);
                if (nearest < 0 || Ciede2000.difference(drop.lab(), centres.get(nearest)) > RADIUS) {
                    centres.add(drop.lab());
                    next.add(new ArrayList<>());
                    nearest = centres.size() - 1;
                }
                next.get(nearest).add(drop);
            }
            next.removeIf(List::isEmpty);
            boolean settled = next.equals(groups);
            groups = next;
            centres = groups.stream().map(WardrobePalette::middle).collect(Collectors.toCollection(ArrayList::new));
            if (settled) {
                break;
            }
        }
        return groups;
    }

    private static int nearest(Lab lab, List<Lab> centres) {
        int best = -1;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < centres.size(); i++) {
            double difference = Ciede2000.difference(lab, centres.get(i));
            if (difference < least) {
                least = difference;
                best = i;
            }
        }
        return best;
    }

    private static Lab middle(List<Drop> group) {
        double weight = group.stream().mapToDouble(Drop::weight).sum();
        return new Lab(
                group.stream().mapToDouble(d -> d.weight() * d.lab().l()).sum() / weight,
                group.stream().mapToDouble(d -> d.weight() * d.lab().a()).sum() / weight,
                group.stream().mapToDouble(d -> d.weight() * d.lab().b()).sum() / weight);
    }

    private static Swatch swatch(List<Drop> group, double total, Palette client) {
        Lab middle = middle(group);
        Drop typical = group.stream()
                .min(Comparator.comparingDouble(d -> Ciede2000.difference(d.lab(), middle)))
                .orElseThrow();
        double fraction = group.stream().mapToDouble(Drop::weight).sum() / total;
        Set<PieceId> ids = new LinkedHashSet<>();
        group.forEach(drop -> ids.add(drop.piece().id()));
        boolean neutral = ColourFamily.of(typical.lab()).isNeutral();
        double carries = neutral ? NEUTRAL_BASE_FRACTION : HUE_BASE_FRACTION;
        Swatch.Role role = fraction >= carries ? Swatch.Role.BASE : Swatch.Role.ACCENT;
        if (ids.size() == 1) {
            role = Swatch.Role.OUTSIDER;
        }
        return new Swatch(typical.colour(), role, fraction, List.copyOf(ids), fromPalette(typical.lab(), client));
    }

    private static Double fromPalette(Lab lab, Palette client) {
        return Stream.concat(client.base().stream(), client.accents().stream())
                .map(colour -> Ciede2000.difference(lab, colour.lab()))
                .min(Comparator.naturalOrder())
                .orElse(null);
    }

    private static List<Alike> alike(List<Piece> pieces) {
        Map<Family, List<Piece>> families = pieces.stream()
                .filter(piece -> piece.isSolid()
                        && piece.kind().family() != Family.ACCESSORY
                        && piece.kind().family() != Family.LEGWEAR)
                .sorted(Comparator.comparing(Piece::id))
                .collect(Collectors.groupingBy(piece -> piece.kind().family()));
        List<Alike> alike = new ArrayList<>();
        families.forEach((family, members) -> {
            List<Piece> left = new ArrayList<>(members);
            while (!left.isEmpty()) {
                List<Piece> group = largestGroup(left);
                left.removeAll(group);
                if (group.size() >= LEAST_ALIKE) {
                    alike.add(new Alike(
                            family,
                            group.get(0).dominantColour().colour(),
                            group.stream().map(Piece::id).toList(),
                            spread(group)));
                }
            }
        });
        alike.sort(Comparator.comparing((Alike a) -> a.pieces().size()).reversed());
        return alike;
    }

    /** The largest of the groups grown greedily from each piece, every pair within the limit. */
    private static List<Piece> largestGroup(List<Piece> pieces) {
        List<Piece> best = List.of();
        for (Piece seed : pieces) {
            List<Piece> group = new ArrayList<>(List.of(seed));
            for (Piece piece : pieces) {
                if (piece != seed && group.stream().allMatch(p -> p.colourDifference(piece) <= NEARLY_SAME)) {
                    group.add(piece);
                }
            }
            best = group.size() > best.size() ? group : best;
        }
        return best;
    }

    private static double spread(List<Piece> group) {
        double most = 0;
        for (Piece a : group) {
            for (Piece b : group) {
                most = Math.max(most, a.colourDifference(b));
            }
        }
        return most;
    }
}
