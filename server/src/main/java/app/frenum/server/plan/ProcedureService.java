package app.frenum.server.plan;

import app.frenum.core.procedure.Procedure;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.server.Raced;
import app.frenum.server.document.Documents;
import app.frenum.server.problem.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The library of procedures: those that come with Frenum, and a person's own. */
@Service
@Raced
@Transactional
public class ProcedureService {
    private final List<ProcedureView> builtIn;
    private final ProcedureCopyRepository copies;
    private final Documents documents;

    ProcedureService(ProcedureCopyRepository copies, JsonMapper json, Documents documents) throws IOException {
        this.copies = copies;
        this.documents = documents;
        this.builtIn = readBuiltIn(json);
    }

    private static List<ProcedureView> readBuiltIn(JsonMapper json) throws IOException {
        Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:procedures/*.json");
        Arrays.sort(files, Comparator.comparing(f -> Objects.requireNonNull(f.getFilename())));
        List<ProcedureView> out = new ArrayList<>();
        for (Resource file : files) {
            String key = Objects.requireNonNull(file.getFilename());
            try (InputStream content = file.getInputStream()) {
                UUID id = UUID.nameUUIDFromBytes(key.replaceAll("^\\d+-", "").getBytes(StandardCharsets.UTF_8));
                out.add(new ProcedureView(id, json.readValue(content, Procedure.class), true, 0));
            }
        }
        return List.copyOf(out);
    }

    @Transactional(readOnly = true)
    public List<ProcedureView> procedures() {
        List<ProcedureView> all = new ArrayList<>(builtIn);
        copies.findAllByOrderByName().forEach(c -> all.add(view(c)));
        return all;
    }

    @Transactional(readOnly = true)
    public ProcedureView procedure(UUID id) {
        return procedures().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problem.notFound("The procedure"));
    }

    /** Stores a person's own procedure, new or changed; one that contradicts itself is refused field by field. */
    public ProcedureView save(ProcedureView procedure) {
        if (builtIn.stream().anyMatch(p -> p.id().equals(procedure.id()))) {
            throw Problem.invalid("id", "A procedure that came with Frenum stays as it is. Save a copy of it.");
        }
        List<FieldProblem> problems = procedure.procedure().problems();
        if (!problems.isEmpty()) {
            throw Problem.invalid(problems);
        }
        Optional<ProcedureCopy> known = copies.findById(procedure.id());
        if (known.isPresent() && view(known.get()).procedure().equals(procedure.procedure())) {
            return view(known.get());
        }
        if (known.isPresent() && known.get().version() != procedure.version()) {
            throw Problem.changedMeanwhile();
        }
        ProcedureCopy row = known.orElseGet(() -> new ProcedureCopy(procedure.id()));
        row.set(procedure.procedure().name().strip(), documents.write(procedure.procedure()));
        return view(copies.saveAndFlush(row));
    }

    private ProcedureView view(ProcedureCopy c) {
        return new ProcedureView(c.id(), documents.read(c.spec(), Procedure.class), false, c.version());
    }
}
