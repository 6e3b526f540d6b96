package app.frenum.core.accuracy;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.BiConsumer;

/** The kinds of log that accuracy is measured on. Each sets up a car and its logger; what is random is drawn per log. */
final class LogKinds {
    /** A car and the logger in it, to be set up by a kind. */
    interface Kind extends BiConsumer<TestCar, LoggerModel> {}

    private final Map<String, Kind> all = new LinkedHashMap<>();

    private LogKinds() {}

    static Map<String, Kind> all() {
        LogKinds kinds = new LogKinds();
        kinds.prompt();
        kinds.lateSpeed();
        kinds.lateChannels();
        kinds.scale();
        kinds.faults();
        kinds.driving();
        kinds.snubs();
        kinds.vehicles();
        return kinds.all;
    }

    private void add(String name, Kind kind) {
        all.put(name, kind);
    }

    private void prompt() {
        for (double hz : new double[] {100, 50, 25, 10}) {
            double rate = hz;
            String at = String.format(Locale.ROOT, "%.0f Hz satellite speed", rate);
            add(at + " alone", (c, l) -> l.speed("GPS speed").rate(rate).scaled(gps(c)));
            add(at + ", pressure", (c, l) -> {
                l.speed("GPS speed").rate(rate).scaled(gps(c));
                l.pressure();
            });
            add(at + ", switch", (c, l) -> {
                l.speed("GPS speed").rate(rate).scaled(gps(c));
                l.brakeSwitch();
            });
            add(at + ", accelerometer", (c, l) -> {
                l.speed("GPS speed").rate(rate).scaled(gps(c));
                l.accelerometer();
            });
        }
        add("1 Hz satellite speed alone", (c, l) -> l.speed("GPS speed").rate(1).scaled(gps(c)));
        add("5 Hz satellite speed, accelerometer", (c, l) -> {
            l.speed("GPS speed").rate(5).scaled(gps(c)).late(0.2);
            l.accelerometer();
        });
        add("noisy speed 0.15 m/s alone", (c, l) -> l.speed("GPS speed").noisy(0.15, 0.01));
        add("speed in whole km/h, switch", (c, l) -> {
            l.speed("GPS speed").noisy(0.02, 1 / 3.6);
            l.brakeSwitch();
        });
    }

    private void lateSpeed() {
        for (double late : new double[] {0.1, 0.2, 0.4}) {
            for (double hz : new double[] {100, 50, 25, 10}) {
                String at = String.format(Locale.ROOT, "%.0f Hz speed %.1f s late", hz, late);
                add(at + ", switch", (c, l) -> {
                    l.speed("GPS speed").rate(hz).late(late);
                    l.brakeSwitch();
                });
                if (hz == 50 || hz == 10) {
                    add(at + ", pressure", (c, l) -> {
                        l.speed("GPS speed").rate(hz).late(late);
                        l.pressure();
                    });
                }
            }
        }
        add("100 Hz speed filtered 0.15 s, switch", (c, l) -> {
            l.speed("vehicle speed bus").filtered(0.15).scaled(bus(c));
            l.brakeSwitch();
        });
        add("100 Hz speed filtered 0.15 s, pressure", (c, l) -> {
            l.speed("vehicle speed bus").filtered(0.15).scaled(bus(c));
            l.pressure();
        });
        add("50 Hz speed 0.3 s late, accelerometer", (c, l) -> {
            l.speed("GPS speed").rate(50).late(0.3);
            l.accelerometer();
        });
        add("100 Hz speed 0.2 s late alone", (c, l) -> l.speed("GPS speed").late(0.2));
    }

    private void lateChannels() {
        for (double late : new double[] {0.1, 0.25, 0.5}) {
            add("pressure " + late + " s late", (c, l) -> {
                l.speed("GPS speed");
                l.pressure().late(late);
            });
        }
        add("pressure 0.25 s late, accelerometer", (c, l) -> {
            l.speed("GPS speed");
            l.pressure().late(0.25);
            l.accelerometer();
        });
        add("switch 0.3 s late", (c, l) -> {
            l.speed("GPS speed");
            l.brakeSwitch().late(0.3);
        });
        add("switch 0.3 s late, pressure", (c, l) -> {
            l.speed("GPS speed");
            l.brakeSwitch().late(0.3);
            l.pressure();
        });
        add("accelerometer 0.15 s late, pressure", (c, l) -> {
            l.speed("GPS speed");
            l.accelerometer().late(0.15);
            l.pressure();
        });
    }

    private void scale() {
        add("wheels only, scale 1.5 %", (c, l) -> l.wheels().forEach(w -> w.scaled(1.015)));
        add(
                "wheels only, slip 5 %",
                (c, l) -> {
                    c.slipShare = 0.05;
                    l.wheels();
                });
        add("wheels only, pressure", (c, l) -> {
            l.wheels().forEach(w -> w.scaled(1.0));
            l.pressure();
        });
        add(
                "bus speed from wheels",
                (c, l) -> l.speed("wheel based bus speed").scaled(bus(c)).late(0.05));
        add("bus speed from wheels, pressure", (c, l) -> {
            l.speed("wheel based bus speed").scaled(bus(c)).late(0.05);
            l.pressure();
        });
        add(
                "dash speed 3 % high",
                (c, l) -> l.speed("dash speed").rate(10).scaled(1.03).noisy(0.05, 0.05));
        add(
                "dash speed 3 % high, pressure",
                (c, l) -> {
                    l.speed("dash speed").rate(10).scaled(1.03).noisy(0.05, 0.05);
                    l.pressure();
                });
        add("hard first bite, wheels only", (c, l) -> {
            c.slipOvershoot = 0.12;
            l.wheels();
        });
        add(
                "hard braking, 6 % slip, wheels only, pressure",
                (c, l) -> {
                    c.brakingMps2 = 11;
                    c.slipShare = 0.05;
                    c.slipOvershoot = 0.04;
                    l.wheels();
                    l.pressure();
                });
        add(
                "hard braking, 6 % slip, wheels only, accelerometer",
                (c, l) -> {
                    c.brakingMps2 = 11;
                    c.slipShare = 0.05;
                    c.slipOvershoot = 0.04;
                    l.wheels();
                    l.accelerometer();
                });
        add("hard first bite, wheels only, pressure", (c, l) -> {
            c.slipOvershoot = 0.12;
            l.wheels();
            l.pressure();
        });
    }

    private void faults() {
        for (double held : new double[] {0.6, 1.2, 2.5}) {
            add("speed held for " + held + " s, pressure", (c, l) -> {
                l.speed("GPS speed").fault(0.5, held, false);
                l.pressure();
            });
            add("speed zero for " + held + " s, pressure", (c, l) -> {
                l.speed("GPS speed").fault(0.5, held, true);
                l.pressure();
            });
        }
        add("speed held for 0.6 s, accelerometer", (c, l) -> {
            l.speed("GPS speed").fault(0.8, 0.6, false);
            l.accelerometer();
        });
        add("speed held for 0.6 s alone", (c, l) -> l.speed("GPS speed").fault(0.8, 0.6, false));
        add("speed zero for 0.6 s alone", (c, l) -> l.speed("GPS speed").fault(0.8, 0.6, true));
    }

    private void driving() {
        for (double lift : new double[] {0.3, 0.8, 1.5}) {
            add("throttle lift of 1.2 m/s² " + lift + " s before, alone", (c, l) -> {
                c.engineDragMps2 = 1.2;
                c.liftBeforeS = lift;
                l.speed("GPS speed");
            });
        }
        add("throttle lift, accelerometer", (c, l) -> {
            c.engineDragMps2 = 1.0;
            c.liftBeforeS = 0.7;
            l.speed("GPS speed");
            l.accelerometer();
        });
        add("two stages of the pedal, alone", (c, l) -> {
            c.lightFirstS = 0.5;
            l.speed("GPS speed");
        });
        add("two stages of the pedal, pressure", (c, l) -> {
            c.lightFirstS = 0.5;
            l.speed("GPS speed");
            l.pressure();
        });
        add(
                "2 % downhill, alone",
                (c, l) -> {
                    c.grade = -0.02;
                    l.speed("GPS speed");
                });
        add(
                "2 % uphill, accelerometer",
                (c, l) -> {
                    c.grade = 0.02;
                    l.speed("GPS speed");
                    l.accelerometer();
                });
        add("headwind 10 m/s, alone", (c, l) -> {
            c.headwindMps = 10;
            l.speed("GPS speed");
        });
        add("soft braking 4 m/s², alone", (c, l) -> {
            c.brakingMps2 = 4;
            l.speed("GPS speed");
        });
        add("anti-lock, pressure", (c, l) -> {
            c.antiLock = true;
            l.speed("GPS speed");
            l.pressure();
        });
    }

    private void snubs() {
        add("snubs, 10 Hz satellite speed alone", (c, l) -> {
            c.exitMps = 11;
            l.speed("GPS speed").rate(10);
        });
        add("snubs, 10 Hz satellite speed 0.2 s late, pressure", (c, l) -> {
            c.exitMps = 11;
            l.speed("GPS speed").rate(10).late(0.2);
            l.pressure();
        });
        add("snubs, 100 Hz, pressure", (c, l) -> {
            c.exitMps = 11;
            l.speed("GPS speed");
            l.pressure();
        });
        add("snubs, 100 Hz, accelerometer", (c, l) -> {
            c.exitMps = 11;
            l.speed("GPS speed");
            l.accelerometer();
        });
        add("snubs, 100 Hz, switch", (c, l) -> {
            c.exitMps = 11;
            l.speed("GPS speed");
            l.brakeSwitch();
        });
    }

    private void vehicles() {
        add("motorcycle, accelerometer", (c, l) -> {
            c.motorcycle = true;
            c.brakingMps2 = 7.5;
            l.speed("GPS speed").rate(10).late(0.15);
            l.accelerometer();
        });
        add("motorcycle, pressure", (c, l) -> {
            c.motorcycle = true;
            c.brakingMps2 = 7.5;
            l.speed("GPS speed").rate(25).late(0.15);
            l.pressure();
        });
        add("air brakes, pressure", (c, l) -> {
            air(c);
            l.speed("GPS speed");
            l.pressure().scaled(0.2);
        });
        add("air brakes, switch", (c, l) -> {
            air(c);
            l.speed("GPS speed");
            l.brakeSwitch();
        });
        add("air brakes, alone", (c, l) -> {
            air(c);
            l.speed("GPS speed");
        });
        add("200 km/h, pressure", (c, l) -> {
            c.speedMps = 55;
            l.speed("GPS speed").late(0.1);
            l.pressure();
        });
        add("40 km/h, alone", (c, l) -> {
            c.speedMps = 11;
            l.speed("GPS speed");
        });
    }

    private static void air(TestCar c) {
        c.lineRiseS = 0.25;
        c.padLagS = 0.12;
        c.brakingMps2 = 5.5;
        c.speedMps = 22;
    }

    /** A satellite receiver's scale: 0.1 % (k = 1). */
    private static double gps(TestCar c) {
        return 1 + 0.001 * c.random.nextGaussian();
    }

    /** A bus or wheel speed's: 1 %. */
    private static double bus(TestCar c) {
        return 1 + 0.01 * c.random.nextGaussian();
    }
}
