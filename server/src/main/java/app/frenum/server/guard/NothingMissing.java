package app.frenum.server.guard;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.json.JsonMapper;

/**
 * A value of the core has no holes: what a request leaves out of one, or sends as null, is refused with its place instead
 * of failing where it is first used. What was stored is read as it was; only requests are read so.
 */
@Configuration(proxyBeanMethods = false)
class NothingMissing implements WebMvcConfigurer {
    private static final String CORE = "app.frenum.core.";

    private final JsonMapper json;

    NothingMissing(JsonMapper json) {
        this.json = json;
    }

    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder converters) {
        JsonMapper strict = json.rebuild().annotationIntrospector(new Strict()).build();
        converters.withJsonConverter(new JacksonJsonHttpMessageConverter(strict));
    }

    private static final class Strict extends JacksonAnnotationIntrospector {
        private static final long serialVersionUID = 1L;

        @Override
        public JsonSetter.Value findSetterInfo(MapperConfig<?> config, Annotated a) {
            return a instanceof AnnotatedParameter p && mayNotBeMissing(p)
                    ? holdsMany(p.getRawType())
                            ? JsonSetter.Value.construct(Nulls.AS_EMPTY, Nulls.FAIL)
                            : JsonSetter.Value.forValueNulls(Nulls.FAIL)
                    : super.findSetterInfo(config, a);
        }

        /** None of many is a sensible thing to say by leaving it out; one of them that is none, is not. */
        private static boolean holdsMany(Class<?> type) {
            return Map.class.isAssignableFrom(type) || Collection.class.isAssignableFrom(type);
        }

        private static boolean mayNotBeMissing(AnnotatedParameter p) {
            Class<?> of = p.getOwner().getDeclaringClass();
            boolean ofTheCore = of.isRecord() && of.getName().startsWith(CORE);
            return ofTheCore
                    && !Optional.class.equals(p.getRawType())
                    && !p.getRawType().isPrimitive();
        }
    }
}
