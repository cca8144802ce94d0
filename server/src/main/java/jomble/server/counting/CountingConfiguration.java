package jomble.server.counting;

import jomble.core.counting.exact.DiagramCounter;
import jomble.core.counting.query.FormulaQueries;
import jomble.core.counting.query.OutfitQueries;
import jomble.core.judgement.RuleCatalogue;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;

/** Configures the counter. */
@Configuration(proxyBeanMethods = false)
class CountingConfiguration {
    private static final long QUIET_MILLIS = 1500;

    @Bean(destroyMethod = "stop")
    CountingAhead countingAhead() {
        return new CountingAhead(QUIET_MILLIS);
    }

    @Bean
    DiagramCounter diagramCounter(RuleCatalogue catalogue) {
        return new DiagramCounter(catalogue);
    }

    /** The counter used everywhere, which schedules work in lanes. */
    @Bean
    @Primary
    LaneCounter counter(DiagramCounter counter, Lanes lanes) {
        return new LaneCounter(counter, counter, lanes);
    }

    @Bean
    OutfitQueries outfitQueries(LaneCounter counter) {
        return new OutfitQueries(counter);
    }

    @Bean
    FormulaQueries formulaQueries(LaneCounter counter) {
        return new FormulaQueries(counter);
    }
}
