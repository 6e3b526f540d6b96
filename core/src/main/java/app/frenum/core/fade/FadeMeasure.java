package app.frenum.core.fade;

import app.frenum.core.quantity.Figure;

/** What fade is read from. */
public enum FadeMeasure {
    /** Deceleration per bar of line pressure: pressing less hard is no excuse. */
    PER_BAR {
        @Override
        public Figure of(FadeStop stop) {
            return stop.effectiveness();
        }
    },
    /** Mean fully developed deceleration, where no pressure was logged: a driver who presses less looks like fade. */
    BY_DECELERATION {
        @Override
        public Figure of(FadeStop stop) {
            return stop.mfdd();
        }
    },
    /** Stopping distance turned round, where there is nothing but a tape. */
    BY_DISTANCE {
        @Override
        public Figure of(FadeStop stop) {
            return stop.distanceM().map(s -> 1 / s);
        }
    };

    /** The measure of one stop; larger is stronger. */
    public abstract Figure of(FadeStop stop);
}
