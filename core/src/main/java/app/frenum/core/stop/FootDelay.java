package app.frenum.core.stop;

import app.frenum.core.quantity.Figure;

/**
 * From the foot on the pedal to the signal that dates an onset: switches close within 0.02 s, pressure rises after 0.03 to
 * 0.06 s, the vehicle slows after 0.04 to 0.08 s (hydraulic brakes; docs/handbook.md, "Which event counts").
 *
 * @param seconds delay, s
 * @param uncertaintyS standard uncertainty (k = 1), s
 */
record FootDelay(double seconds, double uncertaintyS) {
    static FootDelay of(OnsetSource source) {
        return switch (source) {
            case SWITCH -> new FootDelay(0.01, 0.006);
            case PRESSURE -> new FootDelay(0.045, 0.01);
            case DECELERATION -> new FootDelay(0.06, 0.015);
            case HAND -> new FootDelay(0, 0);
        };
    }

    Figure distance(Figure fromOnset, double v0, DistanceBasis basis) {
        return basis == DistanceBasis.ONSET_TO_REST
                ? fromOnset.map(s -> s + v0 * seconds)
                : Figure.unknown("the speed window does not start at the onset");
    }

    Figure uncertainty(Figure uFromOnset, double v0) {
        return uFromOnset.map(u -> Math.hypot(u, v0 * uncertaintyS));
    }
}
