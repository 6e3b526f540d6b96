package app.frenum.server.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bodies that drip in would hold a worker each, for ever. Each has a deadline for the whole of it, more for a larger one,
 * and only so many may be on their way at once; small ones are read to their end before anything else is done, so that
 * no connection to the database waits for a sender.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class BodiesInTime extends OncePerRequestFilter {
    /** Everything but files: the largest is a bundle. */
    static final int LARGEST_JSON = 10 * 1024 * 1024 + 1;
    /** Of Tomcat's 200 workers; the others answer whoever only reads. */
    private static final int MOST_AT_ONCE = 64;

    private static final double GRACE_S = 15;
    private static final double SLOWEST_BYTES_PER_S = 64 * 1024;

    private final Semaphore onTheirWay = new Semaphore(MOST_AT_ONCE);
    private final LongSupplier nanos;

    @Autowired
    BodiesInTime() {
        this(System::nanoTime);
    }

    /** @param nanos a counter that only ever rises, in ns */
    BodiesInTime(LongSupplier nanos) {
        this.nanos = nanos;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() == 0
                || request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") == null) {
            chain.doFilter(request, response);
            return;
        }
        if (!onTheirWay.tryAcquire()) {
            Refusal.send(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Busy",
                    "Too much is being sent at once. Try again in a moment; nothing of this was taken.");
            return;
        }
        Released permit = new Released(onTheirWay);
        try {
            Timed timed = new Timed(request.getInputStream(), permit, nanos);
            if (isFile(request)) {
                chain.doFilter(new WithBody(request, timed), response);
            } else {
                readWhole(request, response, chain, timed);
            }
        } catch (TooSlow e) {
            if (!response.isCommitted()) {
                Refusal.send(
                        response,
                        HttpStatus.REQUEST_TIMEOUT,
                        "Too slow",
                        "What was sent did not come in time; nothing of it was kept. Send it again.");
            }
        } finally {
            permit.release();
        }
    }

    private static boolean isFile(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && type.startsWith("application/octet-stream");
    }

    private static void readWhole(
            HttpServletRequest request, HttpServletResponse response, FilterChain chain, Timed timed)
            throws IOException, ServletException {
        if (request.getContentLengthLong() > LARGEST_JSON) {
            tooLarge(response);
            return;
        }
        byte[] body = timed.readNBytes(LARGEST_JSON + 1);
        if (body.length > LARGEST_JSON) {
            tooLarge(response);
            return;
        }
        timed.permit.release();
        Optional<String> problem = JsonBody.problem(body);
        if (problem.isPresent()) {
            Refusal.send(response, HttpStatus.BAD_REQUEST, "The request cannot be read", problem.get());
            return;
        }
        chain.doFilter(new WithBody(request, new Whole(body)), response);
    }

    private static void tooLarge(HttpServletResponse response) throws IOException {
        Refusal.send(
                response,
                HttpStatus.CONTENT_TOO_LARGE,
                "Too large",
                "A request may have 10 MB, but for files that are brought in.");
    }

    /** A permit that is given back once. */
    private static final class Released {
        private final Semaphore of;
        private boolean released;

        Released(Semaphore of) {
            this.of = of;
        }

        void release() {
            if (!released) {
                released = true;
                of.release();
            }
        }
    }

    /** The whole body did not come in time. */
    static final class TooSlow extends IOException {
        private static final long serialVersionUID = 1L;
    }

    /** A body whose time runs. */
    private static final class Timed extends ServletInputStream {
        private final ServletInputStream from;
        private final Released permit;
        private final LongSupplier nanos;
        private final long began;
        private long read;

        Timed(ServletInputStream from, Released permit, LongSupplier nanos) {
            this.from = from;
            this.permit = permit;
            this.nanos = nanos;
            began = nanos.getAsLong();
        }

        private int counted(int n) throws TooSlow {
            if (n < 0) {
                permit.release();
                return n;
            }
            read += n;
            if ((nanos.getAsLong() - began) / 1e9 > GRACE_S + read / SLOWEST_BYTES_PER_S) {
                throw new TooSlow();
            }
            return n;
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
            try {
                return counted(from.read(buffer, offset, length));
            } catch (SocketTimeoutException e) {
                throw new TooSlow();
            }
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

    /** A body that is here. */
    private static final class Whole extends ServletInputStream {
        private final byte[] body;
        private int at;

        Whole(byte[] body) {
            this.body = body;
        }

        @Override
        public int read() {
            return at < body.length ? body[at++] & 0xFF : -1;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) {
            int n = Math.min(length, body.length - at);
            if (n <= 0 && length > 0) {
                return -1;
            }
            System.arraycopy(body, at, buffer, offset, n);
            at += n;
            return n;
        }

        @Override
        public boolean isFinished() {
            return at >= body.length;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new UnsupportedOperationException("it is here already");
        }
    }

    private static final class WithBody extends HttpServletRequestWrapper {
        private final ServletInputStream body;

        WithBody(HttpServletRequest request, ServletInputStream body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            return body;
        }
    }
}
