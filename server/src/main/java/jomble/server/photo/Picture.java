package jomble.server.photo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import jomble.core.palette.PhotoColours;
import jomble.server.problem.ProblemException;
import net.coobird.thumbnailator.Thumbnails;

/**
 * A re-encoded photo: JPEG in three sizes, upright and without metadata, with its main colours.
 *
 * @param colours {@code #rrggbb:share} separated by blanks
 */
record Picture(byte[] small, byte[] medium, byte[] large, String colours) {
    private static final int SMALL = 160;
    private static final int MEDIUM = 640;
    private static final int LARGE = 1600;
    private static final long MOST_PIXELS = 40_000_000;
    private static final Set<String> FORMATS = Set.of("jpeg", "jpg", "png", "webp");

    /**
     * Checks and re-encodes a file by its content, whatever its name. Its dimensions are read from the header before
     * anything is decoded, so that a decompression bomb is refused unopened.
     */
    static Picture of(byte[] uploaded) {
        if (uploaded == null || uploaded.length == 0) {
            throw ProblemException.unsupported("empty-photo", "This file is empty.");
        }
        byte[] file = PngChunks.isPng(uploaded) ? PngChunks.withoutTexts(uploaded) : uploaded;
        checkHeader(file);
        try {
            BufferedImage upright = Thumbnails.of(new ByteArrayInputStream(file))
                    .size(LARGE, LARGE)
                    .useExifOrientation(true)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
            BufferedImage small = resized(upright, SMALL);
            return new Picture(jpeg(small), jpeg(resized(upright, MEDIUM)), jpeg(upright), colours(small));
        } catch (IOException | RuntimeException e) {
            throw broken();
        }
    }

    private static void checkHeader(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw ProblemException.unsupported(
                        "not-a-photo", "This is no JPEG, PNG or WebP picture, whatever its name says.");
            }
            ImageReader reader = readers.next();
            try {
                if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    throw ProblemException.unsupported(
                            "not-a-photo",
                            "A " + reader.getFormatName() + " picture cannot be kept; use JPEG, PNG or WebP.");
                }
                reader.setInput(in, true, true);
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > MOST_PIXELS) {
                    throw ProblemException.tooLarge("A photo of " + pixels / 1_000_000
                            + " megapixels is not accepted; 40 is the most. Make it smaller and try again.");
                }
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
            throw broken();
        }
    }

    private static ProblemException broken() {
        return ProblemException.unsupported(
                "broken-photo", "The picture is damaged and cannot be read to its end. Nothing was saved.");
    }

    private static BufferedImage resized(BufferedImage image, int side) throws IOException {
        boolean smaller = image.getWidth() <= side && image.getHeight() <= side;
        return smaller ? image : Thumbnails.of(image).size(side, side).asBufferedImage();
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(0.85).toOutputStream(out);
        return out.toByteArray();
    }

    private static String colours(BufferedImage image) {
        int[] rgb = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] &= 0xffffff;
        }
        List<PhotoColours.Seen> seen = PhotoColours.of(rgb, image.getWidth());
        return seen.stream()
                .map(s -> s.colour().hex() + ":" + String.format(Locale.ROOT, "%.2f", s.shareFraction()))
                .collect(Collectors.joining(" "));
    }
}
