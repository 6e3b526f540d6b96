package app.frenum.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class LeavesTest {
    private static Map<String, String> of(Object value) {
        return Leaves.of(new JsonMapper(), "spec", value);
    }

    @Test
    void aDocumentIsToldLeafByLeafAndAmountsAsTheyWereEntered() {
        String document = """
                {"name":"Rim paint","thresholds":[{"entered":260.0,"unit":"CELSIUS","inside":260.0},
                 {"entered":1.25,"unit":"KILOMETRES_PER_HOUR","inside":0.34}],
                 "asked":{"value":90,"unit":"KILOMETRES_PER_HOUR"},"pads":{"since":null,"worn":true},"$version":2}""";
        assertThat(of(document))
                .containsExactlyInAnyOrderEntriesOf(Map.of(
                        "spec.name", "Rim paint",
                        "spec.thresholds.1", "260 °C",
                        "spec.thresholds.2", "1.25 km/h",
                        "spec.asked", "90 km/h",
                        "spec.pads.worn", "true"));
    }

    @Test
    void whatOnlyLooksLikeOneIsTextAndLongTextIsCut() {
        assertThat(of("{as bought")).containsExactly(Map.entry("spec", "{as bought"));
        assertThat(of("x".repeat(600)).get("spec")).hasSize(501).endsWith("…");
        assertThat(of(new byte[7])).containsExactly(Map.entry("spec", "7 bytes"));
        assertThat(of(List.of("pads", "fluid"))).containsExactly(Map.entry("spec", "pads, fluid"));
        assertThat(of(List.of())).isEmpty();
        assertThat(of(new double[] {1})).isEmpty();
        assertThat(of(null)).isEmpty();
    }
}
