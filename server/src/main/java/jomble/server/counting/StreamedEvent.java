package jomble.server.counting;

import java.lang.annotation.ElementType;
import java.lang.annotation.Repeatable;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Declares an event a call streams, for the API document, because server-sent events have no type of their own in Java.
 * The events every stream has, {@code progress}, {@code refused} and {@code complete}, are documented automatically.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Repeatable(StreamedEvent.All.class)
public @interface StreamedEvent {
    String name();

    /** The type of its data. */
    Class<?> data();

    /** Several events of one call. */
    @Target(ElementType.METHOD)
    @Retention(RetentionPolicy.RUNTIME)
    @interface All {
        StreamedEvent[] value();
    }
}
