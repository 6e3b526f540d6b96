package app.frenum.core.stop;

import app.frenum.core.Kept;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every figure of the stops of one log of each kind of another origin, as it stands. */
class StopFiguresTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "100 Hz, 0.0 s late, alone",
                "100 Hz, 0.1 s late, pressure",
                "10 Hz, 0.3 s late, both",
                "10 Hz, 0.1 s late, alone",
                "100 Hz, noise 0.1 m/s, alone",
                "100 Hz, switch",
                "engine braking 0.5 s before, alone",
                "a light foot for 0.5 s first, pressure",
                "dip of 0.25 s, alone",
                "dip of 0.60 s, alone",
                "rolls back after rest, pressure",
                "anti-lock, wheels only",
                "all wheels locked to rest, wheels only",
                "clock jumps 0.3 s in one of four stops",
                "pressure drifts by -16 bar"
            })
    void everyFigureStands(String kind) {
        OtherCar car = new OtherCar(1000);
        OtherLogsTest.cases().get(kind).accept(car);
        car.stops = 2;
        List<MeasuredStop> stops = car.analysed();
        new Kept().add("stop", stops).stands("stop/" + kind.replaceAll("[^A-Za-z0-9.+-]+", "-"));
    }
}
