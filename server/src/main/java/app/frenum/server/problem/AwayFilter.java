package app.frenum.server.problem;

import app.frenum.server.guard.Refusal;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Says in words that the database is away, also where that is found before any controller: sessions are kept in it. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 4)
class AwayFilter extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(AwayFilter.class);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            Optional<Problem> trouble = DatabaseTrouble.of(e);
            if (trouble.isEmpty() || response.isCommitted()) {
                throw e;
            }
            LOG.warn(
                    "the database: {}",
                    NestedExceptionUtils.getMostSpecificCause(e).getMessage());
            Problem told = trouble.get();
            Refusal.send(response, told.status(), told.title(), String.valueOf(told.getMessage()));
        }
    }
}
