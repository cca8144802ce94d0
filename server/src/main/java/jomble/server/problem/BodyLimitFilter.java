package jomble.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses JSON bodies above 5 MB with 413, whether or not their length was announced. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimitFilter extends OncePerRequestFilter {
    private static final long MOST = 5_000_000;
    private static final String TOO_LARGE =
            "{\"type\":\"urn:jomble:problem:too-large\",\"title\":\"Content Too Large\",\"status\":413,\"code\":\"too-large\","
                    + "\"detail\":\"A body of more than 5 MB is not accepted; send fewer pieces.\",\"errors\":[]}";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > MOST) {
            response.setStatus(413);
            response.setContentType("application/problem+json");
            response.getWriter().write(TOO_LARGE);
            return;
        }
        chain.doFilter(new Limited(request), response);
    }

    private static final class Limited extends HttpServletRequestWrapper {
        Limited(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new LimitedStream(super.getInputStream());
        }
    }

    private static final class LimitedStream extends ServletInputStream {
        private final ServletInputStream in;
        private long read;

        LimitedStream(ServletInputStream in) {
            this.in = in;
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
            read += bytes;
            if (read > MOST) {
                throw ProblemException.tooLarge("A body of more than 5 MB is not accepted; send fewer pieces.");
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
