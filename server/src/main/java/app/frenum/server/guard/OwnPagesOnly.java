package app.frenum.server.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Keeps other pages out that run in a browser on this machine. A name that an attacker points at 127.0.0.1 is not one of
 * Frenum's ({@code Host}); a page from elsewhere says where it is from ({@code Origin}, {@code Sec-Fetch-Site}); and what
 * changes something is sent as JSON or as plain bytes, which no form of another page can.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OwnPagesOnly extends OncePerRequestFilter {
    private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]");
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    private final String address;
    private final String name;

    OwnPagesOnly(@Value("${server.address:127.0.0.1}") String address, @Value("${frenum.tls.name:}") String name) {
        this.name = name;
        this.address = address.contains(":") && !address.startsWith("[") ? "[" + address + "]" : address;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!isOwnName(request)) {
            Refusal.send(
                    response,
                    HttpStatus.MISDIRECTED_REQUEST,
                    "Not this address",
                    "Frenum is not called that. Open it under 127.0.0.1, or under the address that it was given.");
        } else if (isFromElsewhere(request)) {
            Refusal.send(
                    response,
                    HttpStatus.FORBIDDEN,
                    "Not from here",
                    "Another page sent this. Frenum answers its own pages and programs only.");
        } else if (!READING.contains(request.getMethod()) && !isUnlikeAForm(request)) {
            Refusal.send(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "The request cannot be read",
                    "What changes something is sent as application/json, and a file as application/octet-stream.");
        } else {
            chain.doFilter(request, response);
        }
    }

    /**
     * Loopback's names, the address that was configured, and the one by which this very connection came in. What other
     * machines call this one anybody beside it may claim to be, so that the name is taken only where a certificate shows it.
     */
    private boolean isOwnName(HttpServletRequest request) {
        String host = request.getHeader("Host");
        if (host == null) {
            return false;
        }
        String name = withoutPort(host).toLowerCase(Locale.ROOT);
        String own = request.getLocalAddr();
        return LOOPBACK.contains(name)
                || name.equals(address)
                || request.isSecure() && !name.isEmpty() && name.equals(this.name)
                || name.equals(own.contains(":") ? "[" + own + "]" : own);
    }

    private static String withoutPort(String host) {
        int bracket = host.lastIndexOf(']');
        int colon = host.lastIndexOf(':');
        return colon > bracket ? host.substring(0, colon) : host;
    }

    /** Programs send none of these headers. */
    private static boolean isFromElsewhere(HttpServletRequest request) {
        String origin = request.getHeader("Origin");
        if (origin != null) {
            return !request.getHeader("Host").equalsIgnoreCase(authority(origin));
        }
        boolean reads = READING.contains(request.getMethod());
        return !reads && "cross-site".equals(request.getHeader("Sec-Fetch-Site"));
    }

    private static @Nullable String authority(String origin) {
        try {
            return URI.create(origin).getAuthority();
        } catch (IllegalArgumentException e) {
            return null;
        }
    }

    /** A form can only post; what has another method is asked for first by a browser, and not allowed. */
    private static boolean isUnlikeAForm(HttpServletRequest request) {
        String type = request.getContentType();
        if (type == null) {
            return !request.getMethod().equals("POST");
        }
        String plain = type.toLowerCase(Locale.ROOT).split(";", 2)[0].strip();
        return plain.equals("application/json") || plain.equals("application/octet-stream");
    }
}
