package jomble.server.outfit;

import java.util.List;
import jomble.core.counting.query.OutfitQueries;

/** Every outfit one edit away, by slot; removals come first. */
record ChangesView(List<OutfitChangeView> changes) {
    static ChangesView of(List<OutfitQueries.Neighbour> neighbours) {
        return new ChangesView(neighbours.stream()
                .map(one -> OutfitChangeView.of(one.change(), one.verdict().id()))
                .toList());
    }
}
