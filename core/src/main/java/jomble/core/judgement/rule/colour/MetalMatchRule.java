package jomble.core.judgement.rule.colour;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Metal;
import jomble.core.piece.Slot;

/** {@code metal.match}: the metals in sight agree, or something ties them together. */
public final class MetalMatchRule implements WholeRule {
    private static final RuleInfo INFO = RuleInfo.of(
                    "metal.match",
                    "Metals agree",
                    "One metal reads as a choice. A piece that holds both makes two metals a choice as well.")
            .with(SchoolSwitch.METALS);

    record MetalsDiffer(int count, String metals) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public Set<Slot> reads() {
        return EnumSet.complementOf(EnumSet.of(Slot.BASE, Slot.UNDERSKIRT));
    }

    @Override
    public boolean speaksOf(Worn worn, Summary summary) {
        return reads().contains(worn.slot()) && worn.pieces().stream().anyMatch(piece -> piece.metal() != Metal.NONE);
    }

    @Override
    public boolean isTouchedBy(Worn worn, Structure structure) {
        return speaksOf(worn, null);
    }

    @Override
    public boolean maySoften(Worn worn, Structure structure) {
        return worn.pieces().stream().anyMatch(piece -> piece.metal() == Metal.MIXED);
    }

    @Override
    public long key(Summary summary) {
        return summary.metals();
    }

    @Override
    public Check prepare(JudgementContext context) {
        if (context.schools().holds(SchoolSwitch.METALS, "mixed")) {
            return Check.SILENT;
        }
        return MetalMatchRule::judge;
    }

    private static Optional<Result> judge(Summary summary) {
        int metals = summary.metals();
        int count = Integer.bitCount(metals);
        boolean reconciled = (metals & 1 << Metal.MIXED.ordinal()) != 0;
        if (count < 2 || reconciled) {
            return Optional.empty();
        }
        MetalsDiffer evidence = new MetalsDiffer(count, names(metals));
        return count == 2 ? Result.minor(evidence) : Result.major(evidence);
    }

    private static String names(int mask) {
        List<String> names = new ArrayList<>();
        for (Metal metal : Metal.values()) {
            if ((mask & 1 << metal.ordinal()) != 0) {
                names.add(metal.words());
            }
        }
        return String.join(" and ", names);
    }
}
