package app.frenum.server.report;

import app.frenum.formats.PlainText;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.LaneService;
import app.frenum.server.plan.LaneView;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.PlanView;
import app.frenum.server.plan.ProcedureService;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Writes run cards: the plan of a test on paper, usable with a pencil when all batteries are dead. */
@Service
@Transactional(readOnly = true)
public class RunCardService {
    private final TestService tests;
    private final PlanService plans;
    private final GarageService garage;
    private final ProcedureService procedures;
    private final LaneService lanes;
    private final TemplateEngine templates = templates();

    RunCardService(
            TestService tests,
            PlanService plans,
            GarageService garage,
            ProcedureService procedures,
            LaneService lanes) {
        this.tests = tests;
        this.plans = plans;
        this.garage = garage;
        this.procedures = procedures;
        this.lanes = lanes;
    }

    private static TemplateEngine templates() {
        ClassLoaderTemplateResolver resolver = new ClassLoaderTemplateResolver();
        resolver.setPrefix("report/");
        resolver.setSuffix(".html");
        resolver.setTemplateMode(TemplateMode.HTML);
        TemplateEngine engine = new TemplateEngine();
        engine.setTemplateResolver(resolver);
        return engine;
    }

    String page(UUID testId, RunCard.Units units) {
        // What was kept before it was refused at entry would break the PDF.
        return PlainText.cleaned(templates.process(
                "run-card", new Context(Locale.ENGLISH, Map.of("card", card(testId, units)))));
    }

    byte[] pdf(UUID testId, RunCard.Units units) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder pdf = new PdfRendererBuilder();
        pdf.useFont(() -> font("Archivo_400Regular.ttf"), "Archivo", 400, PdfRendererBuilder.FontStyle.NORMAL, true);
        pdf.useFont(() -> font("Archivo_600SemiBold.ttf"), "Archivo", 600, PdfRendererBuilder.FontStyle.NORMAL, true);
        // Nothing a person wrote may make the server fetch or read anything.
        pdf.useUriResolver((base, uri) -> null);
        pdf.withHtmlContent(page(testId, units), null);
        pdf.toStream(out);
        pdf.run();
        return out.toByteArray();
    }

    private static InputStream font(String name) {
        return Objects.requireNonNull(RunCardService.class.getResourceAsStream("/fonts/" + name));
    }

    private RunCard card(UUID testId, RunCard.Units units) {
        TestDefinition test = tests.test(testId);
        PlanView view = plans.plan(testId);
        if (view.plan() == null) {
            throw Problem.invalid("plan", "The run card is written from a saved plan. Plan the test first.");
        }
        Map<UUID, ConfigurationView> known = garage.byId(view.plan().configurationIds());
        List<String> names = view.plan().configurationIds().stream()
                .map(id -> Objects.requireNonNull(known.get(id)).label())
                .toList();
        return RunCard.of(
                new RunCard.Source(
                        test.question(),
                        garage.vehicle(test.vehicleId()).name(),
                        names,
                        procedures.procedure(view.plan().procedureId()).procedure(),
                        Optional.ofNullable(view.plan().laneId())
                                .map(lanes::lane)
                                .map(LaneView::lane),
                        view),
                units);
    }
}
