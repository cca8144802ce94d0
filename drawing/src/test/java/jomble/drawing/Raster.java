package jomble.drawing;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.StringReader;
import org.apache.batik.transcoder.TranscoderException;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.image.ImageTranscoder;

/** A drawing as pixels, by a renderer that is not ours. */
final class Raster {
    private Raster() {}

    /** On white. */
    static BufferedImage of(String svg, int width, int height) {
        BufferedImage[] image = new BufferedImage[1];
        ImageTranscoder transcoder = new ImageTranscoder() {
            @Override
            public BufferedImage createImage(int w, int h) {
                return new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
            }

            @Override
            public void writeImage(BufferedImage drawn, TranscoderOutput output) {
                image[0] = drawn;
            }
        };
        transcoder.addTranscodingHint(ImageTranscoder.KEY_WIDTH, (float) width);
        transcoder.addTranscodingHint(ImageTranscoder.KEY_HEIGHT, (float) height);
        transcoder.addTranscodingHint(ImageTranscoder.KEY_BACKGROUND_COLOR, Color.WHITE);
        try {
            transcoder.transcode(new TranscoderInput(new StringReader(svg)), null);
        } catch (TranscoderException e) {
            throw new AssertionError(svg, e);
        }
        return image[0];
    }

    /** Mean difference per pixel and channel, 0..255. */
    static double distance(BufferedImage a, BufferedImage b) {
        long sum = 0;
        for (int y = 0; y < a.getHeight(); y++) {
            for (int x = 0; x < a.getWidth(); x++) {
                int p = a.getRGB(x, y);
                int q = b.getRGB(x, y);
                for (int shift = 0; shift <= 16; shift += 8) {
                    sum += Math.abs((p >> shift & 0xff) - (q >> shift & 0xff));
                }
            }
        }
        return sum / (3.0 * a.getWidth() * a.getHeight());
    }

    /** Share of pixels that are not white along the outermost edge of the frame. */
    static double inkOnTheEdge(BufferedImage image) {
        int inked = 0;
        int seen = 0;
        for (int x = 0; x < image.getWidth(); x++) {
            for (int y = 0; y < image.getHeight(); y++) {
                boolean edge = x == 0 || y == 0 || x == image.getWidth() - 1 || y == image.getHeight() - 1;
                if (edge) {
                    seen++;
                    inked += (image.getRGB(x, y) & 0xffffff) == 0xffffff ? 0 : 1;
                }
            }
        }
        return (double) inked / seen;
    }
}
