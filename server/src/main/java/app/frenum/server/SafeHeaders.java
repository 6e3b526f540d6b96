package app.frenum.server;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Tells the browser to run nothing but what ships with Frenum, to show it in no other page's frame, and to keep assets named
 * by their content.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 3)
class SafeHeaders extends OncePerRequestFilter {
    static final String POLICY = "Content-Security-Policy";

    /** Papers are drawn by their own styles, element by element; they have no script, and none may run in them. */
    private static final String OF_PAPERS = "default-src 'none'; style-src 'unsafe-inline'; img-src 'self' data:; "
            + "font-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    static String policy(String styles) {
        return ("default-src 'self'; style-src %s; img-src 'self' data:; object-src 'none'; base-uri 'none'; "
                        + "form-action 'self'; frame-ancestors 'none'")
                .formatted(styles);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean paper = request.getRequestURI().startsWith("/papers/");
        response.setHeader(POLICY, paper ? OF_PAPERS : policy("'self'"));
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Permissions-Policy", "camera=(self), geolocation=(), microphone=(), payment=(), usb=()");
        if (request.getRequestURI().startsWith("/assets/")) {
            response.setHeader("Cache-Control", "public, max-age=31536000, immutable");
        }
        if (request.getRequestURI().equals("/sw.js")) {
            response.setHeader("Cache-Control", "no-cache");
        }
        chain.doFilter(request, response);
    }
}
