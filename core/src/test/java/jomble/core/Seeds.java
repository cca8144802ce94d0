package jomble.core;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.ArgumentsProvider;
import org.junit.jupiter.params.provider.ArgumentsSource;
import org.junit.jupiter.params.support.AnnotationConsumer;

/**
 * A test of something that always holds, run for the seeds 0 to {@code value − 1} of whatever generates its input. The
 * name of a failed run says its seed.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@ParameterizedTest(name = "seed {0}")
@ArgumentsSource(Seeds.Provider.class)
public @interface Seeds {
    /** Number of runs. */
    int value();

    /** Provides the seeds. */
    final class Provider implements ArgumentsProvider, AnnotationConsumer<Seeds> {
        private int runs;

        @Override
        public void accept(Seeds seeds) {
            runs = seeds.value();
        }

        @Override
        public Stream<? extends Arguments> provideArguments(ExtensionContext context) {
            return LongStream.range(0, runs).mapToObj(Arguments::of);
        }
    }
}
