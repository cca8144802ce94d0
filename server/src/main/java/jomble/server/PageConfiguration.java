package jomble.server;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Scripts, styles and fonts have a hash of their content in their name, so browsers may cache them for ever. */
@Configuration(proxyBeanMethods = false)
class PageConfiguration implements WebMvcConfigurer {
    private static final Duration YEAR = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(YEAR).cachePublic().immutable());
    }
}
