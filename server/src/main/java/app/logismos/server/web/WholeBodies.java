package app.logismos.server.web;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.Duration;

/**
 * Waits for the body of a request without holding a thread, and lets the request in when all of it is there: whoever sends
 * slowly, or stops half-way, blocks nobody (Servlet 6.1, section 3.8). A body has 16 MiB and 20 seconds at the most.
 */
class WholeBodies implements Filter {
    static final int MOST_BYTES = 16 << 20;
    private static final Duration MOST_TIME = Duration.ofSeconds(20);
    private static final String BODY = WholeBodies.class.getName();

    @Override
    public void doFilter(ServletRequest given, ServletResponse answer, FilterChain chain)
            throws IOException, ServletException {
        HttpServletRequest request = (HttpServletRequest) given;
        HttpServletResponse response = (HttpServletResponse) answer;
        if (request.getAttribute(BODY) instanceof byte[] body) {
            chain.doFilter(new Whole(request, body), response);
            return;
        }
        boolean hasBody = request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
        if (!hasBody || request.getDispatcherType() != DispatcherType.REQUEST) {
            chain.doFilter(request, response);
            return;
        }
        if (request.getContentLengthLong() > MOST_BYTES) {
            refuse(response, HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE, tooLong());
            return;
        }
        AsyncContext waiting = request.startAsync();
        waiting.setTimeout(MOST_TIME.toMillis());
        waiting.addListener(new TooSlow());
        request.getInputStream().setReadListener(new Reading(request, response, waiting));
    }

    private static String tooLong() {
        return "The body of a request has " + MOST_BYTES / (1 << 20) + " MiB at the most.";
    }

    private static void refuse(HttpServletResponse response, int status, String detail) throws IOException {
        response.setStatus(status);
        response.setHeader("Connection", "close");
        response.setContentType("application/problem+json");
        response.setCharacterEncoding("UTF-8");
        response.getWriter().write("{\"status\":" + status + ",\"detail\":\"" + detail + "\"}");
    }

    /** Gathers what comes, and goes on with the request when it is all. */
    private static final class Reading implements ReadListener {
        private final HttpServletRequest request;
        private final HttpServletResponse response;
        private final AsyncContext waiting;
        private final ByteArrayOutputStream body = new ByteArrayOutputStream();
        private boolean isRefused;

        Reading(HttpServletRequest request, HttpServletResponse response, AsyncContext waiting) {
            this.request = request;
            this.response = response;
            this.waiting = waiting;
        }

        @Override
        public void onDataAvailable() throws IOException {
            byte[] part = new byte[8_192];
            ServletInputStream in = request.getInputStream();
            while (!isRefused && in.isReady()) {
                int count = in.read(part);
                if (count < 0) {
                    return;
                }
                body.write(part, 0, count);
                if (body.size() > MOST_BYTES) {
                    isRefused = true;
                    refuse(response, HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE, tooLong());
                    waiting.complete();
                }
            }
        }

        @Override
        public void onAllDataRead() {
            if (!isRefused) {
                request.setAttribute(BODY, body.toByteArray());
                waiting.dispatch();
            }
        }

        @Override
        public void onError(Throwable gone) {
            waiting.complete();
        }
    }

    /** Ends a request whose body does not come. */
    private static final class TooSlow implements AsyncListener {
        @Override
        public void onTimeout(AsyncEvent event) throws IOException {
            AsyncContext waiting = event.getAsyncContext();
            if (waiting.getRequest().getAttribute(BODY) == null) {
                refuse(
                        (HttpServletResponse) waiting.getResponse(),
                        HttpServletResponse.SC_REQUEST_TIMEOUT,
                        "The body of the request did not come within " + MOST_TIME.toSeconds() + " seconds.");
                waiting.complete();
            }
        }

        @Override
        public void onComplete(AsyncEvent event) {}

        @Override
        public void onError(AsyncEvent event) {}

        @Override
        public void onStartAsync(AsyncEvent event) {}
    }

    /** A request whose body is there. */
    private static final class Whole extends HttpServletRequestWrapper {
        private final byte[] body;

        Whole(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        /** To later filters it is an ordinary request. */
        @Override
        public DispatcherType getDispatcherType() {
            return DispatcherType.REQUEST;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream bytes = new ByteArrayInputStream(body);
            return new ServletInputStream() {
                @Override
                public boolean isFinished() {
                    return bytes.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new IllegalStateException("the body is there already");
                }

                @Override
                public int read() {
                    return bytes.read();
                }

                @Override
                public int read(byte[] into, int offset, int length) {
                    return bytes.read(into, offset, length);
                }
            };
        }

        @Override
        public BufferedReader getReader() {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }
}
