package jomble.server.photo;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import jomble.core.colour.Colour;
import jomble.core.colour.ColourNames;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.problem.ProblemException;
import jomble.server.studio.IfMatch;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Photos of pieces, in as JPEG, PNG or WebP and out as JPEG. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}")
class PhotoController {
    private static final int YEAR_DAYS = 365;

    /** A photo is replaced by another, never changed. */
    private static final long UNCHANGED = 0;

    private final PhotoService photos;

    PhotoController(PhotoService photos) {
        this.photos = photos;
    }

    record SeenView(String hex, String name, double share) {}

    /** @param colours proposed from the photo, heaviest first */
    record PhotoView(UUID id, long version, List<SeenView> colours) {
        static PhotoView of(PhotoRepository.Line line) {
            return new PhotoView(
                    line.id(),
                    UNCHANGED,
                    Arrays.stream(line.colours().split(" "))
                            .filter(text -> !text.isEmpty())
                            .map(text -> text.split(":"))
                            .map(part -> new SeenView(
                                    part[0], ColourNames.nameOf(Colour.of(part[0])), Double.parseDouble(part[1])))
                            .toList());
        }
    }

    /** Saves a photo of a piece of a client who agreed to photos, rotated upright, in three sizes and without metadata. */
    @Requires(Right.RECORD_PIECES)
    @PostMapping(
            path = "/pieces/{ref}/photos",
            consumes = {MediaType.APPLICATION_OCTET_STREAM_VALUE, "image/*"})
    @ResponseStatus(HttpStatus.CREATED)
    PhotoView add(@PathVariable UUID clientId, @PathVariable String ref, @RequestBody(required = false) byte[] file) {
        return PhotoView.of(photos.add(clientId, ref, Picture.of(file)));
    }

    /** The photos of a piece; none while the client does not agree to photos. */
    @GetMapping("/pieces/{ref}/photos")
    List<PhotoView> all(@PathVariable UUID clientId, @PathVariable String ref) {
        return photos.of(clientId, ref).stream().map(PhotoView::of).toList();
    }

    /**
     * A photo in one of its sizes.
     *
     * @param size small, medium or large
     */
    @GetMapping(path = "/photos/{id}/{size}.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> jpeg(@PathVariable UUID clientId, @PathVariable UUID id, @PathVariable String size) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(YEAR_DAYS, TimeUnit.DAYS)
                        .cachePrivate()
                        .immutable())
                .body(photos.jpeg(clientId, id, size));
    }

    /** Deletes a photo for good; If-Match has its version, which never changes. */
    @Requires(Right.RECORD_PIECES)
    @DeleteMapping("/photos/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID clientId, @PathVariable UUID id, @IfMatch long seen) {
        if (seen != UNCHANGED) {
            throw ProblemException.stale();
        }
        photos.delete(clientId, id);
    }
}
