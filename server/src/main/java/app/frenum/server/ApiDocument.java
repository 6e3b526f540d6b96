package app.frenum.server;

import app.frenum.core.quantity.Figure;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI document, at /api/openapi. */
@Configuration(proxyBeanMethods = false)
class ApiDocument {
    static {
        SpringDocUtils.getConfig().replaceWithClass(Figure.class, WrittenFigure.class);
    }

    /**
     * A figure as it is written.
     *
     * @param value the figure; absent when it cannot be computed
     * @param reason why it cannot be computed; absent when it can
     */
    record WrittenFigure(Double value, String reason) {}

    @Bean
    OpenAPI frenumApi() {
        return new OpenAPI()
                .info(new Info().title("Frenum").version("1").description("SI units, bar and °C throughout."));
    }
}
