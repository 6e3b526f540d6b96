package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The interface's types are generated from web/openapi.json, so that file must be what the server says today. */
class ApiDocumentTest {
    @Test
    void theInterfaceIsGeneratedFromTodaysApi() {
        ObjectNode today = (ObjectNode) RunningServer.shared().get("/api/openapi");
        today.remove("servers");
        JsonNode kept = new JsonMapper().readTree(Path.of("../web/openapi.json").toFile());
        assertThat(kept.get("components"))
                .as(
                        "after a change of the API: curl -s URL/api/openapi | jq -S 'del(.servers)' > web/openapi.json, then npm run api")
                .isEqualTo(today.get("components"));
        assertThat(kept.get("paths")).isEqualTo(today.get("paths"));
    }
}
