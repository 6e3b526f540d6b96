package app.frenum.server;

import app.frenum.core.finding.Finding;
import app.frenum.core.people.Who;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.server.who.Asker;
import app.frenum.server.who.Does;
import app.frenum.server.who.WhoHeader;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import java.util.Arrays;
import java.util.Map;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI document, at /api/openapi. */
@Configuration(proxyBeanMethods = false)
class ApiDocument {
    static {
        SpringDocUtils.getConfig().replaceWithClass(Figure.class, WrittenFigure.class);
        SpringDocUtils.getConfig().replaceWithClass(Finding.class, WrittenFinding.class);
        SpringDocUtils.getConfig().replaceWithClass(Quantity.class, WrittenQuantity.class);
        SpringDocUtils.getConfig().replaceWithClass(Who.class, String.class);
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(Who.class, Asker.class);
    }

    /**
     * A figure as it is written.
     *
     * @param value the figure; absent when it cannot be computed
     * @param reason why it cannot be computed; absent when it can
     */
    record WrittenFigure(
            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            Double value,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            String reason) {}

    /**
     * Something to be said, as it is written.
     *
     * @param code what; names never change
     * @param terms what it speaks of, by name: an amount (kind, inside, step), a count, a name, another finding, or several
     * @param text the same in words
     */
    record WrittenFinding(String code, Map<String, Object> terms, WrittenText text) {}

    /** In each system of units. */
    record WrittenText(String metric, String imperial) {}

    /**
     * A quantity as it is written, and read.
     *
     * @param entered as typed
     * @param unit in which it was typed
     * @param inside in the inside unit of its dimension; not needed when sent
     */
    record WrittenQuantity(
            double entered,
            Unit unit,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            Double inside) {}

    /** Every route says what it does, and the name of whoever asks where it keeps one. */
    @Bean
    OperationCustomizer does() {
        return (operation, route) -> {
            Does does = route.getMethodAnnotation(Does.class);
            if (does != null) {
                operation.addExtension("x-does", does.value().name());
            }
            if (Arrays.stream(route.getMethodParameters()).anyMatch(p -> p.getParameterType() == Who.class)) {
                operation.setDescription("Needs a name in the header " + WhoHeader.NAME + ".");
            }
            return operation;
        };
    }

    @Bean
    OpenAPI frenumApi() {
        return new OpenAPI()
                .info(new Info().title("Frenum").version("1").description("SI units, bar and °C throughout."));
    }
}
