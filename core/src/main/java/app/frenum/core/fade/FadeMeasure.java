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

        @Override
        public Figure uncertaintyOf(FadeStop stop) {
            return stop.effectivenessU();
        }
    },
    /** Mean fully developed deceleration, where no pressure was logged: a driver who presses less looks like fade. */
    BY_DECELERATION {
        @Override
        public Figure of(FadeStop stop) {
            return stop.mfdd();
        }

        @Override
        public Figure uncertaintyOf(FadeStop stop) {
            return stop.mfddU();
        }
    },
    /** Stopping distance turned round, where there is nothing but a tape. */
    BY_DISTANCE {
        @Override
        public Figure of(FadeStop stop) {
            return stop.distanceM().map(s -> 1 / s);
        }

        @Override
        public Figure uncertaintyOf(FadeStop stop) {
            return stop.distanceM().isKnown()
                    ? stop.distanceU().map(u -> u / Math.pow(stop.distanceM().value(), 2))
                    : stop.distanceM();
        }
    };

    /** The measure of one stop; larger is stronger. */
    public abstract Figure of(FadeStop stop);

    /** Its standard uncertainty, in its own unit. */
    public abstract Figure uncertaintyOf(FadeStop stop);
}
