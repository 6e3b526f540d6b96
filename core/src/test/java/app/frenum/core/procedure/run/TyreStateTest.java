package app.frenum.core.procedure.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.quantity.Figure;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TyreStateTest {
    private static final Figure AIR = Figure.of(14);
    private static final Figure NONE = Figure.unknown("nobody read it");

    @Test
    void whatSomebodySaidGoesBeforeWhatTheTreadTells() {
        assertThat(TyreState.of(Optional.of(TyreState.COLD), Figure.of(70), AIR))
                .contains(TyreState.COLD);
        assertThat(TyreState.of(Optional.empty(), Figure.of(34), AIR)).contains(TyreState.WARM);
        assertThat(TyreState.of(Optional.empty(), Figure.of(33), AIR)).contains(TyreState.COLD);
        assertThat(TyreState.of(Optional.empty(), Figure.of(33), NONE))
                .as("33 °C is a warm tyre in winter and a cold one in August")
                .isEmpty();
        assertThat(TyreState.of(Optional.empty(), NONE, AIR)).isEmpty();
    }

    @Test
    void wordsOfTiredPeopleAreUnderstood() {
        assertThat(TyreState.named(" W ")).contains(TyreState.WARM);
        assertThat(TyreState.named("Hot")).contains(TyreState.WARM);
        assertThat(TyreState.named("cold")).contains(TyreState.COLD);
        assertThat(TyreState.named("so-so")).isEmpty();
    }
}
