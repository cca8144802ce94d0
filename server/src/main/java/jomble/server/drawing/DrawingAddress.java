package jomble.server.drawing;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.stream.Collectors;
import jomble.core.piece.Piece;
import jomble.drawing.Gallery;
import jomble.drawing.Look;

/**
 * The address of a piece's drawing. It encodes the piece's look and the edition of the drawings, so the content at an
 * address never changes.
 */
public final class DrawingAddress {
    static final String PATH = "/drawings/";
    private static final int DIGITS = 12;

    /** A hash of the whole gallery, which changes whenever any drawing does. */
    static final String EDITION = edition();

    private DrawingAddress() {}

    /** The address of a piece's flat. */
    public static String flat(Piece piece) {
        return PATH + EDITION + "/flat.svg?"
                + Look.of(piece).entrySet().stream()
                        .map(cell -> cell.getKey() + "=" + URLEncoder.encode(cell.getValue(), StandardCharsets.UTF_8))
                        .collect(Collectors.joining("&"));
    }

    private static String edition() {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update(Gallery.page().getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest.digest()).substring(0, DIGITS);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
