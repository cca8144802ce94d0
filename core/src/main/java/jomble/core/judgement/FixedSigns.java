package jomble.core.judgement;

/** Signs that stay as they are. */
record FixedSigns(
        long facts,
        int statements,
        int heat,
        int covered,
        int violated,
        int accents,
        int surfaces,
        int saturated,
        int families,
        int darkest,
        int lightest,
        int mains,
        long named)
        implements Signs {
    static FixedSigns of(Signs signs) {
        return new FixedSigns(
                signs.facts(),
                signs.statements(),
                signs.heat(),
                signs.covered(),
                signs.violated(),
                signs.accents(),
                signs.surfaces(),
                signs.saturated(),
                signs.families(),
                signs.darkest(),
                signs.lightest(),
                signs.mains(),
                signs.named());
    }
}
