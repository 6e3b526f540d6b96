package app.frenum.server.guard;

import app.frenum.formats.PlainText;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses addresses whose text is no text: not UTF-8, badly escaped, or with characters that cannot be shown. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class PlainQuery extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isPlain(request.getQueryString()) && isPlain(request.getRequestURI())) {
            chain.doFilter(request, response);
        } else {
            Refusal.send(
                    response,
                    HttpStatus.BAD_REQUEST,
                    "The request cannot be read",
                    "Its address holds text that is not UTF-8, or characters that cannot be shown.");
        }
    }

    private static boolean isPlain(String escaped) {
        if (escaped == null) {
            return true;
        }
        try {
            // Decoded to bytes first: whether those are UTF-8 must be seen.
            byte[] bytes =
                    URLDecoder.decode(escaped, StandardCharsets.ISO_8859_1).getBytes(StandardCharsets.ISO_8859_1);
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return PlainText.firstForeign(text).isEmpty();
        } catch (CharacterCodingException | IllegalArgumentException e) {
            return false;
        }
    }
}
