package app.frenum.server.screen;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Tells Spring Security who is signed in. Nothing is saved through it: sessions remember ids, and no objects of its own. */
@Component
class ScreenContexts implements SecurityContextRepository {
    private final ScreenSession session;

    ScreenContexts(ScreenSession session) {
        this.session = session;
    }

    @Override
    @SuppressWarnings("deprecation")
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        return session.read(holder.getRequest())
                .map(signedIn -> new SecurityContextImpl(new ScreenAuthentication(signedIn)))
                .orElseGet(SecurityContextImpl::new);
    }

    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
        // Signing in writes the session itself.
    }

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return request.getSession(false) != null;
    }
}
