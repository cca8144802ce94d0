package jomble.core;

import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.ParameterValues;
import jomble.core.judgement.Schools;

/** Contexts with one thing changed. */
public final class Contexts {
    private Contexts() {}

    public static JudgementContext with(JudgementContext context, Schools schools) {
        return with(context, schools, context.parameters(), context.overrides());
    }

    public static JudgementContext with(JudgementContext context, ParameterValues parameters) {
        return with(context, context.schools(), parameters, context.overrides());
    }

    public static JudgementContext with(JudgementContext context, Overrides overrides) {
        return with(context, context.schools(), context.parameters(), overrides);
    }

    private static JudgementContext with(
            JudgementContext context, Schools schools, ParameterValues parameters, Overrides overrides) {
        return new JudgementContext(
                context.brief(),
                context.occasion(),
                context.weather(),
                schools,
                context.setKinds(),
                parameters,
                context.date(),
                context.finishing(),
                overrides);
    }
}
