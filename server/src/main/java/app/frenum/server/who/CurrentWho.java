package app.frenum.server.who;

import app.frenum.core.people.Who;
import app.frenum.server.problem.Problem;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.data.domain.AuditorAware;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;

/** The one place that tells who asks: of a request by its header, of what a device said by the device. */
@Component
public class CurrentWho implements AuditorAware<String>, HandlerMethodArgumentResolver {
    private final ThreadLocal<Who> acting = ThreadLocal.withInitial(() -> Who.UNNAMED);

    /** Who every row carries that is kept now. */
    @Override
    public Optional<String> getCurrentAuditor() {
        return Optional.of(now()).filter(Who::isNamed).map(Who::name);
    }

    private Who now() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                ? Asker.of(request.getRequest()).map(Asker::who).orElse(acting.get())
                : acting.get();
    }

    /** Does something for one that makes no request. */
    public <T> T as(Who who, Supplier<T> what) {
        Who before = acting.get();
        acting.set(who);
        try {
            return what.get();
        } finally {
            acting.set(before);
        }
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Who.class || parameter.getParameterType() == Asker.class;
    }

    /** The screen at which the change is made that is kept now; empty where no screen is. */
    public Optional<String> screen() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                ? Asker.of(request.getRequest()).map(Asker::screenName)
                : Optional.empty();
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest request,
            @Nullable WebDataBinderFactory factory) {
        Asker asker = Asker.of(request.getNativeRequest(HttpServletRequest.class))
                .orElseThrow(() -> Problem.signIn("Sign in first: this is kept with a name."));
        return parameter.getParameterType() == Who.class ? asker.who() : asker;
    }
}
