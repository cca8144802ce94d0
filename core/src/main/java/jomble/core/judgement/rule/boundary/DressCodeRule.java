package jomble.core.judgement.rule.boundary;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jomble.core.brief.DressCode;
import jomble.core.brief.Requirement;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleInfo;
import jomble.core.judgement.RuleTrait;
import jomble.core.judgement.Sign;
import jomble.core.judgement.Summary;
import jomble.core.judgement.WholeRule;
import jomble.core.piece.Slot;

/** {@code dress-code}: every requirement of the occasion is met. */
public final class DressCodeRule implements WholeRule {
    private static final Set<Slot> READS = EnumSet.allOf(Slot.class);
    private static final RuleInfo INFO = RuleInfo.of(
                    "dress-code",
                    "The dress code",
                    "A dress code is somebody else's boundary. Site rules come first: this tool does not replace them.")
            .reading(READS)
            .that(RuleTrait.READS_FINISHES, RuleTrait.ONLY_STOPS);
    private static final int CODES = DressCode.values().length;
    private static final Set<Sign> SEEN =
            EnumSet.of(Sign.JACKET_WORN, Sign.TIE_WORN, Sign.SLEEVES_WORN, Sign.LAYER_OVER);
    /** Requirements satisfied by the structure or another rule, or that an outfit cannot show. */
    private static final Set<DressCode> ELSEWHERE =
            EnumSet.of(DressCode.NO_SHOES, DressCode.NO_SHEER, DressCode.PROTECTIVE_CLOTHING);

    record NotMet(String occasion, String requirements) {}

    @Override
    public RuleInfo info() {
        return INFO;
    }

    @Override
    public long key(Summary summary) {
        return summary.among(SEEN) << CODES | summary.violated();
    }

    @Override
    public Check prepare(JudgementContext context) {
        List<DressCode> asked = context.occasion().requires().stream()
                .map(Requirement::code)
                .filter(code -> !ELSEWHERE.contains(code))
                .toList();
        String occasion = context.occasion().name();
        return asked.isEmpty() ? Check.SILENT : summary -> judge(summary, asked, occasion);
    }

    private static Optional<Result> judge(Summary summary, List<DressCode> asked, String occasion) {
        List<String> open = new ArrayList<>();
        for (DressCode code : asked) {
            if (!isMet(summary, code)) {
                open.add(code.words());
            }
        }
        return open.isEmpty() ? Optional.empty() : Result.stop(new NotMet(occasion, String.join(", ", open)));
    }

    private static boolean isMet(Summary summary, DressCode code) {
        return switch (code) {
            case JACKET -> summary.has(Sign.JACKET_WORN);
            case TIE -> summary.has(Sign.TIE_WORN);
            case SLEEVES -> summary.has(Sign.SLEEVES_WORN);
            case LAYERS -> summary.has(Sign.LAYER_OVER);
            default -> !summary.violates(code);
        };
    }
}
