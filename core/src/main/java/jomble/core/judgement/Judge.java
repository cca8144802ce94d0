package jomble.core.judgement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Ways;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.PieceId;

/** Judges outfits in one context by every rule of a catalogue. Immutable and thread-safe. */
public final class Judge {
    private static final Comparator<Finding> WORST_FIRST =
            Comparator.comparing(Finding::kind).reversed();

    private final RuleCatalogue catalogue;
    private final JudgementContext context;
    private final Summariser summariser;
    private final Map<WholeRule, WholeRule.Check> checks = new LinkedHashMap<>();

    /** A judge for each of the contexts of a question, in their order. */
    public static List<Judge> of(RuleCatalogue catalogue, List<JudgementContext> contexts) {
        return contexts.stream().map(context -> new Judge(catalogue, context)).toList();
    }

    public Judge(RuleCatalogue catalogue, JudgementContext context) {
        this.catalogue = catalogue;
        this.context = context;
        this.summariser = new Summariser(context);
        catalogue.wholeRules().forEach(rule -> checks.put(rule, context.prepared(rule)));
    }

    public JudgementContext context() {
        return context;
    }

    /**
     * The judgement of the outfit worn with its best finishes, the simplest ones in a tie. Finishes given in the outfit
     * are replaced.
     */
    public Judgement best(Outfit outfit) {
        return best(outfit, Map.of());
    }

    /**
     * As {@link #best(Outfit)}, with the finish of some pieces fixed.
     *
     * @param finishes by piece; each one of those in {@link Ways}
     */
    public Judgement best(Outfit outfit, Map<PieceId, Set<Finish>> finishes) {
        List<List<Worn>> ways = outfit.worn().stream()
                .map(worn -> {
                    Set<Finish> chosen = finishes.get(worn.piece().id());
                    return chosen == null ? Ways.of(worn) : List.of(new Worn(worn.slot(), worn.pieces(), chosen));
                })
                .toList();
        return combinations(ways)
                .map(worn -> judge(Outfit.of(worn)))
                .min(Judgement.BETTER)
                .orElseThrow();
    }

    /** The judgement of the outfit exactly as worn. */
    public Judgement judge(Outfit outfit) {
        List<Worn> worn = outfit.worn();
        Summary summary = summariser.summarise(outfit.bySlotOrdinal());
        List<Finding> findings = new ArrayList<>();
        for (PieceRule rule : catalogue.pieceRules()) {
            for (Worn w : worn) {
                if (rule.covers(w.slot())) {
                    context.effective(rule, rule.judge(w, context))
                            .ifPresent(result -> findings.add(finding(rule, result, List.of(w))));
                }
            }
        }
        for (PairRule rule : catalogue.pairRules()) {
            judgePairs(rule, worn, findings);
        }
        checks.forEach((rule, check) -> check.judge(summary)
                .ifPresent(result -> findings.add(finding(rule, result, about(rule, worn, summary)))));
        Set<PieceId> pieces = new HashSet<>();
        worn.forEach(w -> w.pieces().forEach(piece -> pieces.add(piece.id())));
        overrule(pieces, findings);
        findings.sort(WORST_FIRST);
        boolean stopped = findings.stream().anyMatch(finding -> finding.kind() == FindingKind.STOP);
        int points = Judgement.points(findings);
        return new Judgement(Verdict.of(stopped, points), points, findings, outfit, summary);
    }

    private void judgePairs(PairRule rule, List<Worn> worn, List<Finding> findings) {
        for (int i = 0; i < worn.size(); i++) {
            for (int j = i + 1; j < worn.size(); j++) {
                Worn inner = worn.get(i);
                Worn outer = worn.get(j);
                if (rule.covers(inner.slot(), outer.slot())) {
                    boolean approved = context.overrides().approves(inner, outer);
                    context.effective(rule, rule.judge(inner, outer, context))
                            .filter(result -> !approved || isLasting(rule, result))
                            .ifPresent(result -> findings.add(finding(rule, result, List.of(inner, outer))));
                }
            }
        }
    }

    /** Applies the rulings to the findings. */
    private void overrule(Set<PieceId> pieces, List<Finding> findings) {
        Overrides overrides = context.overrides();
        Ruling never = overrides.against(pieces);
        Ruling approval = overrides.approvalOf(pieces);
        if (never != null) {
            findings.add(
                    new Finding(Overrides.ID, FindingKind.STOP, never.pieces(), new Overrides.Never(never.reason())));
        } else if (approval != null && findings.stream().noneMatch(f -> Overrides.isFinal(f.rule(), f.kind()))) {
            findings.removeIf(finding -> finding.kind().isFault());
            findings.add(new Finding(
                    Overrides.ID, FindingKind.CREDIT, approval.pieces(), new Overrides.Approved(approval.reason())));
        }
    }

    /** Whether a finding remains even when the pair is approved. */
    public static boolean isLasting(Rule rule, Result result) {
        return !result.kind().isFault() || Overrides.isFinal(rule.id(), result.kind());
    }

    private static List<Worn> about(WholeRule rule, List<Worn> worn, Summary summary) {
        return worn.stream().filter(w -> rule.speaksOf(w, summary)).toList();
    }

    private static Finding finding(Rule rule, Result result, List<Worn> about) {
        List<PieceId> pieces = about.stream()
                .flatMap(worn -> worn.pieces().stream())
                .map(piece -> piece.id())
                .toList();
        return new Finding(rule.id(), result.kind(), pieces, result.evidence());
    }

    private static Stream<List<Worn>> combinations(List<List<Worn>> ways) {
        Stream<List<Worn>> all = Stream.of(List.of());
        for (List<Worn> choices : ways) {
            all = all.flatMap(chosen -> choices.stream()
                    .map(way -> Stream.concat(chosen.stream(), Stream.of(way)).toList()));
        }
        return all;
    }
}
