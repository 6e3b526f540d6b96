package app.frenum.server.intake;

import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** Whether the other end of a connection is still there, on a real one. */
class SenderTest {
    @Test
    void oneThatHasLeftIsNotWorkedForAnyMore() throws IOException {
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
                Socket client = new Socket(InetAddress.getLoopbackAddress(), server.getLocalPort());
                Socket accepted = server.accept()) {
            HttpServletRequest request = mock(HttpServletRequest.class);
            when(request.getLocalPort()).thenReturn(server.getLocalPort());
            when(request.getRemotePort()).thenReturn(accepted.getPort());
            Sender sender = Sender.of(request);
            sender.requireThere(1);
            client.shutdownOutput();
            assertTimeoutPreemptively(Duration.ofSeconds(20), () -> {
                while (isThere(sender)) {
                    Thread.onSpinWait();
                }
            });
        }
    }

    private static boolean isThere(Sender sender) {
        try {
            sender.requireThere(1);
            return true;
        } catch (Sender.Gone e) {
            return false;
        }
    }

    @Test
    void oneThatTheSystemDoesNotShowIsTakenToBeThere() {
        HttpServletRequest request = mock(HttpServletRequest.class);
        when(request.getLocalPort()).thenReturn(1);
        when(request.getRemotePort()).thenReturn(2);
        Sender.of(request).requireThere(1);
    }
}
