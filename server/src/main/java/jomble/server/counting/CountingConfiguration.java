package jomble.server.counting;

import jomble.core.counting.Counter;
import jomble.core.counting.census.DiagramCounter;
import jomble.core.judgement.RuleCatalogue;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The counter everything asks. */
@Configuration(proxyBeanMethods = false)
class CountingConfiguration {
    @Bean
    Counter counter(RuleCatalogue catalogue, Lanes lanes) {
        return new LaneCounter(new DiagramCounter(catalogue), lanes);
    }
}
