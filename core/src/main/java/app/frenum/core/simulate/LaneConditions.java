package app.frenum.core.simulate;

/**
 * The lane as the tyres and the discs feel it.
 *
 * @param grip largest friction between tyre and surface
 * @param slidingGrip friction of a locked wheel
 * @param grade rise/run in driving direction
 * @param ambientC air temperature
 */
public record LaneConditions(double grip, double slidingGrip, double grade, double ambientC) {}
