package app.frenum.server.intake;

import app.frenum.core.log.Role;
import app.frenum.formats.BadInput;
import app.frenum.formats.log.LogHeader;
import app.frenum.formats.log.LogReader;
import app.frenum.server.problem.Problem;
import java.io.IOException;
import java.time.Clock;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What the columns of a header mean, as somebody once said: asked once for every logger. */
@Component
class RememberedRoles {
    private final LoggerRolesRepository loggerRoles;
    private final UploadFolder folder;
    private final JsonMapper json;
    private final Clock clock;

    RememberedRoles(LoggerRolesRepository loggerRoles, UploadFolder folder, JsonMapper json, Clock clock) {
        this.loggerRoles = loggerRoles;
        this.folder = folder;
        this.json = json;
        this.clock = clock;
    }

    Map<Integer, Role> of(UUID id) throws IOException, BadInput {
        String fingerprint = LogReader.header(folder.path(id), Map.of()).fingerprint();
        return loggerRoles
                .findById(fingerprint)
                .map(r -> json.readValue(r.roles(), new TypeReference<Map<Integer, Role>>() {}))
                .orElse(Map.of());
    }

    /** Remembers which columns mean what for every file with this header. */
    @Transactional
    void remember(UUID id, Map<Integer, Role> roles) throws IOException, BadInput {
        if (!folder.has(id)) {
            throw Problem.notFound("The file");
        }
        LogHeader header = LogReader.header(folder.path(id), roles);
        long distinct =
                roles.values().stream().filter(r -> r != Role.EXTRA).distinct().count();
        if (distinct < roles.values().stream().filter(r -> r != Role.EXTRA).count()) {
            throw Problem.invalid("roles", "Two columns have the same role; each role belongs to one column.");
        }
        LoggerRoles row = loggerRoles
                .findById(header.fingerprint())
                .orElseGet(() -> new LoggerRoles(header.fingerprint(), clock.instant()));
        row.setRoles(json.writeValueAsString(roles), clock.instant());
        loggerRoles.save(row);
    }
}
