package jomble.server;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import java.util.List;
import org.springdoc.core.customizers.GlobalOperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.util.StringUtils;

/** What the API reference is called, and its chapters: one for each subject. Summaries are the Javadoc of the calls. */
@Configuration(proxyBeanMethods = false)
class ApiDocument {
    @Bean
    OpenAPI api() {
        return new OpenAPI()
                .info(
                        new Info()
                                .title("Jomble")
                                .version("v1")
                                .description(
                                        "Pages and programs speak to Jomble through these calls. Those under /compute store nothing and take an API "
                                                + "token; all others are for who is signed in. Errors are application/problem+json (RFC 9457)."));
    }

    /** Calls by the subject of their package, not by the class that happens to answer. */
    @Bean
    GlobalOperationCustomizer chapters() {
        return (operation, method) -> {
            String subject = method.getBeanType().getPackageName();
            operation.setTags(List.of(StringUtils.capitalize(subject.substring(subject.lastIndexOf('.') + 1))));
            return operation;
        };
    }
}
