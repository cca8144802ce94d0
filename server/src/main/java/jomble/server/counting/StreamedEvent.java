package jomble.server.counting;

import java.lang.annotation.ElementType;
import java.lang.annotation.Repeatable;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * An event that a call streams, for the API document: server-sent events have no type of their own in Java. Events that every stream
 * has, {@code progress}, {@code refused} and {@code complete}, are documented without being named.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Repeatable(StreamedEvent.All.class)
public @interface StreamedEvent {
    String name();

    /** The type its data is written from. */
    Class<?> data();

    /** Several of them on one call. */
    @Target(ElementType.METHOD)
    @Retention(RetentionPolicy.RUNTIME)
    @interface All {
        StreamedEvent[] value();
    }
}
