package app.frenum.server;

import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.filter.OncePerRequestFilter;

/** Hands every address of the interface to its one page, which does its own routing. */
@Controller
class WebPages {
    @Does(Deed.READS)
    @GetMapping({
        "/tests",
        "/tests/**",
        "/import",
        "/import/**",
        "/garage",
        "/procedures",
        "/plan",
        "/plan/**",
        "/devices",
        "/type"
    })
    String page() {
        return "forward:/index.html";
    }

    /** Tells the browser to run nothing but what ships with Frenum, and to keep assets named by their content. */
    @Component
    static class Headers extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            response.setHeader(
                    "Content-Security-Policy",
                    "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; object-src 'none'; "
                            + "base-uri 'none'; frame-ancestors 'none'");
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.setHeader("Referrer-Policy", "no-referrer");
            if (request.getRequestURI().startsWith("/assets/")) {
                response.setHeader("Cache-Control", "public, max-age=31536000, immutable");
            }
            chain.doFilter(request, response);
        }
    }
}
