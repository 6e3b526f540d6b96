package app.frenum.server.screen;

import app.frenum.core.people.Who;
import app.frenum.server.account.AccountView;
import app.frenum.server.problem.Problem;
import app.frenum.server.who.Asker;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import app.frenum.server.who.WhoHeader;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Lets nobody do what is not theirs. A route that does not say what it does is nobody's. */
@Configuration(proxyBeanMethods = false)
class DeedGuard implements HandlerInterceptor, WebMvcConfigurer {
    private static final String OWN = "app.frenum.";

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (request.getDispatcherType() != DispatcherType.REQUEST
                || !(handler instanceof HandlerMethod method)
                || !method.getBeanType().getName().startsWith(OWN)) {
            return true;
        }
        Deed deed = Optional.ofNullable(method.getMethodAnnotation(Does.class))
                .map(Does::value)
                .orElse(Deed.GOVERNS);
        if (deed == Deed.GREETS) {
            return true;
        }
        Asker asker = signedIn().map(s -> asker(s, request)).orElseThrow(() -> Problem.signIn("Sign in first."));
        asker.makes(request);
        asker.mustBeAllowedTo(deed);
        return true;
    }

    private static Optional<SignedIn> signedIn() {
        return SecurityContextHolder.getContext().getAuthentication() instanceof ScreenAuthentication at
                ? Optional.of(at.signedIn())
                : Optional.empty();
    }

    /** Whoever holds the screen, as it says; where it says nothing, whoever signed in last. */
    private static Asker asker(SignedIn at, HttpServletRequest request) {
        Who said = WhoHeader.read(request.getHeader(WhoHeader.NAME));
        List<AccountView> people = at.people();
        AccountView holder = said.isNamed()
                ? people.stream()
                        .filter(p -> p.name().equals(said.name()))
                        .findFirst()
                        .orElseThrow(() -> Problem.signInHere(said.name()))
                : people.get(people.size() - 1);
        return new Asker(new Who(holder.name()), holder.role(), at.screen(), at.screenName());
    }
}
