package jomble.server.photo;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/**
 * The chunks of a PNG picture (ISO/IEC 15948). Text and profile chunks are dropped unread: a few compressed kilobytes
 * can expand to gigabytes, and they are not needed.
 */
final class PngChunks {
    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
    private static final Set<String> OF_THE_PICTURE = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");
    /** Length, name and checksum. */
    private static final int AROUND = 12;

    private static final int NAME = 4;

    private PngChunks() {}

    static boolean isPng(byte[] file) {
        return file.length > SIGNATURE.length
                && ByteBuffer.wrap(file, 0, SIGNATURE.length).equals(ByteBuffer.wrap(SIGNATURE));
    }

    /** The picture without these chunks; anything after a truncated chunk is dropped as well. */
    static byte[] withoutTexts(byte[] png) {
        ByteArrayOutputStream kept = new ByteArrayOutputStream(png.length);
        kept.write(png, 0, SIGNATURE.length);
        ByteBuffer read = ByteBuffer.wrap(png).position(SIGNATURE.length);
        while (read.remaining() >= AROUND) {
            int begin = read.position();
            int length = read.getInt();
            byte[] name = new byte[NAME];
            read.get(name);
            if (length < 0 || length > png.length - begin - AROUND) {
                break;
            }
            if (OF_THE_PICTURE.contains(new String(name, StandardCharsets.US_ASCII))) {
                kept.write(png, begin, length + AROUND);
            }
            read.position(begin + length + AROUND);
        }
        return kept.toByteArray();
    }
}
