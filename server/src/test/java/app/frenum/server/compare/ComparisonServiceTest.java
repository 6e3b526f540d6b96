package app.frenum.server.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.server.analysis.DrivenTest;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.analysis.StopsChanged;
import app.frenum.server.garage.GarageService;
import app.frenum.server.garage.VehicleView;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.PlannedStops;
import app.frenum.server.plan.TestDefinition;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Comparing reads every stop of a test, which is slow; the answer is kept while it holds. */
class ComparisonServiceTest {
    private final UUID test = UUID.randomUUID();
    private final GarageService garage = mock();
    private final StopReader stops = mock();
    private final PlannedStops planned = mock();
    private final PlanService plans = mock();
    private final ComparisonService service = new ComparisonService(garage, stops, planned, plans);

    @BeforeEach
    void anEmptyTest() {
        when(planned.aimOf(any())).thenReturn(new PlannedStops.Aim(0, 1, false));
        when(stops.driven(test)).thenReturn(nothing());
        when(garage.vehicle(any())).thenReturn(new VehicleView(UUID.randomUUID(), "Estate", "", null, 0));
    }

    private DrivenTest nothing() {
        TestDefinition asked = new TestDefinition(
                test,
                UUID.randomUUID(),
                "?",
                "",
                null,
                new Quantity(90, Unit.KILOMETRES_PER_HOUR),
                DistanceBasis.ONSET_TO_REST,
                1,
                false,
                null,
                LocalDate.EPOCH,
                false);
        return new DrivenTest(asked, List.of(), List.of(), List.of(), Map.of(), Map.of());
    }

    @Test
    void readsTheStopsOnceUntilTheyChange() {
        service.compare(test, null, false);
        service.compare(test, null, false);
        verify(stops, times(1)).driven(any());
        service.forget(new StopsChanged(UUID.randomUUID()));
        service.compare(test, null, false);
        verify(stops, times(1)).driven(any());
        service.forget(new StopsChanged(test));
        service.compare(test, null, false);
        verify(stops, times(2)).driven(any());
    }

    @Test
    void doesNotKeepAnAnswerThatWasReadWhileTheStopsChanged() {
        when(stops.driven(any())).thenAnswer(call -> {
            service.forget(new StopsChanged(test));
            return nothing();
        });
        service.compare(test, null, false);
        assertThat(service.compare(test, null, false).sides()).isEmpty();
        verify(stops, times(2)).driven(any());
    }
}
