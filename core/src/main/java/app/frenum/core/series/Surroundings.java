package app.frenum.core.series;

import app.frenum.core.procedure.run.TyreState;
import app.frenum.core.quantity.Figure;
import java.util.Optional;

/**
 * Under what a stop was driven; empty or unknown where nobody wrote it down.
 *
 * @param load load state
 * @param surface dry, damp or wet
 * @param day the date
 * @param driver who drove
 * @param direction along the lane
 * @param ambientC °C
 * @param tyrePressureBar front, bar
 * @param tyresSaid cold or warm, as somebody said
 * @param tyreC read from the tread before the stop, °C
 */
public record Surroundings(
        Optional<String> load,
        Optional<String> surface,
        Optional<String> day,
        Optional<String> driver,
        Optional<String> direction,
        Figure ambientC,
        Figure tyrePressureBar,
        Optional<TyreState> tyresSaid,
        Figure tyreC) {
    /** Nobody wrote anything down. */
    public static final Surroundings UNKNOWN = new Surroundings(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Figure.unknown("ambient was not recorded"),
            Figure.unknown("tyre pressure was not recorded"),
            Optional.empty(),
            Figure.unknown("the tyres' temperature was not recorded"));

    /** Cold or warm, as said or as read. */
    public Optional<TyreState> tyres() {
        return TyreState.of(tyresSaid, tyreC, ambientC);
    }

    /** The same, with the tyres of one stop where somebody said. */
    public Surroundings withTyres(Optional<TyreState> said) {
        return new Surroundings(
                load, surface, day, driver, direction, ambientC, tyrePressureBar, said.or(() -> tyresSaid), tyreC);
    }

    /** The same, with the load and surface of one stop where they are known. */
    public Surroundings drivenWith(Optional<String> ownLoad, Optional<String> ownSurface) {
        return new Surroundings(
                ownLoad.or(() -> load),
                ownSurface.or(() -> surface),
                day,
                driver,
                direction,
                ambientC,
                tyrePressureBar,
                tyresSaid,
                tyreC);
    }

    /** These, and where they are not known those. */
    public Surroundings or(Surroundings those) {
        return new Surroundings(
                load.or(those::load),
                surface.or(those::surface),
                day.or(those::day),
                driver.or(those::driver),
                direction.or(those::direction),
                ambientC.isKnown() ? ambientC : those.ambientC,
                tyrePressureBar.isKnown() ? tyrePressureBar : those.tyrePressureBar,
                tyresSaid.or(those::tyresSaid),
                tyreC.isKnown() ? tyreC : those.tyreC);
    }
}
