package jomble.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.TimeUnit;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses JSON bodies above 5 MB with 413, whether or not their length was announced, and with 408 bodies that are sent too slowly.
 *
 * <p>After the response, the rest of an unread body is read and discarded. If the connection were closed while data is
 * still arriving, it would be reset, and the sender would see a network error instead of the refusal.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimitFilter extends OncePerRequestFilter {
    private static final long MOST = 5_000_000;
    /** A whole inventory as CSV is larger than anything else. */
    private static final long MOST_OF_A_FILE = 20_000_000;

    private static final long MOST_OF_A_PHOTO = 15 * 1024 * 1024;

    private static final long LONGEST_NANOS = TimeUnit.SECONDS.toNanos(60);

    private static final long MOST_DISCARDED = 64_000_000;
    private static final long LONGEST_DISCARDING_NANOS = TimeUnit.SECONDS.toNanos(10);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = mostOf(request);
        if (request.getContentLengthLong() > most) {
            ProblemResponse.write(response, HttpStatus.CONTENT_TOO_LARGE, "too-large", tooLarge(most));
        } else {
            chain.doFilter(new Limited(request, most), response);
        }
        if (!request.isAsyncStarted()) {
            discardRest(request.getInputStream());
        }
    }

    private static void discardRest(ServletInputStream body) throws IOException {
        byte[] buffer = new byte[65_536];
        long begun = System.nanoTime();
        long discarded = 0;
        int got = 0;
        while (got >= 0 && discarded < MOST_DISCARDED && System.nanoTime() - begun < LONGEST_DISCARDING_NANOS) {
            discarded += got;
            got = body.isFinished() ? -1 : body.read(buffer);
        }
    }

    private static String tooLarge(long most) {
        return "A body of more than " + most / 1_000_000 + " MB is not accepted; send less at once.";
    }

    private static long mostOf(HttpServletRequest request) {
        String path = request.getRequestURI();
        return path.contains("/inventory") ? MOST_OF_A_FILE : path.endsWith("/photos") ? MOST_OF_A_PHOTO : MOST;
    }

    private static final class Limited extends HttpServletRequestWrapper {
        private final long most;

        Limited(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new LimitedStream(super.getInputStream(), most);
        }
    }

    private static final class LimitedStream extends ServletInputStream {
        private final ServletInputStream in;
        private final long most;
        private final long begun = System.nanoTime();
        private long read;

        LimitedStream(ServletInputStream in, long most) {
            this.in = in;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            count(1);
            return in.read();
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
            int got = in.read(buffer, offset, length);
            count(Math.max(0, got));
            return got;
        }

        private void count(int bytes) {
            if (System.nanoTime() - begun > LONGEST_NANOS) {
                throw ProblemException.tooSlow();
            }
            read += bytes;
            if (read > most) {
                throw ProblemException.tooLarge(tooLarge(most));
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
