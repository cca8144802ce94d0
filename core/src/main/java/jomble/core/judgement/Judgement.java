package jomble.core.judgement;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.outfit.Outfit;

/**
 * The verdict on an outfit as worn, with all findings.
 *
 * @param points sum over rules of each rule's worst finding
 * @param findings worst first, then in catalogue order
 */
public record Judgement(Verdict verdict, int points, List<Finding> findings, Outfit outfit, Summary summary) {
    /** Better first: verdict, fewer stops, fewer points, more credits. */
    public static final Comparator<Judgement> BETTER = Comparator.comparing(Judgement::verdict)
            .thenComparing(Judgement::stops)
            .thenComparing(Judgement::points)
            .thenComparing(Judgement::credits, Comparator.reverseOrder());

    public Judgement {
        findings = List.copyOf(findings);
    }

    private int stops() {
        return (int) findings.stream()
                .filter(finding -> finding.kind() == FindingKind.STOP)
                .count();
    }

    /**
     * The points of findings; a rule counts once, by its worst.
     *
     * @param findings worst first
     */
    public static int points(List<Finding> findings) {
        Map<String, FindingKind> worst = new HashMap<>();
        findings.forEach(finding -> worst.putIfAbsent(finding.rule(), finding.kind()));
        return worst.values().stream().mapToInt(FindingKind::points).sum();
    }

    /** Number of rules whose findings are all credits. */
    public int credits() {
        Map<String, FindingKind> worst = new HashMap<>();
        findings.forEach(finding -> worst.putIfAbsent(finding.rule(), finding.kind()));
        return (int) worst.values().stream()
                .filter(kind -> kind == FindingKind.CREDIT)
                .count();
    }
}
