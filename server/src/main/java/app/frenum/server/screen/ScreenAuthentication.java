package app.frenum.server.screen;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AbstractAuthenticationToken;

/** What Spring Security knows of whoever asks: a screen with the people signed in at it. */
final class ScreenAuthentication extends AbstractAuthenticationToken {
    private static final long serialVersionUID = 1L;

    private final transient SignedIn signedIn;

    ScreenAuthentication(SignedIn signedIn) {
        super(List.of());
        this.signedIn = signedIn;
        setAuthenticated(true);
    }

    SignedIn signedIn() {
        return signedIn;
    }

    @Override
    public Object getCredentials() {
        return "";
    }

    @Override
    public Object getPrincipal() {
        return signedIn.screen().toString();
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return this == other;
    }

    @Override
    public int hashCode() {
        return System.identityHashCode(this);
    }
}
