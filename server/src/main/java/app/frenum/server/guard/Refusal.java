package app.frenum.server.guard;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;

/** An answer in the form of RFC 9457 from where no controller was reached. */
public final class Refusal {
    private Refusal() {}

    /** @param detail without quotation marks or anything that was sent */
    public static void send(HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType("application/problem+json");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        // What is left of the body is not waited for.
        response.setHeader("Connection", "close");
        response.getWriter()
                .write("{\"status\":%d,\"title\":\"%s\",\"detail\":\"%s\"}".formatted(status.value(), title, detail));
    }
}
