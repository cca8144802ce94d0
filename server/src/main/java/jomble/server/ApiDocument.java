package jomble.server;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.converter.ResolvedSchema;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import jomble.server.counting.EventStreams;
import jomble.server.counting.Exact;
import jomble.server.counting.StreamedEvent;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springdoc.core.customizers.GlobalOperationCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.util.StringUtils;

/**
 * The title of the API reference, its chapters, one for each subject, and the events of streams. Summaries are the
 * Javadoc of the calls.
 */
@Configuration(proxyBeanMethods = false)
class ApiDocument {
    private static final String EVENT_STREAM = org.springframework.http.MediaType.TEXT_EVENT_STREAM_VALUE;

    static {
        SpringDocUtils.getConfig()
                .replaceWithSchema(
                        Exact.class,
                        new JsonSchema()
                                .description("Exact: text beyond 2^53.")
                                .oneOf(List.of(new IntegerSchema().format("int64"), typed("string"))));
    }

    /** The chapter of each controller, by the tag springdoc gives it. */
    private final Map<String, String> chapterOf = new ConcurrentHashMap<>();

    /** Schemas of event data, by name. */
    private final Map<String, Schema<?>> carried = new ConcurrentHashMap<>();

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

    /** Groups calls by the subject of their package rather than by class. */
    @Bean
    GlobalOperationCustomizer chapters() {
        return (operation, method) -> {
            Class<?> controller = method.getBeanType();
            String subject = controller.getPackageName();
            String chapter = StringUtils.capitalize(subject.substring(subject.lastIndexOf('.') + 1));
            chapterOf.put(tagOf(controller), chapter);
            operation.setTags(List.of(chapter));
            return operation;
        };
    }

    /** The tag springdoc gives the calls of a controller: {@code piece-controller}. */
    private static String tagOf(Class<?> controller) {
        return controller.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }

    /** Lists the chapters in place of the controllers, each described by what its controllers do. */
    @Bean
    GlobalOpenApiCustomizer describedChapters() {
        return document -> {
            Map<String, List<String>> described = new TreeMap<>();
            for (Tag tag : document.getTags()) {
                described
                        .computeIfAbsent(chapterOf.get(tag.getName()), chapter -> new ArrayList<>())
                        .add(tag.getDescription());
            }
            document.setTags(described.entrySet().stream()
                    .map(chapter -> new Tag()
                            .name(chapter.getKey())
                            .description(chapter.getValue().stream().sorted().collect(Collectors.joining(" "))))
                    .toList());
        };
    }

    /** Describes a stream as one of its events, each with its name and data. */
    @Bean
    GlobalOperationCustomizer events() {
        return (operation, method) -> {
            Content content = operation.getResponses().get("200") == null
                    ? null
                    : operation.getResponses().get("200").getContent();
            if (content != null && content.containsKey(EVENT_STREAM)) {
                Schema<?> any = new JsonSchema();
                for (StreamedEvent event : AnnotatedElementUtils.getMergedRepeatableAnnotations(
                        method.getMethod(), StreamedEvent.class, StreamedEvent.All.class)) {
                    any.addOneOfItem(event(event.name(), data(event.data())));
                }
                any.addOneOfItem(event("progress", data(EventStreams.ProgressView.class)));
                any.addOneOfItem(event("refused", data(EventStreams.RefusedView.class)));
                content.put(EVENT_STREAM, new MediaType().schema(any));
            }
            return operation;
        };
    }

    @Bean
    GlobalOpenApiCustomizer carriedByEvents() {
        return document -> {
            Map<String, Schema> schemas = document.getComponents().getSchemas();
            carried.forEach(schemas::putIfAbsent);
            schemas.remove("SseEmitter");
        };
    }

    private Schema<?> data(Class<?> type) {
        ResolvedSchema resolved =
                ModelConverters.getInstance(true).resolveAsResolvedSchema(new AnnotatedType(type).resolveAsRef(true));
        resolved.referencedSchemas.forEach(carried::put);
        return resolved.schema;
    }

    private static Schema<?> event(String name, Schema<?> data) {
        Schema<?> event = typed("object");
        event.addProperty("event", typed("string")._const(name));
        event.addProperty("data", data);
        event.setRequired(List.of("event", "data"));
        return event;
    }

    private static Schema<?> typed(String type) {
        JsonSchema schema = new JsonSchema();
        schema.setTypes(Set.of(type));
        return schema;
    }
}
