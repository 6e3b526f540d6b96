package app.frenum.server.guard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

/** A body that drips in, with a made clock. */
class BodiesInTimeTest {
    private final AtomicLong nanos = new AtomicLong();
    private final BodiesInTime filter = new BodiesInTime(nanos::get);
    private final HttpServletResponse response = mock(HttpServletResponse.class);
    private final FilterChain chain = mock(FilterChain.class);
    private final StringWriter answered = new StringWriter();

    /** A byte every so many seconds. */
    private ServletInputStream dripping(int bytes, double everyS) {
        return new ServletInputStream() {
            private int sent;

            @Override
            public int read() {
                nanos.addAndGet(Math.round(everyS * 1e9));
                return sent++ < bytes ? ' ' : -1;
            }

            @Override
            public int read(byte[] buffer, int offset, int length) {
                int b = read();
                if (b >= 0) {
                    buffer[offset] = (byte) b;
                }
                return b < 0 ? -1 : 1;
            }

            @Override
            public boolean isFinished() {
                return sent >= bytes;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {}
        };
    }

    private void sent(ServletInputStream body) throws Exception {
        HttpServletRequest request = mock(HttpServletRequest.class);
        when(request.getContentLengthLong()).thenReturn(1000L);
        when(request.getContentType()).thenReturn("application/json");
        when(request.getInputStream()).thenReturn(body);
        when(response.getWriter()).thenReturn(new PrintWriter(answered, true));
        filter.doFilterInternal(request, response, chain);
    }

    @Test
    void oneThatComesInTimeIsPassedOnWhole() throws Exception {
        sent(dripping(10, 1));
        verify(response, never()).setStatus(anyInt());
        verify(chain).doFilter(any(), any());
    }

    @Test
    void oneThatDripsInIsRefusedAndNothingSeesIt() throws Exception {
        sent(dripping(1000, 1));
        verify(response).setStatus(408);
        assertThat(answered.toString()).contains("did not come in time");
        assertThat(nanos.get() / 1e9).as("s until it was refused").isBetween(15.0, 18.0);
        verify(chain, never()).doFilter(any(), any());
    }

    @Test
    void refusedOnesMakeRoomForOthers() throws Exception {
        for (int i = 0; i < 200; i++) {
            sent(dripping(1000, 10));
        }
        verify(response, never()).setStatus(503);
    }
}
