package app.frenum.core.procedure;

import app.frenum.core.garage.VehicleSpec.Load;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;

/** Phases and procedures for tests, with sane defaults. */
public final class Phases {
    private Phases() {}

    public static Quantity kmh(double v) {
        return new Quantity(v, Unit.KILOMETRES_PER_HOUR);
    }

    public static Optional<Quantity> celsius(double t) {
        return Optional.of(new Quantity(t, Unit.CELSIUS));
    }

    public static Gate hottest(double celsius) {
        return Gate.timed(Optional.empty(), celsius(celsius), Optional.empty(), Optional.empty());
    }

    public static Phase phase(Phase.Kind kind, Quantity from, Quantity to, int repeats, Gate gate) {
        return phase(kind, from, to, BrakeSystem.WHOLE, repeats, gate, false);
    }

    public static Phase phase(
            Phase.Kind kind,
            Quantity from,
            Quantity to,
            BrakeSystem system,
            int repeats,
            Gate gate,
            boolean provesBack) {
        return new Phase(
                provesBack ? "proof" : kind.name(),
                kind,
                from,
                to,
                Optional.empty(),
                Phase.Gear.NEUTRAL,
                Load.LADEN,
                system,
                gate,
                repeats,
                3,
                true,
                Optional.empty(),
                provesBack,
                Phase.Whose.EVERY,
                Optional.empty());
    }

    public static Procedure procedure(Phase... phases) {
        return new Procedure(
                "Stops",
                "",
                List.of(phases),
                Optional.empty(),
                EnumSet.allOf(AbortRule.class),
                List.of(),
                List.of(),
                Procedure.RunBy.ANY_DRIVER,
                List.of());
    }
}
