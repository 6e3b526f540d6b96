package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.finding.AsWritten;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.log.LogFinding;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.Flag;
import app.frenum.core.stop.FlagFinding;
import app.frenum.formats.words.Catalogue;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** What is kept as JSON is read as it was, whichever Frenum wrote it. */
class CoreJsonTest {
    private final JsonMapper json =
            JsonMapper.builder().addModule(new CoreJson().coreModule()).build();

    @Test
    void everyFindingComesBackAsItWas() {
        Term[] terms = {
            Term.distance(2.04, 0.1).within(Figure.of(0.4)),
            Term.count(7),
            Term.name("A “quoted” <name>"),
            Finding.all(List.of(Finding.of(FlagFinding.LOCK_SEEN), AsWritten.of("said"))),
            new Term.Said(Finding.of(LogFinding.EMPTY_CELLS, Term.share(0.034))),
            Term.names(List.of("a", "b")),
            Term.temperature(-3.25, 0.1)
        };
        int next = 0;
        for (var code : Catalogue.codes()) {
            Term[] own = new Term[code.parameters().size()];
            for (int i = 0; i < own.length; i++) {
                own[i] = code.parameters().get(i).equals("n") ? Term.count(3) : terms[next++ % terms.length];
            }
            Finding finding = Finding.of(code, own);
            assertThat(json.readValue(json.writeValueAsString(finding), Finding.class))
                    .isEqualTo(finding);
        }
    }

    @Test
    void whatIsKeptNowComesBack() {
        Flag flag = Flag.of(FlagFinding.HOLE, Term.seconds(1.3, 0.1));
        assertThat(json.readValue(json.writeValueAsString(flag), Flag.class)).isEqualTo(flag);
    }

    /** A code that a later Frenum wrote is said in the words that it was kept with. */
    @ParameterizedTest
    @ValueSource(strings = {"FlagFinding.NOT_YET_THERE", "Nonsense"})
    void anUnknownCodeKeepsItsWords(String code) {
        String later =
                "{\"code\":\"%s\",\"terms\":{},\"text\":{\"metric\":\"5 m\",\"imperial\":\"16 ft\"}}".formatted(code);
        assertThat(json.readValue(later, Finding.class)).isEqualTo(AsWritten.of("5 m"));
    }
}
