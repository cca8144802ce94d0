package jomble.server.idempotency;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** A request whose method, address and body are digested as they are read. */
final class DigestedRequest extends HttpServletRequestWrapper {
    private final MessageDigest sha256;
    private ServletInputStream body;

    DigestedRequest(HttpServletRequest request) {
        super(request);
        try {
            sha256 = MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
        String head = request.getMethod() + " " + request.getRequestURI() + "?" + request.getQueryString() + "\n";
        sha256.update(head.getBytes(StandardCharsets.UTF_8));
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        if (body == null) {
            body = new Digesting(super.getInputStream());
        }
        return body;
    }

    /** The digest of the whole request, in hexadecimal; reads what is left of the body. Call it once. */
    String digest() throws IOException {
        getInputStream().readAllBytes();
        return HexFormat.of().formatHex(sha256.digest());
    }

    private final class Digesting extends ServletInputStream {
        private final ServletInputStream from;

        Digesting(ServletInputStream from) {
            this.from = from;
        }

        @Override
        public int read() throws IOException {
            int read = from.read();
            if (read >= 0) {
                sha256.update((byte) read);
            }
            return read;
        }

        @Override
        public int read(byte[] into, int at, int most) throws IOException {
            int read = from.read(into, at, most);
            if (read > 0) {
                sha256.update(into, at, read);
            }
            return read;
        }

        @Override
        public boolean isFinished() {
            return from.isFinished();
        }

        @Override
        public boolean isReady() {
            return from.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            from.setReadListener(listener);
        }
    }
}
