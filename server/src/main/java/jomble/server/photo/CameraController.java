package jomble.server.photo;

import java.util.List;
import java.util.UUID;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.photo.PhotoController.PhotoView;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The simulated camera, and attaching its pictures to pieces. */
@RestController
@Requires(Right.READ_REFERENCE)
@RequestMapping("/api/v1")
class CameraController {
    private final Camera camera;
    private final PhotoService photos;

    CameraController(Camera camera, PhotoService photos) {
        this.camera = camera;
        this.photos = photos;
    }

    record FromCamera(String picture) {}

    /** The pictures of the simulated camera. */
    @GetMapping("/camera")
    List<String> pictures() {
        return camera.pictures();
    }

    /** One picture of the simulated camera. */
    @GetMapping(path = "/camera/{name}", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] picture(@PathVariable String name) {
        return camera.picture(name);
    }

    /** Saves a picture of the simulated camera as a photo of a piece. */
    @Requires(Right.RECORD_PIECES)
    @PostMapping("/clients/{clientId}/pieces/{ref}/photos/from-camera")
    @ResponseStatus(HttpStatus.CREATED)
    PhotoView take(@PathVariable UUID clientId, @PathVariable String ref, @RequestBody FromCamera from) {
        return PhotoView.of(photos.add(clientId, ref, Picture.of(camera.picture(from.picture()))));
    }
}
