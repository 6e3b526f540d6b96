package app.frenum.server;

import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Hands every address of the interface to its one page, which does its own routing. */
@Controller
class WebPages {
    /** What the page's own code needs for the few styles that it makes while it runs: nobody else can know it. */
    private static final String NONCE_PLACE = "<title>";

    private static final int NONCE_BYTES = 16;

    private final SecureRandom random = new SecureRandom();
    private final String page;

    WebPages(@Value("classpath:/static/index.html") Resource page) throws IOException {
        this.page = page.exists() ? page.getContentAsString(StandardCharsets.UTF_8) : "";
    }

    @Does(Deed.GREETS)
    @GetMapping({
        "/",
        "/index.html",
        "/tests",
        "/tests/**",
        "/import",
        "/import/**",
        "/garage",
        "/procedures",
        "/plan",
        "/plan/**",
        "/devices",
        "/type",
        "/people",
        "/history",
        "/join",
        "/trust"
    })
    ResponseEntity<String> page(HttpServletResponse response) {
        byte[] bytes = new byte[NONCE_BYTES];
        random.nextBytes(bytes);
        String nonce = Base64.getEncoder().encodeToString(bytes);
        String known = "<meta name=\"csp-nonce\" content=\"%s\" />%s".formatted(nonce, NONCE_PLACE);
        // In the place of the one that all answers have: two policies would both hold.
        response.setHeader(SafeHeaders.POLICY, SafeHeaders.policy("'self' 'nonce-" + nonce + "'"));
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
                .cacheControl(CacheControl.noStore())
                .body(page.replaceFirst(NONCE_PLACE, known));
    }
}
