package jomble.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.piece.Fibre;

/** The fibres of a line and their percentages, as "80% wool" or "wool 80%"; the first one decides the order. */
final class FibreShares {
    private final List<Share> shares = new ArrayList<>();
    /** A percentage whose fibre has not been read yet. */
    private Integer waiting;

    private int percentages;
    private boolean percentFollows;

    /** A fibre with its percentage, null when none was given. */
    private record Share(String fibre, Integer percent) {}

    boolean isEmpty() {
        return shares.isEmpty();
    }

    void addFibre(String fibre) {
        if (shares.stream().noneMatch(share -> share.fibre().equals(fibre))) {
            shares.add(new Share(fibre, waiting));
        }
        waiting = null;
    }

    /** A line that names a fibre before the first percentage keeps that order. */
    void addPercent(int percent) {
        if (shares.isEmpty() || percentages > 0 && !percentFollows) {
            waiting = percent;
        } else {
            percentFollows = true;
            int last = shares.size() - 1;
            shares.set(last, new Share(shares.get(last).fibre(), percent));
        }
        percentages++;
    }

    /**
     * In document form, adding up to 100 %: fibres without a percentage share the rest equally, and a remainder is
     * another fibre. If the percentages exceed 100 %, they are ignored and all fibres share equally.
     */
    List<Map<String, Object>> toDocument() {
        int named = shares.stream()
                .filter(share -> share.percent() != null)
                .mapToInt(Share::percent)
                .sum();
        boolean believed = named <= 100;
        int open = (int) shares.stream()
                .filter(share -> !believed || share.percent() == null)
                .count();
        int left = believed ? 100 - named : 100;
        List<Map<String, Object>> whole = new ArrayList<>();
        for (Share share : shares) {
            int percent = believed && share.percent() != null ? share.percent() : left / open;
            if (percent != 0 && (!believed || share.percent() == null)) {
                left -= percent;
                open--;
            }
            if (percent > 0) {
                whole.add(Map.of("fibre", share.fibre(), "percent", percent));
            }
        }
        if (open == 0 && left > 0) {
            whole.add(Map.of("fibre", Fibre.OTHER.id(), "percent", left));
        }
        return whole;
    }
}
