package jomble.server.photo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import jomble.server.problem.ProblemException;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.ResourcePatternResolver;
import org.springframework.stereotype.Component;

/** A stand-in for a camera: a folder of made-up pictures included in the application. */
@Component
class ShippedCamera implements Camera {
    private static final String FOLDER = "classpath:/camera/";

    private final ResourcePatternResolver resources;

    ShippedCamera(ResourcePatternResolver resources) {
        this.resources = resources;
    }

    @Override
    public List<String> pictures() {
        try {
            return Arrays.stream(resources.getResources(FOLDER + "*.jpg"))
                    .map(Resource::getFilename)
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public byte[] picture(String name) {
        if (!pictures().contains(name)) {
            throw ProblemException.notFound("The picture " + name);
        }
        try {
            return resources.getResource(FOLDER + name).getContentAsByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
